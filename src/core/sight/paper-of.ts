import type { Mat } from '@techstark/opencv-js';
import type { PrintedMat } from '../mat/mat';
import { holding, type Cv } from './cv';

/** Parts are narrower than this one way, mm; what is wider is the light's doing. */
const WIDEST_MM = 50;
/** The paper is looked at in squares of so many to a millimeter. */
const PER_MM = 3;
/** Light on paper changes by no more than this over a millimeter, of 255; at the edge of a thing it does. */
const STEEP_PER_MM = 55;
/** Under a thing the paper is taken from round it, first from near: how far, mm. */
const REACHES_MM = [1, 4, 16, 48];
const ENOUGH = 0.12;
/** At the border, paper is at least so light, of 230. */
const BRIGHT = 150;

/**
 * How light the bare paper would be at each place of a straightened picture, the shadows that fall on it and all: what is
 * joined to the field's border without a sharp edge between is paper; under things it goes on as round them. The caller
 * gives it back.
 *
 * @example paperOf(cv, straight, mat, 6).size() // that of the picture
 */
export function paperOf(cv: Cv, straight: Mat, mat: PrintedMat, pxPerMm: number): Mat {
  return holding((keep) => {
    const small = keep(new cv.Mat());
    const times = PER_MM / pxPerMm;
    cv.resize(straight, small, new cv.Size(0, 0), times, times, cv.INTER_AREA);
    const bare = keep(bareOf(cv, small, mat));
    const filled = keep(fill(cv, small, bare));
    const paper = new cv.Mat();
    cv.resize(filled, paper, straight.size(), 0, 0, cv.INTER_LINEAR);
    return paper;
  });
}

/** Marks what is surely paper, 255. */
function bareOf(cv: Cv, small: Mat, { field }: PrintedMat): Mat {
  return holding((keep) => {
    const rough = keep(new cv.Mat());
    cv.resize(small, rough, new cv.Size(0, 0), 1 / PER_MM, 1 / PER_MM, cv.INTER_AREA);
    const wide = keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(WIDEST_MM + 1, WIDEST_MM + 1)));
    cv.morphologyEx(rough, rough, cv.MORPH_CLOSE, wide);
    cv.GaussianBlur(rough, rough, new cv.Size(0, 0), 2.5);
    cv.resize(rough, rough, small.size(), 0, 0, cv.INTER_LINEAR);
    const share = keep(new cv.Mat());
    cv.divide(small, rough, share, 230);
    const steep = keep(steepestOf(cv, share));
    const calm = keep(new cv.Mat());
    cv.threshold(steep, calm, STEEP_PER_MM / PER_MM, 255, cv.THRESH_BINARY_INV);
    const calmBytes = keep(new cv.Mat());
    calm.convertTo(calmBytes, cv.CV_8U);
    const labels = keep(new cv.Mat());
    const stats = keep(new cv.Mat());
    const middles = keep(new cv.Mat());
    const count = cv.connectedComponentsWithStats(calmBytes, labels, stats, middles, 4, cv.CV_32S);
    const label = labels.data32S;
    const isPaper = new Uint8Array(count);
    const box = {
      left: Math.round(field.left * PER_MM),
      right: Math.round(field.right * PER_MM),
      top: Math.round(field.top * PER_MM),
      bottom: Math.round(field.bottom * PER_MM),
    };
    const light = share.data;
    const seed = (x: number, y: number) => {
      const at = y * small.cols + x;
      // A thing that lies over the border is no paper.
      if (Math.min(light[at * 3] ?? 0, light[at * 3 + 1] ?? 0, light[at * 3 + 2] ?? 0) > BRIGHT) {
        isPaper[label[at] ?? 0] = 1;
      }
    };
    for (let x = box.left; x < box.right; x += 1) for (const y of [box.top, box.bottom]) seed(x, y);
    for (let y = box.top; y < box.bottom; y += 1) for (const x of [box.left, box.right]) seed(x, y);
    isPaper[0] = 0;
    const bare = new cv.Mat(small.rows, small.cols, cv.CV_8UC1);
    const marks = bare.data;
    for (let at = 0; at < label.length; at += 1) marks[at] = isPaper[label[at] ?? 0] === 1 ? 255 : 0;
    // The foot of an edge is no bare paper yet.
    const brim = keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(3, 3)));
    cv.erode(bare, bare, brim);
    return bare;
  });
}

/** How steeply the picture changes, a pixel, in the color that does most. */
function steepestOf(cv: Cv, picture: Mat): Mat {
  return holding((keep) => {
    const channels = keep(new cv.MatVector());
    cv.split(picture, channels);
    let steepest: Mat | null = null;
    for (let channel = 0; channel < 3; channel += 1) {
      const one = keep(channels.get(channel));
      const across = keep(new cv.Mat());
      const down = keep(new cv.Mat());
      cv.Sobel(one, across, cv.CV_32F, 1, 0, 3, 1 / 8);
      cv.Sobel(one, down, cv.CV_32F, 0, 1, 3, 1 / 8);
      const slope = new cv.Mat();
      cv.magnitude(across, down, slope);
      if (steepest === null) steepest = slope;
      else {
        cv.max(steepest, slope, steepest);
        slope.delete();
      }
    }
    if (!steepest) throw new RangeError('steepestOf requires a picture of three colors');
    return steepest;
  });
}

/** The bare paper as it is, and under things as it is round them. */
function fill(cv: Cv, small: Mat, bare: Mat): Mat {
  return holding((keep) => {
    const [rows, cols] = [small.rows, small.cols];
    const only = keep(new cv.Mat());
    small.convertTo(only, cv.CV_32FC3, 1 / 255);
    const mask = keep(new cv.Mat());
    bare.convertTo(mask, cv.CV_32F, 1 / 255);
    const [light, known] = [only.data32F, mask.data32F];
    for (let at = 0; at < known.length; at += 1) {
      for (let channel = 0; channel < 3; channel += 1) {
        light[at * 3 + channel] = (light[at * 3 + channel] ?? 0) * (known[at] ?? 0);
      }
    }
    const filled = new cv.Mat(rows, cols, cv.CV_8UC3);
    const out = filled.data;
    const isFilled = new Uint8Array(known.length);
    for (const [index, reach] of REACHES_MM.entries()) {
      // Wide reaches are reckoned on coarse squares.
      const coarse = Math.max(1, Math.floor(reach / 2));
      const near = keep(new cv.Mat());
      const weight = keep(new cv.Mat());
      const size = new cv.Size(Math.ceil(cols / coarse), Math.ceil(rows / coarse));
      cv.resize(only, near, size, 0, 0, cv.INTER_AREA);
      cv.resize(mask, weight, size, 0, 0, cv.INTER_AREA);
      const spread = (reach * PER_MM) / coarse / 2;
      cv.GaussianBlur(near, near, new cv.Size(0, 0), spread);
      cv.GaussianBlur(weight, weight, new cv.Size(0, 0), spread);
      cv.resize(near, near, new cv.Size(cols, rows), 0, 0, cv.INTER_LINEAR);
      cv.resize(weight, weight, new cv.Size(cols, rows), 0, 0, cv.INTER_LINEAR);
      const [sums, weights] = [near.data32F, weight.data32F];
      const isLast = index === REACHES_MM.length - 1;
      for (let at = 0; at < isFilled.length; at += 1) {
        const share = weights[at] ?? 0;
        if (isFilled[at] === 1 || (share < ENOUGH && !isLast)) continue;
        isFilled[at] = 1;
        for (let channel = 0; channel < 3; channel += 1) {
          out[at * 3 + channel] =
            share > 1e-4 ? Math.min(255, (255 * (sums[at * 3 + channel] ?? 0)) / share) : 255;
        }
      }
    }
    return filled;
  });
}
