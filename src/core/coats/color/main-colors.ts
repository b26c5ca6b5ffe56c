import { converter, differenceCiede2000, formatHex } from 'culori';
import { kmeans } from 'ml-kmeans';

export interface Pixels {
  readonly width: number;
  readonly height: number;
  /** Four bytes a pixel: red, green, blue, opacity. */
  readonly data: Uint8ClampedArray | Uint8Array;
}

export interface MainColor {
  readonly hex: string;
  /** Of the seen pixels, 0 to 1. */
  readonly share: number;
}

type Lab = readonly [l: number, a: number, b: number];

const toLab = converter('lab65');
const toRgb = converter('rgb');
const difference = differenceCiede2000();

/** Enough pixels to know a photo's colors by; more only cost time. */
const SAMPLED = 12_000;
/** Clusters first looked for; neighbors are then joined. */
const CLUSTERS = 10;
/** Two clusters nearer than this are one color to the eye. */
const SAME_DELTA_E = 9;
const LEAST_SHARE = 0.015;
/** Less opaque than this is not seen. */
const OPAQUE = 128;
const SEED = 7;

/**
 * The main colors of a photo, most of it first: an even sample of its pixels clustered in CIELAB (k-means from a fixed
 * start), clusters that look alike joined. Pixels that are not opaque do not count; a photo without any gives none.
 *
 * @example mainColors({ width: 2, height: 1, data: Uint8Array.of(255, 0, 0, 255, 255, 0, 0, 255) })
 * // [{ hex: '#ff0000', share: 1 }]
 */
export function mainColors(pixels: Pixels, most = 6): MainColor[] {
  const sample = samplePixels(pixels);
  if (sample.length === 0) return [];
  const distinct = new Set(sample.map((lab) => lab.map((part) => part.toFixed(2)).join(' '))).size;
  const { centroids, clusters } = kmeans(
    sample.map((lab) => [...lab]),
    Math.min(CLUSTERS, distinct),
    { initialization: 'kmeans++', seed: SEED, maxIterations: 60 },
  );
  const counts = centroids.map(() => 0);
  for (const cluster of clusters) counts[cluster] = (counts[cluster] ?? 0) + 1;
  const found = centroids.map((center, index) => ({
    lab: center as unknown as Lab,
    count: counts[index] ?? 0,
  }));
  return joinAlike(found)
    .map(({ lab, count }) => ({ hex: hexOf(lab), share: count / sample.length }))
    .filter(({ share }) => share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share)
    .slice(0, most);
}

function samplePixels({ width, height, data }: Pixels): Lab[] {
  const count = width * height;
  // A step that shares no factor with the width does not fall into its columns.
  const step = Math.max(1, Math.floor(count / SAMPLED)) | 1;
  const sample: Lab[] = [];
  for (let pixel = 0; pixel < count; pixel += step) {
    const [r, g, b, opacity] = data.subarray(pixel * 4, pixel * 4 + 4);
    if (r === undefined || g === undefined || b === undefined || (opacity ?? 0) < OPAQUE) continue;
    const lab = toLab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
    sample.push([lab.l, lab.a, lab.b]);
  }
  return sample;
}

interface Cluster {
  readonly lab: Lab;
  readonly count: number;
}

/** Joins the two most alike until all differ to the eye. */
function joinAlike(clusters: readonly Cluster[]): Cluster[] {
  const left = clusters.filter(({ count }) => count > 0);
  for (;;) {
    const pairs = left.flatMap((a, at) =>
      left.slice(at + 1).map((b) => ({ a, b, off: difference(labColor(a.lab), labColor(b.lab)) })),
    );
    const [nearest] = pairs.sort((x, y) => x.off - y.off);
    if (!nearest || nearest.off >= SAME_DELTA_E) return left;
    const { a, b } = nearest;
    const count = a.count + b.count;
    const mix = (axis: 0 | 1 | 2) => (a.lab[axis] * a.count + b.lab[axis] * b.count) / count;
    left.splice(left.indexOf(b), 1);
    left.splice(left.indexOf(a), 1, { lab: [mix(0), mix(1), mix(2)], count });
  }
}

const labColor = ([l, a, b]: Lab) => ({ mode: 'lab65', l, a, b }) as const;

function hexOf(lab: Lab): string {
  return formatHex(toRgb(labColor(lab)));
}
