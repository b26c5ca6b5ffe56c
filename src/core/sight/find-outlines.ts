import type { Mat } from '@techstark/opencv-js';
import type { PrintedMat } from '../mat/mat';
import { median } from '../numeric/median';
import { isInside } from '../outline/is-inside';
import { areaOf, middleOf, type Outline, type Spot } from '../outline/outline';
import { holding, type Cv } from './cv';
import { paperOf } from './paper-of';
import { findEdge, valueAt, type Field } from './edge-profile';

/** What lies on the mat, as its edge is seen. */
export interface SeenOutline {
  readonly outline: Outline;
  /** How far its edge is spread, mm, beside a blur: more where it fades into a shadow. */
  readonly spreadMm: number;
  /** Reaches over the field's border: its sizes cannot be told. */
  readonly isCut: boolean;
}

/** How dark something is against the paper beside it, of 255: from here on it is something. */
const DARK = 27;
/** A part's own edge stands at this share of how dark it is, so that its shadow stays outside. */
const OWN_SHARE = 0.6;
const THIN_MM = 1.3;
const STANDS_OUT = 16;
const LEAST_MM2 = 1.2;
const LEAST_HOLE_MM2 = 0.12;
/** An edge is looked for so far out of a patch, and so far into it: a shadow may stand round the part. */
const OUTWARD_MM = 0.9;
const INWARD_MM = 5;
const STEPS_PER_PIXEL = 2;

/** How dark each place is against its paper, 0 to 255: in the color that it is darkest in, and in all of them together. */
interface Darkness {
  /** A yellow bead is dark in blue. */
  readonly most: Mat;
  /** Pictures keep their brightness finer than their colors: edges are taken from it. */
  readonly gray: Mat;
}

/** The caller gives both back. */
function darknessOf(cv: Cv, straight: Mat, mat: PrintedMat, pxPerMm: number): Darkness {
  return holding((keep) => {
    const paper = keep(paperOf(cv, straight, mat, pxPerMm));
    const share = keep(new cv.Mat());
    cv.divide(straight, paper, share, 230);
    cv.bitwise_not(share, share);
    cv.subtract(
      share,
      keep(new cv.Mat(share.rows, share.cols, share.type(), new cv.Scalar(25, 25, 25, 0))),
      share,
    );
    const channels = keep(new cv.MatVector());
    cv.split(share, channels);
    const [red, green, blue] = [0, 1, 2].map((channel) => keep(channels.get(channel)));
    const most = new cv.Mat();
    cv.max(red as Mat, green as Mat, most);
    cv.max(most, blue as Mat, most);
    const gray = new cv.Mat();
    cv.cvtColor(share, gray, cv.COLOR_RGB2GRAY);
    return { most, gray };
  });
}

/** Marks what is a part, 255, and what is not: each dark patch is cut at a share of how dark it is itself. */
function partsIn(cv: Cv, dark: Mat, pxPerMm: number): Mat {
  return holding((keep) => {
    // A wire too thin to be as dark as its part stands out of what lies beside it, shadow or paper.
    const side = Math.max(3, Math.round(THIN_MM * pxPerMm) | 1);
    const kernel = keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(side, side)));
    const thin = keep(new cv.Mat());
    cv.morphologyEx(dark, thin, cv.MORPH_TOPHAT, kernel);
    const patches = keep(new cv.Mat());
    const labels = keep(new cv.Mat());
    const stats = keep(new cv.Mat());
    const middles = keep(new cv.Mat());
    cv.threshold(dark, patches, DARK, 255, cv.THRESH_BINARY);
    const count = cv.connectedComponentsWithStats(patches, labels, stats, middles, 8, cv.CV_32S);
    const [values, label, stands] = [dark.data, labels.data32S, thin.data];
    const tallies = Array.from({ length: count }, () => new Uint32Array(256));
    for (let at = 0; at < values.length; at += 1) {
      const tally = tallies[label[at] ?? 0];
      const value = values[at] ?? 0;
      if (tally) tally[value] = (tally[value] ?? 0) + 1;
    }
    const cuts = tallies.map((tally) => Math.max(DARK, OWN_SHARE * upperOf(tally)));
    const parts = new cv.Mat(dark.rows, dark.cols, cv.CV_8UC1);
    const marks = parts.data;
    for (let at = 0; at < values.length; at += 1) {
      const patch = label[at] ?? 0;
      const isPart = (values[at] ?? 0) > (cuts[patch] ?? 255) || (stands[at] ?? 0) > STANDS_OUT;
      marks[at] = patch > 0 && isPart ? 255 : 0;
    }
    return parts;
  });
}

/** What three quarters of a patch are no darker than. */
function upperOf(tally: Uint32Array): number {
  const whole = tally.reduce((total, each) => total + each, 0);
  let passed = 0;
  for (const [value, times] of tally.entries()) {
    passed += times;
    if (passed >= 0.75 * whole) return value;
  }
  return 255;
}

/**
 * Finds what lies on the field of a straightened picture of linear light: the edge of each thing and of what one sees
 * through, to a part of a pixel, in mm on the mat.
 *
 * @example findOutlines(cv, straight, mat, 6).length // 11
 */
export function findOutlines(cv: Cv, straight: Mat, mat: PrintedMat, pxPerMm: number): SeenOutline[] {
  return holding((keep) => {
    const { most, gray } = darknessOf(cv, straight, mat, pxPerMm);
    keep(most);
    keep(gray);
    const parts = keep(partsIn(cv, most, pxPerMm));
    const fields = [gray, most].map((dark): Field => {
      const smooth = keep(new cv.Mat());
      cv.GaussianBlur(dark, smooth, new cv.Size(3, 3), 0.6);
      return { width: smooth.cols, height: smooth.rows, values: smooth.data };
    });
    const lines = keep(new cv.MatVector());
    const tree = keep(new cv.Mat());
    const crop = fieldBox(mat, pxPerMm);
    const view = keep(parts.roi(new cv.Rect(crop.left, crop.top, crop.width, crop.height)));
    cv.findContours(view, lines, tree, cv.RETR_CCOMP, cv.CHAIN_APPROX_NONE);
    const links = tree.data32S;
    const found: SeenOutline[] = [];
    for (let index = 0; index < links.length / 4; index += 1) {
      if ((links[index * 4 + 3] ?? -1) >= 0) continue;
      const outer = pixelsOf(lines, index, crop);
      if (Math.abs(areaOf(outer)) < LEAST_MM2 * pxPerMm ** 2) continue;
      const edge = refine(fields, outer, pxPerMm, 1);
      const holes: Spot[][] = [];
      for (let hole = links[index * 4 + 2] ?? -1; hole >= 0; hole = links[hole * 4] ?? -1) {
        const line = pixelsOf(lines, hole, crop);
        if (Math.abs(areaOf(line)) < LEAST_HOLE_MM2 * pxPerMm ** 2) continue;
        holes.push(refine(fields, line, pxPerMm, -1).line);
      }
      found.push({
        outline: { outer: edge.line, holes },
        spreadMm: edge.spreadMm,
        isCut: outer.some(
          ([x, y]) =>
            x < crop.left + 2 ||
            y < crop.top + 2 ||
            x > crop.left + crop.width - 3 ||
            y > crop.top + crop.height - 3,
        ),
      });
    }
    // What seems to lie within a ring is the ring's own shadow.
    return found.filter((one) => {
      const middle = middleOf(one.outline.outer);
      return !found.some(
        (other) => other !== one && other.outline.holes.some((hole) => isInside(middle, hole)),
      );
    });
  });
}

/** The field in pixels, a hair wider so that what touches its border is told from what does not. */
function fieldBox(
  { field }: PrintedMat,
  pxPerMm: number,
): { left: number; top: number; width: number; height: number } {
  const margin = 2;
  const left = Math.round((field.left - margin) * pxPerMm);
  const top = Math.round((field.top - margin) * pxPerMm);
  return {
    left,
    top,
    width: Math.round((field.right + margin) * pxPerMm) - left,
    height: Math.round((field.bottom + margin) * pxPerMm) - top,
  };
}

/** A line of pixels' middles. */
function pixelsOf(
  lines: InstanceType<Cv['MatVector']>,
  index: number,
  { left, top }: { readonly left: number; readonly top: number },
): Spot[] {
  const line = lines.get(index);
  const at = line.data32S;
  const spots = Array.from({ length: line.rows }, (_, row): Spot => [
    (at[row * 2] ?? 0) + left + 0.5,
    (at[row * 2 + 1] ?? 0) + top + 0.5,
  ]);
  line.delete();
  return spots;
}

/** Moves each place of a line of pixels to where the edge is: in `inward` 1 lies the part, -1 what one sees through. */
function refine(
  fields: readonly Field[],
  pixels: readonly Spot[],
  pxPerMm: number,
  side: 1 | -1,
): { line: Spot[]; spreadMm: number } {
  const turn = areaOf(pixels) >= 0 ? 1 : -1;
  const outward = Math.max(4, Math.round(OUTWARD_MM * pxPerMm)) * STEPS_PER_PIXEL;
  const inward = Math.round((side === 1 ? INWARD_MM : OUTWARD_MM) * pxPerMm) * STEPS_PER_PIXEL;
  const at = (index: number): Spot => pixels[(index + pixels.length) % pixels.length] ?? [0, 0];
  const step = Math.min(3, Math.max(1, Math.floor(pixels.length / 8)));
  const spreads: number[] = [];
  const moved = pixels.map(([x, y], index): Spot => {
    const [ax, ay] = at(index - step);
    const [bx, by] = at(index + step);
    const long = Math.hypot(bx - ax, by - ay);
    if (long === 0) return [x, y];
    // To the right of a line that runs clockwise, y down, lies what it encloses.
    const [inX, inY] = [(-(by - ay) / long) * turn * side, ((bx - ax) / long) * turn * side];
    const found = fields.flatMap((field) => {
      const line = Array.from({ length: outward + inward + 1 }, (_, k) => {
        const off = (k - outward) / STEPS_PER_PIXEL;
        return valueAt(field, x + inX * off, y + inY * off);
      });
      return findEdge(line, outward, 3 * STEPS_PER_PIXEL) ?? [];
    });
    const edge = found.find(({ rise }) => rise > DARK) ?? found.at(-1);
    if (!edge) return [x, y];
    spreads.push(edge.spread / STEPS_PER_PIXEL);
    const off = (edge.at - outward) / STEPS_PER_PIXEL;
    return [x + inX * off, y + inY * off];
  });
  const line = moved.map(([x, y], index): Spot => {
    const [ax, ay] = moved[(index + moved.length - 1) % moved.length] ?? [x, y];
    const [bx, by] = moved[(index + 1) % moved.length] ?? [x, y];
    return [(ax + 2 * x + bx) / 4 / pxPerMm, (ay + 2 * y + by) / 4 / pxPerMm];
  });
  return { line, spreadMm: spreads.length > 0 ? median(spreads) / pxPerMm / 2.563 : Infinity };
}
