import type { Outline, Spot } from '../outline/outline';

/** Where a thing lies on the mat and which way it points. */
export interface Lie {
  readonly at: Spot;
  readonly turnDeg: number;
}

const circle = (radius: number, [cx, cy]: Spot = [0, 0], steps = 96): Spot[] =>
  Array.from({ length: steps }, (_, step) => {
    const angle = (step / steps) * 2 * Math.PI;
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  });

/** An outline turned and moved to where it lies. */
export function laid({ outer, holes }: Outline, { at: [ax, ay], turnDeg }: Lie): Outline {
  const turn = (turnDeg * Math.PI) / 180;
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const lay = (line: readonly Spot[]): Spot[] =>
    line.map(([x, y]) => [ax + x * c - y * s, ay + x * s + y * c]);
  return { outer: lay(outer), holes: holes.map(lay) };
}

export const discShape = (acrossMm: number): Outline => ({ outer: circle(acrossMm / 2), holes: [] });

export const ringShape = (acrossMm: number, wireMm: number): Outline => ({
  outer: circle(acrossMm / 2),
  holes: [circle(acrossMm / 2 - wireMm)],
});

/** A body turned about its length; how full its ends are: 2 an egg, more a barrel. */
export function eggShape(lengthMm: number, widthMm: number, full = 2, nose = 0): Outline {
  const steps = 120;
  const outer = Array.from({ length: steps }, (_, step): Spot => {
    const angle = (step / steps) * 2 * Math.PI;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const x = Math.sign(c) * Math.abs(c) ** (2 / full);
    const y = Math.sign(s) * Math.abs(s) ** (2 / full);
    return [(x * lengthMm) / 2, (y * widthMm * (1 + nose * x)) / 2];
  });
  return { outer, holes: [] };
}

export function bladeShape(lengthMm: number, widthMm: number, full: number, holeMm: number): Outline {
  const { outer } = eggShape(lengthMm, widthMm, full, 0.12);
  return { outer, holes: [circle(holeMm / 2, [-lengthMm / 2 + holeMm / 2 + 1.2, 0], 40)] };
}

export const tubeShape = (lengthMm: number, acrossMm: number): Outline => ({
  outer: [
    [-lengthMm / 2, -acrossMm / 2],
    [lengthMm / 2, -acrossMm / 2],
    [lengthMm / 2, acrossMm / 2],
    [-lengthMm / 2, acrossMm / 2],
  ],
  holes: [],
});

/** Two loops on a barrel. */
export function swivelShape(lengthMm: number, barrelMm: number, loopMm: number): Outline {
  const wire = loopMm * 0.28;
  const radius = loopMm / 2 + wire;
  const end = lengthMm / 2 - radius;
  const neck = Math.acos(Math.min(0.9, (0.4 * barrelMm) / radius));
  const half = (sign: 1 | -1): Spot[] => [
    [sign * (end - radius - 0.3), (-sign * barrelMm) / 2],
    ...Array.from({ length: 41 }, (_, step): Spot => {
      const angle = -Math.PI + neck * 0.9 + (step / 40) * (2 * Math.PI - 1.8 * neck);
      return [sign * (end + radius * Math.cos(angle)), sign * radius * Math.sin(angle)];
    }),
    [sign * (end - radius - 0.3), (sign * barrelMm) / 2],
  ];
  return {
    outer: [...half(1), ...half(-1)],
    holes: [circle(loopMm / 2, [end, 0], 40), circle(loopMm / 2, [-end, 0], 40)],
  };
}

export interface HookSizes {
  readonly lengthMm: number;
  readonly gapeMm: number;
  readonly wireMm: number;
  readonly eyeMm: number;
  readonly biteMm: number;
  /** How far behind the point its barb stands; null for none. */
  readonly barbMm: number | null;
}

/** A hook lying flat: a round bend, a straight leg to the point, an eye. */
export function hookShape({ lengthMm, gapeMm, wireMm, eyeMm, biteMm, barbMm }: HookSizes): Outline {
  const half = wireMm / 2;
  const eyeOut = eyeMm / 2 + wireMm;
  const bend = gapeMm / 2;
  const straightTo = lengthMm - wireMm / 2 - bend;
  const path: Spot[] = [
    [eyeOut * 2 - half, 0],
    ...Array.from({ length: 30 }, (_, step): Spot => [
      eyeOut * 2 + ((straightTo - eyeOut * 2) * (step + 1)) / 30,
      0,
    ]),
    ...Array.from({ length: 40 }, (_, step): Spot => {
      const angle = -Math.PI / 2 + (Math.PI * (step + 1)) / 40;
      return [straightTo + bend * Math.cos(angle), bend + bend * Math.sin(angle)];
    }),
  ];
  const tipX = lengthMm - wireMm - biteMm;
  for (let step = 1; step <= 30; step += 1)
    path.push([straightTo + ((tipX - straightTo) * step) / 30, gapeMm]);
  const taperMm = 2.6 * wireMm;
  const sides = [1, -1].map((side) =>
    path.map(([x, y], index): Spot => {
      const [bx, by] = path[Math.max(0, index - 1)] ?? [0, 0];
      const [nx, ny] = path[Math.min(path.length - 1, index + 1)] ?? [0, 0];
      const long = Math.hypot(nx - bx, ny - by);
      const isLeg = y > gapeMm - 1e-9;
      const behind = isLeg ? Math.abs(x - tipX) : Infinity;
      const taper = Math.min(1, behind / taperMm);
      // A sliver cut up towards the bend: it stands highest at its own end.
      const barb =
        side === 1 && barbMm !== null && isLeg && behind <= barbMm && behind > barbMm - 1.6 * wireMm
          ? 0.55 * wireMm * (1 - (barbMm - behind) / (1.6 * wireMm))
          : 0;
      const out = side * (half * taper + barb);
      return [x - ((ny - by) / long) * out, y + ((nx - bx) / long) * out];
    }),
  );
  const [one = [], other = []] = sides;
  const eye: Spot[] = Array.from({ length: 61 }, (_, step) => {
    const open = Math.asin(half / eyeOut);
    const angle = -open - ((2 * Math.PI - 2 * open) * step) / 60;
    return [eyeOut + eyeOut * Math.cos(angle), -eyeOut * Math.sin(angle) * -1];
  });
  return {
    outer: [...one.slice(1), ...other.slice(1).reverse(), ...eye],
    holes: [circle(eyeMm / 2, [eyeOut, 0], 40)],
  };
}

/** A bundle of strands held at one end, a gap between each and the next. */
export function tabShape(lengthMm: number, strands: number, strandMm: number, gapMm: number): Outline {
  const held = lengthMm * 0.12;
  const pitch = strandMm + gapMm;
  const widthMm = strands * pitch - gapMm;
  const outer: Spot[] = [
    [0, widthMm],
    [0, 0],
  ];
  for (let strand = 0; strand < strands; strand += 1) {
    const y = strand * pitch;
    outer.push([lengthMm, y], [lengthMm, y + strandMm]);
    if (strand < strands - 1) outer.push([held, y + strandMm], [held, y + pitch]);
  }
  return { outer, holes: [] };
}

/** A soft bait: a body that thins to its tail, and a paddle. */
export function paddleShape(lengthMm: number, bodyMm: number): Outline {
  const upper: Spot[] = Array.from({ length: 81 }, (_, step) => {
    const share = (1 - Math.cos((Math.PI * step) / 80)) / 2;
    const tail = Math.exp(-(((share - 0.93) / 0.05) ** 2)) * 0.3;
    const thick =
      0.5 * Math.sin(Math.PI * Math.min(1, share / 0.7) * 0.5 + (share > 0.7 ? (share - 0.7) * 4.2 : 0));
    const end =
      share < 0.06
        ? Math.sqrt(Math.max(0, share / 0.06))
        : share > 0.985
          ? Math.sqrt(Math.max(0, (1 - share) / 0.015))
          : 1;
    return [share * lengthMm - lengthMm / 2, -bodyMm * end * Math.max(0.12, Math.max(thick, tail))];
  });
  return { outer: [...upper, ...upper.map(([x, y]): Spot => [x, -y]).reverse()], holes: [] };
}
