import type { SkirtView } from '@/core/skirts/skirt-view';
import type { JigLook, SkirtState } from './skirt-look';

type Box = readonly [x: number, y: number, width: number, height: number];

const MARGIN_MM = 2;
/** Open, strands reach so far of their length forward of the collar and to each side. */
const FORWARD = 0.3;
const ASIDE = 0.98;
const TRAILER_MM = 52;

/**
 * What holds a drawn skirt with its head and hook, mm: x, y, width, height.
 *
 * @example skirtBox(jig, { is: 'rest' }, 'side')
 */
export function skirtBox(jig: JigLook, state: SkirtState, view: SkirtView): Box {
  const { head, collar, layers, depth } = jig;
  const [headX, headY, headWide, headHigh] = head.viewBox;
  const longest = Math.max(10, ...layers.map(({ lengthMm }) => lengthMm));
  const open = state.is === 'open' ? state.open : 0;
  if (view === 'end') {
    const half =
      Math.max(
        (head.bodyBox.height / 2) * depth,
        -headY,
        collar.diameterMm / 2 + longest * Math.sin(((12 + 78 * open) * Math.PI) / 180) * 1.05,
      ) + MARGIN_MM;
    return [-half, -half, 2 * half, 2 * half];
  }
  const high = (Math.PI * collar.diameterMm) / 4;
  const aside = state.is === 'open' ? Math.max(high, longest * ASIDE * Math.min(1, 0.2 + open)) : high * 1.1;
  const forward =
    state.is === 'tying'
      ? longest + collar.lengthMm - collar.xMm
      : state.is === 'open'
        ? Math.max(0, longest * FORWARD * open - collar.xMm)
        : 0;
  const left = Math.min(headX, -forward) - MARGIN_MM;
  const right =
    Math.max(
      headX + headWide,
      collar.xMm + longest * 1.02,
      jig.trailerHex && state.is !== 'tying' ? collar.xMm + TRAILER_MM : 0,
    ) + MARGIN_MM;
  const across = (head.bodyBox.height / 2) * depth;
  const top = view === 'top' ? Math.max(across, aside) : Math.max(-headY, aside);
  const bottom =
    view === 'top' ? Math.max(across, aside) : Math.max(headY + headHigh, aside + longest * 0.05);
  return [left, -top - MARGIN_MM, right - left, top + bottom + 2 * MARGIN_MM];
}
