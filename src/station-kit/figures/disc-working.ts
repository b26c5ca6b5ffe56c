import type { DiscForce } from '@/model/molds/disc-force';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { numberText } from '@/text/number-text';
import { pressureText } from '@/text/quantity-text';
import { areaText } from '@/text/writer';
import { lengthText, massText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

const G_PER_KG = 1000;
const KPA_PER_BAR = 100;

/** What parts the halves of a spun disc at its speed. */
export function discWorking(
  { pressureKpa, projectedCm2, clampKgf }: Extract<DiscForce, { is: 'known' }>,
  spin: NonNullable<Mold['spin']>,
  metal: MetalBin,
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): Working {
  return {
    title: 'What parts the halves',
    steps: [
      `metal that turns as one presses with density × turns² × (reach² − pool²) / 2: ${pressureText(pressureKpa / KPA_PER_BAR, length)} at ${spin.rpm} rpm`,
      `on ${areaText(projectedCm2, length)} that all cavities show to the parting plane, as if each lay as far out as the outermost: the safe side`,
      `the clamp: ${pressureText(spin.clampBar, length)} on its piston gives ${massText(clampKgf * G_PER_KG, mass)}`,
    ],
    inputs: [
      { name: metal.name, value: `${numberText(metal.densityGcm3, 4)} g/cm³`, basis: metal.densityBasis },
      { name: 'cavities reach out to', value: lengthText(spin.reachMm ?? 0, length), basis: 'given' },
      { name: 'pool, radius', value: lengthText(spin.poolMm ?? 0, length), basis: 'given' },
      { name: 'piston, across', value: lengthText(spin.pistonMm ?? 0, length), basis: 'given' },
    ],
  };
}
