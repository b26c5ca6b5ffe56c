import { repeatableRandom } from '../numeric/repeatable-random';
import { arcOverlap } from './arc-overlap';
import { coverShare } from './cover-share';
import { outsideIn } from './outside-in';
import type { Arc, SkirtLayer } from './skirt-layer';

/** What of a layer decides where its strands lie. */
export type LaidLayer = Pick<SkirtLayer, 'strands' | 'strandWidthMm' | 'arc' | 'isForward'>;

/** A strand of a skirt laid back, across the half that faces who looks: 0 to 1 from its one edge to the other. */
export interface LaidStrand {
  /** Of `layers`, as given. */
  readonly layer: number;
  readonly from: number;
  readonly to: number;
}

/** The half is measured in so many steps, and watched in so many fields of steps. */
const STEPS = 72;
const FIELDS = 8;
const FIELD = STEPS / FIELDS;
/** So often a strand of a layer is laid anew where that brings the layer nearer to what it is to show. */
const MENDS = 700;
/** Nearer than this many steps in all, nobody sees the difference. */
const NEAR_ENOUGH = 1.5;
/** So much worse a place may be, at first, to be taken. */
const WARM = 2;
/** Whole layers weigh so many times what a field of them does. */
const WHOLE = 3;

/**
 * Lays the strands of each layer side by side over the half of the round that faces who looks, outermost layer first,
 * then moves single ones until the layer shows what `restShares` says it shows, all over the half. So a drawing of them
 * shows, measured across at any length, what was reckoned. The same each time for the same layers.
 *
 * @example layStrands(layers, 6, { fromDeg: 180, toDeg: 360 })[0] // { layer: 0, from: 0.02, to: 0.09 }
 */
export function layStrands(
  layers: readonly LaidLayer[],
  collarDiameterMm: number,
  facing: Arc,
): LaidStrand[] {
  const roundMm = Math.PI * collarDiameterMm;
  const spanDeg = facing.toDeg - facing.fromDeg;
  const stepDeg = spanDeg / STEPS;
  const stepsPerMm = STEPS / ((roundMm * spanDeg) / 360);
  const isTaken = new Uint8Array(STEPS);
  // What the layers outside leave free at each step, as reckoned.
  const free = new Float64Array(STEPS).fill(1);
  const random = repeatableRandom(layers.length * 7919 + 17);
  return outsideIn(layers).flatMap((layer): LaidStrand[] => {
    const arcDeg = layer.arc.toDeg - layer.arc.fromDeg;
    const seenStrands = (layer.strands * arcOverlap(layer.arc, facing)) / arcDeg;
    const cover = coverShare(layer.strands, layer.strandWidthMm, (roundMm * arcDeg) / 360);
    const isInArc = (step: number) => isWithin(facing.fromDeg + (step + 0.5) * stepDeg, layer.arc);
    const wanted = new Float64Array(FIELDS);
    for (let step = 0; step < STEPS; step += 1) {
      if (!isInArc(step)) continue;
      const field = Math.floor(step / FIELD);
      wanted[field] = (wanted[field] ?? 0) + cover * (free[step] ?? 0);
      free[step] = (free[step] ?? 0) * (1 - cover);
    }
    if (seenStrands === 0) return [];
    const count = Math.max(1, Math.round(seenStrands));
    // Broken strands are made up for by the width of the whole ones.
    const wide = Math.min(
      STEPS,
      Math.max(1, Math.round((seenStrands / count) * layer.strandWidthMm * stepsPerMm)),
    );
    // A strand lies within its layer's part of the round; over the edge of the half it goes round to the far side.
    const starts = Array.from({ length: STEPS + wide - 1 }, (_, nth) => nth - wide + 1).filter(
      (start) => isInArc(start) && isInArc(start + wide - 1),
    );
    if (starts.length === 0) starts.push(narrowStart(isInArc, wide));
    const nearest = (at: number) =>
      starts[
        Math.max(
          0,
          Math.min(
            starts.length - 1,
            starts.findIndex((start) => start >= at),
          ),
        )
      ] ?? 0;
    const field = new Field(isTaken, wanted, wide);
    const laid = Array.from({ length: count }, (_, nth) => {
      const at = starts[Math.floor(((nth + random()) * starts.length) / count)] ?? 0;
      field.add(at, 1);
      return at;
    });
    let cost = field.cost();
    for (let mend = 0; mend < MENDS && cost > NEAR_ENOUGH; mend += 1) {
      const nth = Math.floor(random() * count);
      const before = laid[nth] ?? 0;
      // Now a little to one side, now anywhere.
      const to =
        mend % 2 === 0
          ? nearest(before + (random() - 0.5) * wide)
          : (starts[Math.floor(random() * starts.length)] ?? 0);
      field.add(before, -1);
      field.add(to, 1);
      const moved = field.cost();
      // A worse place is taken too at first, so that a layer is not caught in a corner.
      if (moved < cost + WARM * random() * Math.max(0, 1 - (1.4 * mend) / MENDS)) {
        laid[nth] = to;
        cost = moved;
      } else {
        field.add(to, -1);
        field.add(before, 1);
      }
    }
    for (const at of laid) isTaken.fill(1, Math.max(0, at), Math.max(0, at + wide));
    const index = layers.indexOf(layer);
    return laid.map((at) => ({
      layer: index,
      from: Math.max(0, at) / STEPS,
      to: Math.min(STEPS, at + wide) / STEPS,
    }));
  });
}

/** What one layer shows so far, field by field, against what it is to show. */
class Field {
  readonly #over = new Uint16Array(STEPS);
  readonly #shown = new Float64Array(FIELDS);

  constructor(
    private readonly isTaken: Uint8Array,
    private readonly wanted: Float64Array,
    private readonly wide: number,
  ) {}

  /** Lays a strand (1) or takes one up (-1). */
  add(at: number, sign: 1 | -1): void {
    for (let step = Math.max(0, at); step < Math.min(STEPS, at + this.wide); step += 1) {
      const before = this.#over[step] ?? 0;
      this.#over[step] = before + sign;
      if (this.isTaken[step] === 0 && (sign === 1 ? before === 0 : before === 1)) {
        const field = Math.floor(step / FIELD);
        this.#shown[field] = (this.#shown[field] ?? 0) + sign;
      }
    }
  }

  cost(): number {
    let [off, whole] = [0, 0];
    for (let field = 0; field < FIELDS; field += 1) {
      const by = (this.#shown[field] ?? 0) - (this.wanted[field] ?? 0);
      off += Math.abs(by);
      whole += by;
    }
    return off + WHOLE * Math.abs(whole);
  }
}

/** Where the one strand goes of a layer whose part of the round is narrower than a strand. */
function narrowStart(isInArc: (step: number) => boolean, wide: number): number {
  const inside = Array.from({ length: STEPS }, (_, step) => step).filter(isInArc);
  return Math.round((inside[Math.floor(inside.length / 2)] ?? 0) - wide / 2);
}

function isWithin(deg: number, { fromDeg, toDeg }: Arc): boolean {
  return [-360, 0, 360].some((turn) => deg + turn >= fromDeg && deg + turn < toDeg);
}
