import { outsideIn } from '@/core/skirts/outside-in';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { SkirtView } from '@/core/skirts/skirt-view';
import { pathPoint, strandTone, strew, type CollarPlace, type DrawnStrand, type Point } from './drawn-strand';

export interface Opening {
  /** 0 as good as laid back, 1 flared on a stop. */
  readonly open: number;
  /** Where in its pulse the skirt is, a share of a full one. */
  readonly pulse: number;
}

/** Flared, the outermost strands stand so far from the line of the shank, degrees. */
const WIDEST_DEG = 104;
const NARROWEST_DEG = 7;
const UNEVEN = 0.12;
/** How much a strand bends back on its way out. */
const BEND = 1.28;
const HEAD_WIDEST_DEG = 62;
const HEAD_NARROWEST_DEG = 22;
const ROUNDS = 24;
const RANGE_STEPS = 36;
/** How far a swimming skirt sways, degrees. */
const SWAY_DEG = 7;

interface Strand {
  readonly layer: number;
  readonly nth: number;
  readonly azimuthDeg: number;
  /** From -1 (down, or left seen from above) over 0 (toward who looks or away) to 1. */
  readonly up: number;
  /** What is higher is painted later. */
  readonly depth: number;
}

/**
 * A skirt standing more or less open: each strand of the recipe from its place at the collar, from the side or the top
 * fanned out, from behind as a rose. Flared, no color lies over another for how it was tied, so that areas show what
 * `flaredShares` reckons.
 *
 * @example fanStrands(layers, collar, 'side', { open: 1, pulse: 0 }).length // every strand, and its end by the head
 */
export function fanStrands(
  layers: readonly SkirtLayer[],
  collar: CollarPlace,
  view: SkirtView,
  opening: Opening,
): DrawnStrand[] {
  const strands = evenOut(strandsOf(layers, view, opening.open), layers, view);
  return strands.flatMap((strand) => {
    const layer = layers[strand.layer];
    if (!layer) return [];
    const length = layer.lengthMm * (1 - UNEVEN * strew(strand.nth, strand.layer));
    if (view === 'end') return [roseStrand(strand, layer, length, collar, opening)];
    const back = fanStrand(strand, layer, length, collar, opening);
    return collar.headSideMm > 0 ? [headStrand(strand, layer, collar, opening), back] : [back];
  });
}

/** Strands lie in so many sheets one over the other: enough that no color covers another, few enough to paint fast. */
const SHEETS = 5;

/** Every whole strand with its place round the collar, in painting order. */
function strandsOf(layers: readonly SkirtLayer[], view: SkirtView, open: number): Strand[] {
  const ranks = new Map(outsideIn(layers).map((layer, index) => [layer, index]));
  const depthOf = (layer: SkirtLayer) => 1 - (ranks.get(layer) ?? 0) / Math.max(1, layers.length);
  return layers.flatMap((layer, index) => {
    const count = Math.max(1, Math.round(layer.strands));
    const span = layer.arc.toDeg - layer.arc.fromDeg;
    return Array.from({ length: layer.strands > 0 ? count : 0 }, (_, nth): Strand => {
      const jitter = (strew(nth, index + 3) - 0.5) * 0.6;
      const phase = span < 360 ? 0.5 : strew(index, 1);
      const azimuthDeg = layer.arc.fromDeg + (span * (nth + phase + jitter)) / count;
      return {
        layer: index,
        nth,
        azimuthDeg,
        up: upward(azimuthDeg, view),
        depth: (1 - open) * depthOf(layer) + open * strew(nth, index),
      };
    });
  });
}

/** Strands in water keep apart: each goes toward the middle of its neighbors, within its layer's part of the round. */
function evenOut(strands: readonly Strand[], layers: readonly SkirtLayer[], view: SkirtView): Strand[] {
  const ranges = layers.map(({ arc }) => {
    const ups = Array.from({ length: RANGE_STEPS + 1 }, (_, step) =>
      upward(arc.fromDeg + ((arc.toDeg - arc.fromDeg) * step) / RANGE_STEPS, view),
    );
    return [Math.min(...ups), Math.max(...ups)] as const;
  });
  const sorted = [...strands].sort((a, b) => a.up - b.up);
  let ups = sorted.map(({ up }) => up);
  for (let round = 0; round < ROUNDS; round += 1) {
    ups = ups.map((up, at) => {
      const [least, most] = ranges[sorted[at]?.layer ?? 0] ?? [-1, 1];
      const middle = ((ups[at - 1] ?? -1) + (ups[at + 1] ?? 1)) / 2;
      return Math.max(least, Math.min(most, (up + middle) / 2));
    });
  }
  return sorted
    .map((strand, at) => ({ ...strand, up: ups[at] ?? strand.up }))
    .sort((a, b) => sheetOf(a) - sheetOf(b) || inSheet(a) - inSheet(b));
}

function sheetOf({ depth }: Strand): number {
  return Math.min(SHEETS - 1, Math.floor(depth * SHEETS));
}

/** Layer by layer within a sheet, now from the first, now from the last, so that none is always on top. */
function inSheet(strand: Strand): number {
  return sheetOf(strand) % 2 === 0 ? strand.layer : -strand.layer;
}

function upward(azimuthDeg: number, view: SkirtView): number {
  const from = view === 'top' ? azimuthDeg - 90 : azimuthDeg;
  const turned = ((((from + 180) % 360) + 360) % 360) - 180;
  return 1 - Math.abs(turned) / 90;
}

function fanStrand(
  { layer, nth, up }: Strand,
  { strandWidthMm }: SkirtLayer,
  length: number,
  collar: CollarPlace,
  { open, pulse }: Opening,
): DrawnStrand {
  const widest = NARROWEST_DEG + (WIDEST_DEG - NARROWEST_DEG) * open;
  const sway = SWAY_DEG * (1 - open) * Math.sin(2 * Math.PI * (pulse + strew(nth, layer) * 0.15));
  const out = rad(widest * up + sway);
  const root: Point = [collar.xMm, -up * collar.diameterMm * 0.5];
  // Gravity takes the tips down a little where nothing pulls.
  const sag = length * 0.04;
  return quill(
    layer,
    nth,
    strandWidthMm,
    root,
    ahead(root, out * BEND, length * 0.5, 0),
    ahead(root, out * 0.92, length * 0.98, sag),
  );
}

function headStrand(
  { layer, nth, up }: Strand,
  { strandWidthMm }: SkirtLayer,
  collar: CollarPlace,
  { open }: Opening,
): DrawnStrand {
  const widest = HEAD_NARROWEST_DEG + (HEAD_WIDEST_DEG - HEAD_NARROWEST_DEG) * open;
  const out = Math.PI - rad(widest * up);
  const root: Point = [collar.xMm - collar.lengthMm, -up * collar.diameterMm * 0.5];
  const length = collar.headSideMm * (1 - 4 * 0.07 * strew(nth, layer + 5));
  return quill(
    layer,
    nth,
    strandWidthMm,
    root,
    ahead(root, out, length * 0.5, 0),
    ahead(root, out, length, 0),
  );
}

/** From behind: the collar's round in the middle, strands outward as far as the skirt is open. */
function roseStrand(
  { layer, nth, azimuthDeg }: Strand,
  { strandWidthMm }: SkirtLayer,
  length: number,
  { diameterMm }: CollarPlace,
  { open, pulse }: Opening,
): DrawnStrand {
  const toward = rad(azimuthDeg - 90);
  const foreshortened = Math.sin(rad(12 + 78 * open));
  const sway = rad(SWAY_DEG * (1 - open) * Math.sin(2 * Math.PI * (pulse + strew(nth, layer))));
  const root: Point = [(Math.cos(toward) * diameterMm) / 2, (Math.sin(toward) * diameterMm) / 2];
  const bend = rad((strew(nth, layer + 2) - 0.5) * 24) + sway;
  const at = (angle: number, far: number): Point => [
    root[0] + Math.cos(angle) * far,
    root[1] + Math.sin(angle) * far,
  ];
  return quill(
    layer,
    nth,
    strandWidthMm,
    root,
    at(toward, length * foreshortened * 0.5),
    at(toward + bend, length * foreshortened),
  );
}

const rad = (deg: number) => (deg * Math.PI) / 180;

function ahead([x, y]: Point, angle: number, far: number, sag: number): Point {
  return [x + Math.cos(angle) * far, y - Math.sin(angle) * far + sag];
}

/** A strand of even width along a bow. */
function quill(
  layer: number,
  nth: number,
  widthMm: number,
  root: Point,
  bow: Point,
  tip: Point,
): DrawnStrand {
  const half = widthMm / 2;
  const aside = (from: Point, to: Point): Point => {
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    return [(-(to[1] - from[1]) / long) * half, ((to[0] - from[0]) / long) * half];
  };
  const [atRoot, atBow, atTip] = [aside(root, bow), aside(root, tip), aside(bow, tip)];
  const plus = (p: Point, q: Point, sign: 1 | -1): Point => [p[0] + sign * q[0], p[1] + sign * q[1]];
  const side = (sign: 1 | -1) =>
    [plus(root, atRoot, sign), plus(bow, atBow, sign), plus(tip, atTip, sign)] as const;
  const [a, b, c] = side(1);
  const [p, q, r] = side(-1);
  return {
    layer,
    tone: strandTone(nth, layer),
    body: `M${pathPoint(a)}Q${pathPoint(b)} ${pathPoint(c)}L${pathPoint(r)}Q${pathPoint(q)} ${pathPoint(p)}Z`,
    line: `M${pathPoint(root)}Q${pathPoint(bow)} ${pathPoint(tip)}`,
  };
}
