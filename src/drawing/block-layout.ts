import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { shapeCavity, type CavityShape } from '@/core/cavities/shape-cavity';
import type { HeadStyle, OutlinePoint } from '@/core/cavities/styles/definition';
import { hookPath, type PlacedHook } from './hook/hook-path';
import { outlinePath } from './outline-path';

export interface BlockCavity {
  readonly style: HeadStyle;
  readonly volumeCm3: number;
  readonly hook: HookDimensions | null;
  /** Its own half outline in mm, where it is not the style's. */
  readonly outlineMm?: readonly OutlinePoint[] | undefined;
  /** Where its nose lies, mm; laid out by itself where absent. */
  readonly spot?: { readonly xMm: number; readonly yMm: number } | undefined;
  /** A preformed wire lies in it: its eye before the nose, its arm over the hook. */
  readonly hasFrame?: boolean | undefined;
}

export interface PlacedCavity {
  readonly index: number;
  /** Puts the local drawing (nose at the origin, axis along x) on the block. */
  readonly transform: string;
  readonly body: string;
  readonly hook: PlacedHook | null;
  /** A preformed wire in local coordinates; null for none. */
  readonly frame: string | null;
  /** Where its nose lies on the block, mm. */
  readonly spot: { readonly xMm: number; readonly yMm: number };
  /** From the gate at the body to the block's edge or hub, in block coordinates. */
  readonly sprue: string;
  /** Middle of the body, mm. */
  readonly center: { readonly x: number; readonly y: number };
  readonly radiusMm: number;
  readonly lengthMm: number;
  /** What a finger may touch for it, mm: its whole slot in a bar, a square round it on a disc. */
  readonly tap: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  /** Where its words stand, mm: middle of a line. */
  readonly label: { readonly x: number; readonly y: number };
}

export interface BlockLayout {
  readonly widthMm: number;
  readonly heightMm: number;
  /** A disc's radius; null for a bar. */
  readonly discMm: number | null;
  /** Left edges of the columns in a single row, and the right edge of the last, mm; null with two rows or a disc. */
  readonly columnsMm: readonly number[] | null;
  readonly cavities: readonly PlacedCavity[];
}

const EDGE_MM = 9;
const GAP_MM = 9;
const SPRUE_MM = 20;
const LABEL_MM = 13;
const FUNNEL_MM = 3.4;
const GATE_MM = 1.1;
/** A bar with more cavities than this is gated from both edges. */
const MOST_IN_A_ROW = 5;
const HUB_MM = 9;
const FRAME_AHEAD_MM = 12;
const FRAME_RISE_MM = 4;
const FRAME_ARM_MM = 34;

const mm = (value: number) => Number(value.toFixed(3));

function measure(cavity: BlockCavity) {
  const shape = cavity.outlineMm
    ? shapeOutline(cavity.outlineMm, cavity.style.eyeAt)
    : shapeCavity(cavity.style, cavity.volumeCm3);
  const hook = cavity.hook && {
    ...hookPath(cavity.hook, shape.radiusMm),
    x: shape.eyeMm,
    wireMm: cavity.hook.wireMm,
  };
  const reachMm = Math.max(shape.lengthMm, hook ? shape.eyeMm + hook.reachMm : 0);
  const riseMm = Math.max(shape.radiusMm, hook ? -hook.eye.y + hook.eye.r : 0, cavity.hook?.gapeMm ?? 0);
  const [gateMm] = shape.outlineMm.reduce((a, b) => (b[1] > a[1] ? b : a), [0, 0] as const);
  return {
    shape,
    hook,
    reachMm,
    riseMm,
    gateMm,
    body: outlinePath(shape.outlineMm),
    spot: cavity.spot,
    frame: cavity.hasFrame ? framePath(shape.radiusMm) : null,
    /** What lies before the nose. */
    leadMm: cavity.hasFrame ? FRAME_AHEAD_MM + 4 : 0,
  };
}

function shapeOutline(outlineMm: readonly OutlinePoint[], eyeAt: number): CavityShape {
  const lengthMm = outlineMm.at(-1)?.[0] ?? 0;
  return {
    outlineMm,
    lengthMm,
    radiusMm: Math.max(...outlineMm.map(([, radius]) => radius)),
    eyeMm: eyeAt * lengthMm,
  };
}

/** A spinnerbait wire: line eye ahead of the nose, lower arm into the head, upper arm back over it. */
function framePath(radiusMm: number): string {
  const ahead = -FRAME_AHEAD_MM;
  return `M${mm(radiusMm)} 0L${ahead} ${-FRAME_RISE_MM}a1.6 1.6 0 1 1 2.2 -2.2L${FRAME_ARM_MM} ${-FRAME_RISE_MM - FRAME_ARM_MM * 0.35}`;
}

type Measured = ReturnType<typeof measure>;

/**
 * Lays out a bar block's open half to scale, in mm: cavities side by side with their hooks, each under its own
 * sprue; long blocks are gated from both edges.
 *
 * @example layOutBar([{ style: round, volumeCm3: 1, hook: null }]).cavities.length // 1
 */
export function layOutBar(cavities: readonly BlockCavity[]): BlockLayout {
  const measured = cavities.map(measure);
  const perRow = cavities.length > MOST_IN_A_ROW ? Math.ceil(cavities.length / 2) : cavities.length;
  const rows = [measured.slice(0, perRow), measured.slice(perRow)].filter((row) => row.length > 0);
  const rowWidth = (row: readonly Measured[]) =>
    row.reduce((total, each) => total + each.leadMm + each.reachMm + GAP_MM, GAP_MM);
  const widthMm = Math.max(...rows.map(rowWidth)) + 2 * EDGE_MM;
  const heights = rows.map((row) => {
    const above = Math.max(...row.map((each) => each.riseMm));
    const below = Math.max(...row.map((each) => each.shape.radiusMm));
    return { axis: SPRUE_MM + above, total: SPRUE_MM + above + below + LABEL_MM };
  });
  const heightMm = heights.reduce((total, row) => total + row.total, 0) + EDGE_MM / 2;

  const columns: number[] = [];
  const placed = rows.flatMap((row, rowIndex) => {
    const { axis, total } = heights[rowIndex] ?? { axis: 0, total: 0 };
    const isFlipped = rowIndex === 1;
    const rowY = isFlipped ? heightMm - axis : axis;
    const spread = (widthMm - 2 * EDGE_MM - rowWidth(row)) / row.length;
    let x = EDGE_MM + GAP_MM + spread / 2;
    return row.map((each, column): PlacedCavity => {
      const laidX = x + each.leadMm;
      x = laidX + each.reachMm + GAP_MM + spread;
      if (!isFlipped) columns.push(laidX - each.leadMm - GAP_MM / 2);
      const left = each.spot ? Math.min(widthMm - EDGE_MM, Math.max(0, each.spot.xMm)) : laidX;
      const axisY = each.spot ? Math.min(heightMm - 4, Math.max(4, each.spot.yMm)) : rowY;
      const edgeY = isFlipped ? heightMm : 0;
      const gateY = axisY + (isFlipped ? 1 : -1) * each.shape.radiusMm * 0.96;
      const gateX = left + each.gateMm;
      const below = Math.max(...row.map(({ shape }) => shape.radiusMm));
      return {
        index: rowIndex * perRow + column,
        spot: { xMm: left, yMm: axisY },
        frame: each.frame,
        transform: `translate(${mm(left)} ${mm(axisY)})${isFlipped ? ' scale(1 -1)' : ''}`,
        body: each.body,
        hook: each.hook,
        sprue: `M${mm(gateX - FUNNEL_MM)} ${edgeY}L${mm(gateX + FUNNEL_MM)} ${edgeY}L${mm(gateX + GATE_MM)} ${mm(gateY)}L${mm(gateX - GATE_MM)} ${mm(gateY)}Z`,
        center: { x: gateX, y: axisY },
        radiusMm: each.shape.radiusMm,
        lengthMm: each.shape.lengthMm,
        tap: {
          x: left - each.leadMm - GAP_MM / 2,
          y: each.spot ? axisY - each.riseMm - 2 : isFlipped ? heightMm - total : 0,
          width: each.leadMm + each.reachMm + GAP_MM,
          height: each.spot ? each.riseMm + each.shape.radiusMm + 4 : total,
        },
        label: { x: left + each.reachMm / 2, y: axisY + (isFlipped ? -1 : 1) * (below + LABEL_MM * 0.55) },
      };
    });
  });
  const isSingle = rows.length === 1;
  return {
    widthMm,
    heightMm,
    discMm: null,
    columnsMm: isSingle && !measured.some(({ spot }) => spot) ? [...columns, widthMm - EDGE_MM] : null,
    cavities: placed,
  };
}

/**
 * Lays out a spun disc to scale, in mm: cavities round the hub, noses inward, fed from the middle.
 *
 * @example layOutDisc([{ style: egg, volumeCm3: 1, hook: null }]).discMm > 20 // true
 */
export function layOutDisc(cavities: readonly BlockCavity[]): BlockLayout {
  const measured = cavities.map(measure);
  const widest = Math.max(...measured.map((each) => 2 * each.riseMm)) + 5;
  const inner = Math.max(HUB_MM + 12, (widest * cavities.length) / (2 * Math.PI));
  const reach = Math.max(...measured.map((each) => each.reachMm));
  const discMm = inner + reach + 20;
  const middle = discMm + EDGE_MM / 2;
  const placed = measured.map((each, index): PlacedCavity => {
    const half = Math.max(each.shape.lengthMm * 0.6, each.shape.radiusMm + 3);
    const angle = (index / measured.length) * 2 * Math.PI - Math.PI / 2;
    const at = (radius: number) => ({
      x: middle + radius * Math.cos(angle),
      y: middle + radius * Math.sin(angle),
    });
    const side = { x: -Math.sin(angle) * GATE_MM, y: Math.cos(angle) * GATE_MM };
    const [from, to] = [at(HUB_MM - 0.5), at(inner + each.shape.lengthMm * 0.04)];
    const corners = [
      [from.x - side.x, from.y - side.y],
      [from.x + side.x, from.y + side.y],
      [to.x + side.x, to.y + side.y],
      [to.x - side.x, to.y - side.y],
    ];
    const nose = at(inner);
    const center = at(inner + each.shape.lengthMm / 2);
    return {
      index,
      transform: `translate(${mm(nose.x)} ${mm(nose.y)}) rotate(${mm((angle * 180) / Math.PI)})`,
      body: each.body,
      hook: each.hook,
      frame: each.frame,
      spot: { xMm: nose.x, yMm: nose.y },
      sprue: `M${corners.map(([x, y]) => `${mm(x ?? 0)} ${mm(y ?? 0)}`).join('L')}Z`,
      center,
      tap: { x: center.x - half, y: center.y - half, width: 2 * half, height: 2 * half },
      radiusMm: each.shape.radiusMm,
      lengthMm: each.shape.lengthMm,
      label: at(inner + reach + 10.5),
    };
  });
  return { widthMm: 2 * middle, heightMm: 2 * middle, discMm, columnsMm: null, cavities: placed };
}
