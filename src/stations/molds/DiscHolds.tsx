import { discForce, type DiscMeasure } from '@/model/molds/disc-force';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { numberText } from '@/text/number-text';
import { pressureText } from '@/text/quantity-text';
import { areaText } from '@/text/writer';
import { lengthText, massText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';

const MEASURES: Readonly<Record<DiscMeasure, string>> = {
  reachMm: 'how far out its cavities reach',
  poolMm: 'the pool’s radius',
  pistonMm: 'how far it is across the clamp’s piston',
};
const G_PER_KG = 1000;
const KPA_PER_BAR = 100;
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
        working={{
          title: 'What parts the halves',
          steps: [
            `metal that turns as one presses with density × turns² × (reach² − pool²) / 2: ${pressureText(force.pressureKpa / KPA_PER_BAR, length)} at ${spin.rpm} rpm`,
            `on ${areaText(force.projectedCm2, length)} that all cavities show to the parting plane, as if each lay as far out as the outermost: the safe side`,
            `the clamp: ${pressureText(spin.clampBar, length)} on its piston gives ${kgf(force.clampKgf)}`,
          ],
          inputs: [
            {
              name: metal.name,
              value: `${numberText(metal.densityGcm3, 4)} g/cm³`,
              basis: metal.densityBasis,
            },
            { name: 'cavities reach out to', value: lengthText(spin.reachMm ?? 0, length), basis: 'given' },
            { name: 'pool, radius', value: lengthText(spin.poolMm ?? 0, length), basis: 'given' },
            { name: 'piston, across', value: lengthText(spin.pistonMm ?? 0, length), basis: 'given' },
          ],
        }}
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
