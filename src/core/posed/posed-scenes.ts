import { FIELD_MM } from '../mat/mat';
import { cameraOver } from './hold-camera';
import { bladeShape, discShape, eggShape, hookShape, laid, ringShape, swivelShape } from './shapes';
import type { LaidPart, Scene } from './scene';

/** What the stand-in camera can be held over. */
export const POSED_SCENES = ['parts', 'sinker', 'beads'] as const;
export type PosedScene = (typeof POSED_SCENES)[number];

const STEEL = [0.12, 0.12, 0.13] as const;
const NICKEL = [0.33, 0.33, 0.34] as const;
const BRASS = [0.42, 0.28, 0.08] as const;
const LEAD = [0.16, 0.17, 0.18] as const;

/** Three that lie over marks 2, 4 and 5 of the foot, and two more. */
const PARTS: readonly LaidPart[] = [
  {
    outline: laid(bladeShape(47.6, 20.6, 2, 2.4), { at: [50, 180], turnDeg: 75 }),
    heightMm: 2.9,
    color: NICKEL,
    sheen: 0.3,
  },
  {
    outline: laid(hookShape({ lengthMm: 38, gapeMm: 13, wireMm: 1.2, eyeMm: 2.4, biteMm: 11, barbMm: 4.6 }), {
      at: [98, 160],
      turnDeg: 84,
    }),
    heightMm: 1.2,
    color: STEEL,
    sheen: 0.1,
  },
  {
    outline: laid(swivelShape(16, 3.6, 2.2), { at: [137, 186], turnDeg: 70 }),
    heightMm: 3.6,
    color: BRASS,
    sheen: 0.2,
  },
  { outline: laid(ringShape(8, 1.1), { at: [60, 90], turnDeg: 0 }), heightMm: 1.1, color: STEEL, sheen: 0 },
  {
    outline: laid(discShape(6), { at: [120, 80], turnDeg: 0 }),
    heightMm: 6,
    color: [0.45, 0.03, 0.03],
    sheen: 0.4,
  },
];

/** An egg of 30 by 18 mm, cast in lead: 57.7 g. */
const SINKER: readonly LaidPart[] = [
  { outline: laid(eggShape(30, 18), { at: [92, 120], turnDeg: 28 }), heightMm: 18, color: LEAD, sheen: 0.3 },
];

const BEADS = 60;
const BEAD_MM = 5;
/** Beads that touch lie this close, mm: some always do. */
const TOUCH_MM = BEAD_MM * 1.005;

/** So many beads thrown onto the field, none on another. */
function thrownBeads(random: () => number): LaidPart[] {
  const places: [number, number][] = [];
  const isFree = (x: number, y: number) =>
    places.every(([px, py]) => Math.hypot(px - x, py - y) >= TOUCH_MM) &&
    x > FIELD_MM.left + 6 &&
    x < FIELD_MM.right - 6 &&
    y > FIELD_MM.top + 30 &&
    y < FIELD_MM.bottom - 40;
  while (places.length < BEADS) {
    const beside = places.length > 4 && random() < 0.35 ? places[Math.floor(random() * places.length)] : null;
    const turn = random() * 2 * Math.PI;
    const [x, y] = beside
      ? [beside[0] + TOUCH_MM * Math.cos(turn), beside[1] + TOUCH_MM * Math.sin(turn)]
      : [
          FIELD_MM.left + random() * (FIELD_MM.right - FIELD_MM.left),
          FIELD_MM.top + random() * (FIELD_MM.bottom - FIELD_MM.top),
        ];
    if (isFree(x, y)) places.push([x, y]);
  }
  return places.map((at) => ({
    outline: laid(discShape(BEAD_MM), { at, turnDeg: 0 }),
    heightMm: BEAD_MM,
    color: BRASS,
    sheen: 0.3,
  }));
}

/**
 * A mat with things on it, under a lamp, before a phone held over it by hand: another hand each time.
 *
 * @example posedScene('beads', { width: 2000, height: 1500 }, random).parts.length // 60
 */
export function posedScene(what: PosedScene, size: Scene['size'], random: () => number): Scene {
  const parts = { parts: PARTS, sinker: SINKER, beads: thrownBeads(random) }[what];
  return {
    camera: cameraOver(size, {
      tiltDeg: 6 + 14 * random(),
      aroundDeg: 360 * random(),
      turnDeg: 90 + 8 * (random() - 0.5),
      focalShare: 0.76,
      k1: 0.02,
      k2: -0.01,
    }),
    size,
    printed: { acrossMm: 150, alongMm: 200 },
    parts,
    light: { fall: [0.12, 0.08], corners: 0.15, away: [0.35, 0.25], depth: 0.35, softMm: 1.3, band: null },
    blurPx: 0.9 * Math.max(1, size.width / 2000),
    noise: 0.008,
    bentMm: 0,
    random,
  };
}
