import type { Design } from '@/model/molds/design';
import type { MetalBin } from '@/records/bin';
import { numberText } from '@/text/number-text';
import { lengthText, massText } from '@/text/words';
import { roomText } from '@/text/writer';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** The size of a cavity that makes what is wished. */
export function solvedWorking(
  { volumeCm3, finishedG, scale, sizes, lengthMm }: Design,
  metal: MetalBin,
  field: { readonly key: string; readonly label: string } | null,
  { mass, length }: Pick<ScreenUnits, 'mass' | 'length'>,
): Working {
  return {
    title: field?.label ?? 'Length',
    steps: [
      field
        ? `only this size gives way, halved in until the room is right: ${lengthText(sizes[field.key] ?? 0, length)}`
        : `all sizes scaled ${numberText(scale, 4)} times, the cube root of the room wished over the room there was: ${lengthText(lengthMm, length)}`,
      `${roomText(volumeCm3, length, 5)} of cavity makes ${massText(finishedG, mass)}`,
    ],
    inputs: [
      { name: metal.name, value: `${numberText(metal.densityGcm3, 4)} g/cm³`, basis: metal.densityBasis },
      { name: 'shrinks', value: `${numberText(metal.shrinkLinear * 100, 2)} %`, basis: metal.shrinkBasis },
    ],
  };
}
