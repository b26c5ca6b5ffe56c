import type { CavityForm } from '@/core/solids/forms/definition';
import { lengthText } from '@/text/words';

/** A line of the drilling sheet. */
export interface DrillingStep {
  readonly text: string;
  /** The bit, mm; null where nothing is drilled. */
  readonly bitMm: number | null;
  /** How deep from the board's face, mm. */
  readonly depthMm: number | null;
}

/** A drill's tip leaves a board this much of its bit's width from the edge, at least. */
const EDGE = 1;

/** How a form is drilled into a board, step by step; none for a form that is not drilled. */
export function drillingSteps(
  form: CavityForm,
  sizes: Readonly<Record<string, number>>,
  length: 'mm' | 'in',
): DrillingStep[] {
  const mm = (value: number) => lengthText(Number(value.toFixed(2)), length);
  if (form.way !== 'drilled') return [];
  const { bit = 0, depth = 0, prongBit = 0, prong = 0 } = sizes;
  const ring = (bit / 2) * 0.55 * 2;
  const step = (text: string, bitMm: number | null = null, depthMm: number | null = null): DrillingStep => ({
    text,
    bitMm,
    depthMm,
  });
  return [
    step(
      `Take a dry hardwood board at least ${mm(depth + prong + 8)} thick; leave ${mm(bit * EDGE)} to every edge.`,
    ),
    step(
      `Mark the middle, and two marks ${mm(ring)} apart across it for the prongs. Center-punch all three.`,
    ),
    step(
      `Drill the two prong holes with a ${mm(prongBit)} bit, ${mm(depth + prong)} deep from the face.`,
      prongBit,
      depth + prong,
    ),
    step(
      `Bore the middle with a flat-bottomed ${mm(bit)} bit, ${mm(depth)} deep. Stop short, measure, finish.`,
      bit,
      depth,
    ),
    step('Clear all dust, warm the board dry, smoke or chalk the hollow.'),
    step('Pour three, weigh them in on the Molds page; deepen by what is missing.'),
  ];
}
