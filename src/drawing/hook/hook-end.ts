/** A place in a drawing, mm. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** The sharp end of a hook, as closed paths to be filled. */
export interface HookEnd {
  /** From the wire's full width to nothing. */
  readonly needle: string;
  /** A sliver cut out of the inner side, its free end away from the tip. */
  readonly barb: string;
  /** Where the wire's stroke ends and the needle begins. */
  readonly from: Spot;
}

/** In wire diameters: how long the taper is, where the barb's root lies before the tip, how long it is, how far it is lifted. */
const NEEDLE = 4.2;
const ROOT = 2.3;
const BARB = 1.3;
const LIFT = 0.5;

const mm = (value: number) => Number(value.toFixed(3));

/**
 * The point of a hook whose last straight piece runs from `start` to `tip`, ground to a needle, with its barb on the side
 * that is `inside` of it: 1 to the right of the way to the tip as it is drawn, y down, -1 to the left.
 *
 * @example hookEnd({ x: 0, y: 0 }, { x: 10, y: 0 }, 1, 1).from // { x: 5.8, y: 0 }
 */
export function hookEnd(start: Spot, tip: Spot, wireMm: number, inside: 1 | -1): HookEnd {
  const [dx, dy] = [tip.x - start.x, tip.y - start.y];
  const long = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / long, dy / long];
  const needleMm = Math.min(NEEDLE * wireMm, long * 0.9);
  // Before the tip by `back` wires of the taper, off the middle toward the inside by `aside` wires.
  const at = (back: number, aside: number): Spot => ({
    x: mm(tip.x - (ux * back * needleMm) / NEEDLE - uy * aside * inside * wireMm),
    y: mm(tip.y - (uy * back * needleMm) / NEEDLE + ux * aside * inside * wireMm),
  });
  const to = ({ x, y }: Spot) => `${x} ${y}`;
  const bow = NEEDLE * 0.45;
  return {
    needle: `M${to(at(NEEDLE, 0.5))}Q${to(at(bow, 0.44))} ${to(at(0, 0))}Q${to(at(bow, -0.44))} ${to(at(NEEDLE, -0.5))}Z`,
    barb: `M${to(at(ROOT, 0.24))}L${to(at(ROOT + BARB, 0.4 + LIFT))}L${to(at(ROOT + BARB * 0.75, 0.3))}Z`,
    from: at(NEEDLE, 0),
  };
}

/**
 * The eye of a hook: a turn of its wire round `at`, from the side that the shank comes from and left open by a hair
 * where its end meets it.
 *
 * @example hookEye({ x: 0, y: 0 }, 2, 90) // 'M0 2A2 2 0 1 1 0.75 1.854'
 */
export function hookEye({ x, y }: Spot, r: number, shankDeg: number): string {
  if (r <= 0) return '';
  const on = (deg: number) => {
    const turn = (deg * Math.PI) / 180;
    return `${mm(x + r * Math.cos(turn))} ${mm(y + r * Math.sin(turn))}`;
  };
  return `M${on(shankDeg)}A${mm(r)} ${mm(r)} 0 1 1 ${on(shankDeg - OPENING_DEG)}`;
}

const OPENING_DEG = 22;
