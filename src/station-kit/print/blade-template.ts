import type { BladeFormId } from '@/core/builds/blades/definition';
import type { HolePattern, PlateHole } from '@/core/builds/hole-pattern';
import type { Plate } from '@/data/exchange/plate/plate';
import { bladePath } from '@/drawing/build/blade-path';
import { drillText } from '@/text/quantity-text';
import { lengthText } from '@/text/words';

export const HOLE_WORDS: Record<PlateHole['is'], string> = {
  punched: 'hole it came with',
  line: 'for the line',
  swing: 'for the eye',
};

const CROSS_MM = 3;
const MARGIN_MM = 4;
const mm = (value: number) => Number(value.toFixed(3));

/** A hole pattern as a sheet of true size: the blade's outline between two edge marks, a cross and a circle a hole. */
export function composeTemplate(
  title: string,
  { name: blade, form }: { readonly name: string; readonly form: BladeFormId },
  pattern: HolePattern,
  length: 'mm' | 'in',
): Plate {
  const text = (value: number) => lengthText(value, length);
  const { lengthMm, widthMm, holes } = pattern;
  const half = mm(widthMm / 2 + 2);
  const marks = [0, lengthMm].map((x) => `M${mm(x)} ${-half}L${mm(x)} ${half}`);
  const crosses = holes.flatMap(({ alongMm, asideMm, diameterMm }) => {
    const [x, y, r] = [mm(alongMm), mm(asideMm), mm(diameterMm / 2)];
    return [
      `M${mm(x - CROSS_MM)} ${y}L${mm(x + CROSS_MM)} ${y}`,
      `M${x} ${mm(y - CROSS_MM)}L${x} ${mm(y + CROSS_MM)}`,
      `M${mm(x - r)} ${y}A${r} ${r} 0 1 1 ${mm(x + r)} ${y}A${r} ${r} 0 1 1 ${mm(x - r)} ${y}`,
    ];
  });
  return {
    title,
    subtitle: `Hole template for ${blade}`,
    views: [
      {
        caption: `${text(lengthMm)} × ${text(widthMm)}, front edge left`,
        paths: [bladePath(form, lengthMm, widthMm), ...marks, ...crosses],
        boxMm: [-MARGIN_MM, -widthMm / 2 - MARGIN_MM, lengthMm + 2 * MARGIN_MM, widthMm + 2 * MARGIN_MM],
      },
    ],
    facts: holes.map(({ is, alongMm, asideMm, diameterMm }, index) => [
      `Hole ${index + 1}, ${HOLE_WORDS[is]}`,
      `${text(alongMm)} from the edge${asideMm === 0 ? '' : `, ${text(asideMm)} aside`}, drill ${drillText(diameterMm, length)}`,
    ]),
    steps: [
      'Check the bar with a ruler. Cut the template out and tape it on the flattened blade, front edges together.',
      'Center-punch through the crosses that are still to be drilled.',
      'Clamp the blade to wood and drill slowly. Flatten it again, take the burr off.',
      'Try the blade in the eye, which was opened at the pour while the casting was warm. Close the eye.',
    ],
    caution:
      'Small sheet turns with the drill and cuts: clamp it, never hold it by hand. Eye protection. Follow the makers’ sheets and your local rules.',
  };
}
