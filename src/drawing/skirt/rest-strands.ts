import type { LaidStrand } from '@/core/skirts/lay-strands';
import { outsideIn } from '@/core/skirts/outside-in';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import { pathPoint, strandTone, strew, type CollarPlace, type DrawnStrand, type Point } from './drawn-strand';

type Curve = readonly [Point, Point, Point, Point];

/** The longest strands end so much apart, as a share of their length. */
const UNEVEN = 0.03;
/** Tips hang so much under the collar, as a share of their length. */
const DROOP = 0.05;
/** Toward the head strands stand out to so many times the bundle's height. */
const HEAD_SPREAD = 1.5;

/**
 * A skirt laid back by the pull, from one side: strands from the collar toward the bend, the innermost painted first.
 * Every cross-section has the strands side by side as `layStrands` gave them, so that areas show the shares reckoned.
 *
 * @example restStrands(layers, layStrands(layers, 6, FACING.side), collar)[0].body // 'M4 0.5C...Z'
 */
export function restStrands(
  layers: readonly SkirtLayer[],
  laid: readonly LaidStrand[],
  collar: CollarPlace,
): DrawnStrand[] {
  const longest = Math.max(...layers.map(({ lengthMm }) => lengthMm));
  return inPaintingOrder(layers, laid).flatMap(({ strand, nth }) => {
    const { layer } = strand;
    const length = layers[layer]?.lengthMm ?? 0;
    const reach = (length / longest) * (1 - UNEVEN * strew(nth, layer));
    const tone = strandTone(nth, layer);
    const back = (at: number) => cut(backEdge(at, collar, longest), reach);
    const drawn = [ribbon(layer, tone, back(strand.from), back(strand.to), back(middle(strand)))];
    const headReach = 1 - 4 * UNEVEN * strew(nth, layer + 5);
    const front = (at: number) => cut(headEdge(at, collar), headReach);
    return collar.headSideMm > 0
      ? [...drawn, ribbon(layer, tone, front(strand.from), front(strand.to), front(middle(strand)))]
      : drawn;
  });
}

/**
 * Layers so far as they lie in the tying: those tied forward point over the head, the others back, the last laid on
 * top of both.
 *
 * @example tyingStrands(layers.slice(0, 2), laid, collar)
 */
export function tyingStrands(
  layers: readonly SkirtLayer[],
  laid: readonly LaidStrand[],
  collar: CollarPlace,
): DrawnStrand[] {
  const longest = Math.max(...layers.map(({ lengthMm }) => lengthMm));
  const ordered = [...laid.entries()].sort(([, a], [, b]) => a.layer - b.layer);
  return ordered.map(([nth, strand]) => {
    const { layer } = strand;
    const { lengthMm, isForward } = layers[layer] ?? { lengthMm: 0, isForward: false };
    const reach = (lengthMm / longest) * (1 - UNEVEN * strew(nth, layer));
    const edge = (at: number) => {
      const curve = cut(backEdge(at, collar, longest), reach);
      const turned = (point: Point): Point => [2 * collar.xMm - collar.lengthMm - point[0], point[1]];
      return isForward
        ? ([turned(curve[0]), turned(curve[1]), turned(curve[2]), turned(curve[3])] as const)
        : curve;
    };
    return ribbon(layer, strandTone(nth, layer), edge(strand.from), edge(strand.to), edge(middle(strand)));
  });
}

function inPaintingOrder(layers: readonly SkirtLayer[], laid: readonly LaidStrand[]) {
  const rank = new Map(outsideIn(layers).map((layer, index) => [layers.indexOf(layer), index]));
  return laid
    .map((strand, nth) => ({ strand, nth }))
    .sort((a, b) => (rank.get(b.strand.layer) ?? 0) - (rank.get(a.strand.layer) ?? 0));
}

const middle = ({ from, to }: LaidStrand) => (from + to) / 2;

/** A line along the skirt at some part of its height; straight in that part at every length. */
function backEdge(at: number, { xMm, diameterMm }: CollarPlace, lengthMm: number): Curve {
  const up = 0.5 - at;
  const high = (Math.PI * diameterMm) / 2;
  const droop = DROOP * lengthMm;
  return [
    [xMm, up * diameterMm],
    [xMm + lengthMm / 3, up * high * 1.06],
    [xMm + (2 * lengthMm) / 3, up * high + droop * 0.3],
    [xMm + lengthMm, up * high * 0.94 + droop],
  ];
}

function headEdge(at: number, { xMm, lengthMm, diameterMm, headSideMm }: CollarPlace): Curve {
  const up = 0.5 - at;
  const root = xMm - lengthMm;
  const high = diameterMm * HEAD_SPREAD;
  return [
    [root, up * diameterMm],
    [root - headSideMm / 3, up * diameterMm * 1.1],
    [root - (2 * headSideMm) / 3, up * high * 0.85],
    [root - headSideMm, up * high],
  ];
}

/** The first part of a curve (de Casteljau). */
function cut([a, b, c, d]: Curve, share: number): Curve {
  const mix = (p: Point, q: Point): Point => [p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share];
  const [ab, bc, cd] = [mix(a, b), mix(b, c), mix(c, d)];
  const [abc, bcd] = [mix(ab, bc), mix(bc, cd)];
  return [a, ab, abc, mix(abc, bcd)];
}

function ribbon(layer: number, tone: -1 | 0 | 1, low: Curve, high: Curve, line: Curve): DrawnStrand {
  const [a, b, c, d] = low;
  const [p, q, r, s] = high;
  return {
    layer,
    tone,
    body: `M${pathPoint(a)}C${[b, c, d].map(pathPoint).join(' ')}L${pathPoint(s)}C${[r, q, p].map(pathPoint).join(' ')}Z`,
    line: `M${pathPoint(line[0])}C${[line[1], line[2], line[3]].map(pathPoint).join(' ')}`,
  };
}
