import { discForce, type DiscMeasure } from '@/model/molds/disc-force';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { discWorking } from '@/station-kit/figures/disc-working';
import { massText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';

const MEASURES: Readonly<Record<DiscMeasure, string>> = {
  reachMm: 'how far out its cavities reach',
  poolMm: 'the pool’s radius',
  pistonMm: 'how far it is across the clamp’s piston',
};
const G_PER_KG = 1000;
/** Turns are told to so many, never up. */
const TURNS = 10;

/** Whether a spun disc is held together at its speed, where it is set; what is missing to say so. */
export function DiscHolds({ mold, metal }: { readonly mold: Mold; readonly metal: MetalBin }) {
  const { mass, length } = useUnits();
  const force = discForce(mold, metal.densityGcm3);
  if (!force || !mold.spin) return null;
  const { spin } = mold;
  if (force.is === 'unmeasured') {
    return (
      <p className="quiet">
        Whether it flashes at {spin.rpm} rpm is not known: measure{' '}
        {force.lacks.map((lack) => MEASURES[lack]).join(', ')}, under Change.
      </p>
    );
  }
  if (force.is === 'inside-pool') {
    return (
      <p role="alert" className="wrong">
        Its cavities are said to lie inside the pool. Measure both from the axis.
      </p>
    );
  }
  const kgf = (value: number) => massText(value * G_PER_KG, mass);
  const most = Math.floor(force.mostRpm / TURNS) * TURNS;
  return (
    <p role={force.holds ? undefined : 'alert'} className={force.holds ? 'quiet' : 'wrong'}>
      {force.holds
        ? 'The clamp holds it: the metal parts the halves with '
        : 'It flashes: the metal parts the halves with '}
      <Figure
        tone={force.holds ? 'ink' : 'alarm'}
        working={discWorking(force, spin, metal, { mass, length })}
      >
        {kgf(force.partingKgf)}
      </Figure>
      , it presses with {kgf(force.clampKgf)}.{' '}
      {force.holds
        ? `Up to ${most} rpm it does. A warped disc flashes sooner.`
        : `Spin it at ${most} rpm at most, or press harder.`}
    </p>
  );
}
