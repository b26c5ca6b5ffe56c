import { sightOf } from '@/core/camera/camera';
import { FIELD_MM, type PrintedBars } from '@/core/mat/mat';
import { drawNormal } from '@/core/numeric/draw-normal';
import { pixelsPerMm } from '@/core/sight/straighten';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { cameraOver } from '@/core/posed/hold-camera';
import type { SightKindId, ToldId } from '@/core/outline/kinds/definition';
import type { Outline } from '@/core/outline/outline';
import {
  bladeShape,
  discShape,
  eggShape,
  hookShape,
  laid,
  paddleShape,
  ringShape,
  swivelShape,
  tabShape,
  tubeShape,
} from '@/core/posed/shapes';
import type { LaidPart, Scene } from '@/core/posed/scene';

/** A part whose sizes are known, laid on a mat. */
export interface KnownPart {
  readonly kind: SightKindId;
  readonly laid: LaidPart;
  readonly truth: Readonly<Partial<Record<ToldId, number>>>;
}

export interface KnownScene {
  readonly scene: Scene;
  readonly parts: readonly KnownPart[];
  /** Whether the maker says how thick each part is. */
  readonly isHeightSaid: boolean;
}

const TRUE_PRINT: PrintedBars = { acrossMm: 150, alongMm: 200 };

const STEEL = [0.12, 0.12, 0.13] as const;
const NICKEL = [0.33, 0.33, 0.34] as const;
const BRASS = [0.4, 0.27, 0.08] as const;
const LEAD = [0.16, 0.17, 0.18] as const;
const COLORS = [
  STEEL,
  NICKEL,
  BRASS,
  LEAD,
  [0.35, 0.04, 0.03],
  [0.05, 0.2, 0.05],
  [0.55, 0.5, 0.03],
  [0.04, 0.05, 0.06],
] as const;

type Maker = (
  random: () => number,
) => Omit<KnownPart, 'laid'> & {
  outline: Outline;
  heightMm: number;
  color: readonly [number, number, number];
};

const between = (random: () => number, low: number, high: number) => low + (high - low) * random();

const MAKERS: Readonly<Record<string, Maker>> = {
  blade: (random) => {
    const lengthMm = between(random, 22, 60);
    const widthMm = lengthMm * between(random, 0.36, 0.78);
    const holeMm = between(random, 1.8, 2.8);
    return {
      kind: 'blade',
      outline: bladeShape(lengthMm, widthMm, between(random, 1.8, 2.2), holeMm),
      heightMm: 1 + 0.08 * widthMm,
      color: random() < 0.5 ? NICKEL : BRASS,
      truth: { lengthMm, holeMm },
    };
  },
  hook: (random) => {
    const gapeMm = between(random, 6, 16);
    const wireMm = between(random, 0.8, 1.6);
    const biteMm = gapeMm * between(random, 0.7, 1.1);
    const lengthMm = gapeMm * between(random, 2, 3.2) + 6;
    const eyeMm = between(random, 1.5, 3);
    return {
      kind: 'hook',
      outline: hookShape({
        lengthMm,
        gapeMm,
        wireMm,
        eyeMm,
        biteMm,
        barbMm: random() < 0.7 ? 3 * wireMm + 1 : null,
      }),
      heightMm: wireMm,
      color: STEEL,
      truth: { lengthMm, gapeMm, wireMm, eyeMm },
    };
  },
  ring: (random) => {
    const diameterMm = between(random, 5, 11);
    const ringMm = diameterMm * between(random, 0.12, 0.17);
    return {
      kind: 'ring',
      outline: ringShape(diameterMm, ringMm),
      heightMm: ringMm,
      color: STEEL,
      truth: { diameterMm, ringMm },
    };
  },
  bead: (random) => {
    const diameterMm = between(random, 3, 10);
    return {
      kind: 'bead',
      outline: discShape(diameterMm),
      heightMm: diameterMm,
      color: COLORS[Math.floor(random() * COLORS.length)] ?? STEEL,
      truth: { diameterMm },
    };
  },
  swivel: (random) => {
    const lengthMm = between(random, 10, 24);
    return {
      kind: 'swivel',
      outline: swivelShape(lengthMm, lengthMm * 0.22, lengthMm * 0.13),
      heightMm: lengthMm * 0.22,
      color: BRASS,
      truth: { lengthMm },
    };
  },
  crimp: (random) => {
    const lengthMm = between(random, 5, 12);
    const diameterMm = between(random, 1.6, 3.4);
    return {
      kind: 'crimp',
      outline: tubeShape(lengthMm, diameterMm),
      heightMm: diameterMm,
      color: LEAD,
      truth: { lengthMm, diameterMm },
    };
  },
  body: (random) => {
    const diameterMm = between(random, 9, 18);
    const lengthMm = diameterMm * between(random, 1.25, 2.2);
    return {
      kind: 'body',
      outline: eggShape(lengthMm, diameterMm, between(random, 1.9, 2.4)),
      heightMm: diameterMm,
      color: LEAD,
      truth: { lengthMm, diameterMm },
    };
  },
  trailer: (random) => {
    const lengthMm = between(random, 60, 100);
    return {
      kind: 'trailer',
      outline: paddleShape(lengthMm, lengthMm * 0.15),
      heightMm: lengthMm * 0.11,
      color: COLORS[5] ?? STEEL,
      truth: { lengthMm },
    };
  },
  strands: (random) => {
    const strands = Math.round(between(random, 6, 14));
    const strandWidthMm = between(random, 1.2, 2);
    const lengthMm = between(random, 40, 80);
    return {
      kind: 'strands',
      outline: tabShape(lengthMm, strands, strandWidthMm, 1),
      heightMm: 0.8,
      color: COLORS[4] ?? STEEL,
      truth: { lengthMm, strands },
    };
  },
};

const COARSEST_PX_PER_MM = 3.4;

/** A scene thrown from a seed: which parts, where, in what light, by what camera. */
export function throwScene(seed: number, given = { width: 1300, height: 975 }): KnownScene {
  const random = repeatableRandom(seed);
  const names = Object.keys(MAKERS);
  const wanted = Array.from({ length: 7 }, () => names[Math.floor(random() * names.length)] ?? 'bead');
  const rows = [FIELD_MM.top + 8];
  const parts: KnownPart[] = [];
  let [x, y, tall] = [FIELD_MM.left + 6, rows[0] ?? 0, 0];
  for (const name of wanted) {
    const { outline, heightMm, color, ...rest } = MAKERS[name]!(random);
    const turnDeg = random() * 360;
    const turned = laid(outline, { at: [0, 0], turnDeg });
    const xs = turned.outer.map(([px]) => px);
    const ys = turned.outer.map(([, py]) => py);
    const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    if (x + right - left > FIELD_MM.right - 4) {
      x = FIELD_MM.left + 6;
      y += tall + 7;
      tall = 0;
    }
    if (y + bottom - top > FIELD_MM.bottom - 4) continue;
    parts.push({
      ...rest,
      laid: {
        outline: laid(outline, { at: [x - left, y - top], turnDeg }),
        heightMm,
        color,
        sheen: random() * 0.5,
      },
    });
    x += right - left + 7;
    tall = Math.max(tall, bottom - top);
  }
  const lean = {
    tiltDeg: 35 * random(),
    aroundDeg: 360 * random(),
    turnDeg: 90 + 9 * drawNormal(random),
    focalShare: 0.76 * Math.exp(0.08 * drawNormal(random)),
    k1: 0.05 * drawNormal(random),
    k2: 0.03 * drawNormal(random),
  };
  // A phone's picture is never so coarse; those here are only as fine as need be.
  const { least } = pixelsPerMm(sightOf(cameraOver(given, lean)));
  const finer = Math.max(1, COARSEST_PX_PER_MM / least);
  const size = { width: Math.round(given.width * finer), height: Math.round(given.height * finer) };
  const camera = cameraOver(size, lean);
  return {
    parts,
    isHeightSaid: random() < 0.5,
    scene: {
      camera,
      size,
      printed: TRUE_PRINT,
      parts: parts.map((part) => part.laid),
      light: {
        fall: [0.35 * (random() - 0.2), 0.35 * (random() - 0.2)],
        corners: 0.3 * random(),
        away: [0.9 * (random() - 0.5), 0.9 * (random() - 0.5)],
        depth: 0.15 + 0.35 * random(),
        softMm: 0.6 + 1.8 * random(),
        band:
          random() < 0.4
            ? { fromMm: 40 + 120 * random(), wideMm: 40 + 80 * random(), depth: 0.15 + 0.25 * random() }
            : null,
      },
      blurPx: 0.6 + 0.7 * random(),
      noise: 0.004 + 0.012 * random(),
      bentMm: 0,
      random,
    },
  };
}
