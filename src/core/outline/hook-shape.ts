import { median } from '../numeric/median';
import { featuresOf } from './features';
import { evenSteps, roundOf, type Outline, type Spot } from './outline';

/** A hook as it is seen lying flat, mm. */
export interface HookShape {
  /** From the end of the eye to the outside of the bend, along the shank. */
  readonly lengthMm: number;
  /** From the end of the eye to where the bend begins. */
  readonly shankMm: number;
  /** From the middle of the shank to the point. */
  readonly gapeMm: number;
  readonly wireMm: number;
  /** Inside of the eye; null where one does not see through it. */
  readonly eyeMm: number | null;
  /** How far the bend lies behind the point, along the shank. */
  readonly biteMm: number;
  /** From the point to the barb, along the wire; null where none is seen. */
  readonly barbMm: number | null;
  /** The middle of the wire from the eye's end to the point, on the mat. */
  readonly middle: readonly Spot[];
  readonly point: Spot;
}

/** The edge is walked in so many steps. */
const STEPS = 900;
/** A shank bends from here on: off its line by so many wires. */
const BENT = 0.3;
/** Shares of the wire's way between which its thickness is taken. */
const PLAIN = [0.2, 0.75] as const;
/** A barb makes the wire so much thicker than behind it. */
const BARBED = 1.16;

const apart = ([ax, ay]: Spot, [bx, by]: Spot) => Math.hypot(ax - bx, ay - by);

/**
 * Reads a hook's sizes off its outline: the wire is followed between its two edges from the eye to the point; the longest
 * straight of it is the shank. Null where the outline is no bent wire.
 *
 * @example hookShapeOf(outline)?.gapeMm // 12.1
 */
export function hookShapeOf(outline: Outline): HookShape | null {
  const { holes, wireMm: thin } = featuresOf(outline);
  const edge = evenSteps(outline.outer, STEPS);
  if (edge.length < STEPS) return null;
  const step = roundOf(edge) / STEPS;
  const at = (index: number): Spot => edge[((index % STEPS) + STEPS) % STEPS] ?? [0, 0];
  // At an end of a wire the edge turns back: two places a wire's width off along it lie near each other.
  const reach = Math.max(2, Math.round(thin / step));
  const sharp = edge.map((_, index) => apart(at(index - reach), at(index + reach)) / (2 * reach * step));
  const eye = holes.find(({ acrossMm }) => acrossMm > 0.3 && acrossMm < 12 * thin) ?? null;
  const ends = eye ? [eyeEnd(edge, eye, thin)] : freeEnds(sharp);
  const read = ends.flatMap((end) => {
    const shape = followFrom(outline, at, step, end, tipFrom(sharp, end), eye?.acrossMm ?? null);
    return shape ? [shape] : [];
  });
  return read.sort((a, b) => b.shankMm - a.shankMm)[0] ?? null;
}

/** Where the edge passes the end of the eye, away from the wire. */
function eyeEnd(
  edge: readonly Spot[],
  { at: [hx, hy], acrossMm }: { readonly at: Spot; readonly acrossMm: number },
  thin: number,
): number {
  const out = acrossMm / 2 + 2.5 * thin;
  const ring = edge.filter((spot) => {
    const off = apart(spot, [hx, hy]);
    return off > out && off < out + 4 * thin;
  });
  const wireX = ring.reduce((total, [x]) => total + x, 0) / Math.max(1, ring.length) - hx;
  const wireY = ring.reduce((total, [, y]) => total + y, 0) / Math.max(1, ring.length) - hy;
  let best = 0;
  let farthest = -Infinity;
  for (const [index, [x, y]] of edge.entries()) {
    if (apart([x, y], [hx, hy]) > out) continue;
    const away = -((x - hx) * wireX + (y - hy) * wireY);
    if (away > farthest) [farthest, best] = [away, index];
  }
  return best;
}

/** Both ends of a wire without an eye: the two sharpest turns that lie half way round from each other. */
function freeEnds(sharp: readonly number[]): [number, number] {
  let best: [number, number] = [0, 0];
  let least = Infinity;
  for (let first = 0; first < STEPS / 2; first += 1) {
    const second = tipFrom(sharp, first);
    const both = (sharp[first] ?? 1) + (sharp[second] ?? 1);
    if (both < least) [least, best] = [both, [first, second]];
  }
  return best;
}

/** The other end of the wire: the sharpest turn about half way round; a barb's is farther from half way. */
function tipFrom(sharp: readonly number[], end: number): number {
  const window = Math.round(STEPS * 0.12);
  let best = 0;
  let least = Infinity;
  for (let off = -window; off <= window; off += 1) {
    const index = (((end + STEPS / 2 + off) % STEPS) + STEPS) % STEPS;
    const cost = (sharp[index] ?? 1) + (2.5 * Math.abs(off)) / STEPS;
    if (cost < least) [least, best] = [cost, index];
  }
  return best;
}

interface Followed {
  readonly spot: Spot;
  readonly widthMm: number;
  /** How far along the wire, mm. */
  readonly walkedMm: number;
}

/** Follows the wire between its two edges. */
function middleFrom(at: (index: number) => Spot, end: number, tip: number): Followed[] {
  const there = (((tip - end) % STEPS) + STEPS) % STEPS;
  const one = Array.from({ length: there }, (_, index) => at(end + index));
  const other = Array.from({ length: STEPS - there }, (_, index) => at(end - index));
  const middle: Followed[] = [];
  let walkedMm = 0;
  for (const [index, spot] of one.entries()) {
    const about = (index / one.length) * other.length;
    let nearest: Spot = spot;
    let widthMm = Infinity;
    // The other edge runs beside: looked for near the same share of the way, not across the gape.
    const low = Math.max(0, Math.floor(about - other.length * 0.14));
    const high = Math.min(other.length, Math.ceil(about + other.length * 0.14));
    for (let k = low; k < high; k += 1) {
      const candidate = other[k] ?? spot;
      const off = apart(spot, candidate);
      if (off < widthMm) [widthMm, nearest] = [off, candidate];
    }
    const mid: Spot = [(spot[0] + nearest[0]) / 2, (spot[1] + nearest[1]) / 2];
    const before = middle.at(-1);
    walkedMm += before ? apart(before.spot, mid) : 0;
    middle.push({ spot: mid, widthMm, walkedMm });
  }
  return middle;
}

/** The longest run of the wire along one line: from and to, by its place in the list. */
function straightOf(middle: readonly Followed[], slackMm: number): [from: number, to: number] | null {
  const stride = Math.max(1, Math.floor(middle.length / 48));
  let best: [number, number] | null = null;
  for (let from = 0; from < middle.length; from += stride) {
    for (let to = from + 4 * stride; to < middle.length; to += stride) {
      const [a, b] = [middle[from], middle[to]];
      if (!a || !b) continue;
      const long = apart(a.spot, b.spot);
      if (best && long <= apart(middle[best[0]]?.spot ?? [0, 0], middle[best[1]]?.spot ?? [0, 0])) continue;
      const isStraight = middle.slice(from, to).every(({ spot }) => offLine(spot, a.spot, b.spot) <= slackMm);
      if (isStraight) best = [from, to];
    }
  }
  return best;
}

function offLine([x, y]: Spot, [ax, ay]: Spot, [bx, by]: Spot): number {
  const long = Math.hypot(bx - ax, by - ay);
  return long === 0
    ? Math.hypot(x - ax, y - ay)
    : Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) / long;
}

function followFrom(
  outline: Outline,
  at: (index: number) => Spot,
  step: number,
  end: number,
  tip: number,
  eyeMm: number | null,
): HookShape | null {
  const middle = middleFrom(at, end, tip);
  const last = middle.at(-1);
  if (!last || middle.length < 40) return null;
  const plain = middle.filter(
    ({ walkedMm }) => walkedMm > PLAIN[0] * last.walkedMm && walkedMm < PLAIN[1] * last.walkedMm,
  );
  const wireMm = median(plain.map(({ widthMm }) => widthMm));
  const straight = straightOf(middle, Math.max(BENT * wireMm, step));
  if (!straight) return null;
  const shank = middle.slice(straight[0], straight[1] + 1).map(({ spot }) => spot);
  const [origin, along] = lineThrough(shank);
  const aside: Spot = [-along[1], along[0]];
  const to = ([x, y]: Spot, [dx, dy]: Spot) => (x - origin[0]) * dx + (y - origin[1]) * dy;
  const alongs = outline.outer.map((spot) => to(spot, along));
  const [least, most] = [Math.min(...alongs), Math.max(...alongs)];
  const point = at(tip);
  const bendFrom = Math.max(...shank.map((spot) => to(spot, along)));
  return {
    lengthMm: most - least,
    shankMm: bendFrom - least,
    gapeMm: Math.abs(to(point, aside)),
    wireMm,
    eyeMm,
    biteMm: most - wireMm - to(point, along),
    barbMm: barbOf(middle, wireMm),
    middle: middle.map(({ spot }) => spot),
    point,
  };
}

/** The line of least squares through points, from the first of them on. */
function lineThrough(spots: readonly Spot[]): [origin: Spot, along: Spot] {
  const n = spots.length;
  const mx = spots.reduce((total, [x]) => total + x, 0) / n;
  const my = spots.reduce((total, [, y]) => total + y, 0) / n;
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of spots) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  const [first = [0, 0], last = [0, 0]] = [spots[0], spots.at(-1)];
  const sign = (last[0] - first[0]) * Math.cos(angle) + (last[1] - first[1]) * Math.sin(angle) < 0 ? -1 : 1;
  return [
    [mx, my],
    [sign * Math.cos(angle), sign * Math.sin(angle)],
  ];
}

/** How far behind the point the wire is thickest by a barb, mm; null where it only tapers. */
function barbOf(middle: readonly Followed[], wireMm: number): number | null {
  const whole = middle.at(-1)?.walkedMm ?? 0;
  const fromTip = middle.map(({ widthMm, walkedMm }) => ({ widthMm, behind: whole - walkedMm }));
  const near = fromTip.filter(({ behind }) => behind > wireMm && behind < Math.min(9 * wireMm, 0.3 * whole));
  const thickest = near.reduce((best, each) => (each.widthMm > best.widthMm ? each : best), {
    widthMm: 0,
    behind: 0,
  });
  const past = fromTip.filter(
    ({ behind }) => behind > thickest.behind + 1.5 * wireMm && behind < thickest.behind + 4 * wireMm,
  );
  if (past.length === 0) return null;
  return thickest.widthMm > BARBED * median(past.map(({ widthMm }) => widthMm)) ? thickest.behind : null;
}
