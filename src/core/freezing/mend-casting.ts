import { meshBounds } from '../meshes/mesh-bounds';
import type { Gate } from '../molds/gate-run';
import { bestChanges, type Change, type Changed } from './best-changes';
import type { CastFlaw } from './cast-flaws';
import type { Casting, PourSetting } from './casting';
import { judgeCasting } from './judge-casting';

/** What a maker can do about a casting. */
export interface MakerCan {
  /** The block is not cut yet: the gate may be anywhere. */
  readonly moveGate: boolean;
  /** Open the gate up with a drill, and scratch vents. */
  readonly cutGate: boolean;
  readonly cutVents: boolean;
  /** The hottest and coolest that metal and block are worked at, C. */
  readonly pouredC: readonly [from: number, to: number];
  readonly blockC: readonly [from: number, to: number];
}

/** One thing done otherwise. */
export type CastChange =
  | { readonly is: 'gate'; readonly gate: Gate }
  | { readonly is: 'vents'; readonly vents: readonly number[] }
  | { readonly is: 'poured'; readonly pouredC: number }
  | { readonly is: 'block'; readonly blockC: number }
  | { readonly is: 'gap'; readonly gapMm: number };

/** Where a gate is tried along the body, how much wider it is drilled, mm, and how far temperatures are changed, K. */
const PLACES = [0.12, 0.3, 0.5, 0.7, 0.88];
const [WIDER_MM, MOST_GATE_MM] = [[1.5, 3, 5], 12];
const [POUR_STEPS, BLOCK_STEPS] = [
  [-20, 20, 40],
  [-40, 40, 80],
];
/** Halves that shut well, and how much of the widest that does not flash, mm. */
const [CLOSE_MM, UNDER_FLASH] = [0.02, 0.8];
/** Tried on so few bricks and cells: enough to tell one way from another; and so many ways. */
const [TRY_BRICKS, MOST_TRIED] = [9000, 48];
const GIVE = 3;

interface MendOptions {
  readonly onProgress?: (share: number) => void;
  /** How finely each way is tried, and how many ways. */
  readonly bricks?: number;
  readonly most?: number;
}

/**
 * What to change about a casting, the best three: where its gate is and how wide, vents, heat of metal and block, the gap of
 * its halves, one change or two, within what the maker can do. Each with the flaws that stay.
 *
 * @example mendCasting(casting, setting, can)[0].changes[0].what // { is: 'gate', gate: { at: 0.7, ... } }
 */
export function mendCasting(
  casting: Casting,
  setting: PourSetting,
  can: MakerCan,
  { onProgress, bricks = TRY_BRICKS, most = MOST_TRIED }: MendOptions = {},
): readonly Changed<CastChange, readonly CastFlaw[]>[] {
  const judge = (changes: readonly Change<CastChange>[]) => {
    const after = changes.reduce((so, { what }) => withChange(so, what), { casting, setting });
    const { flaws, score } = judgeCasting(after.casting, after.setting, {
      mostBricks: bricks,
      mostCells: bricks,
    });
    return { told: flaws, score };
  };
  const before = judge([]);
  if (before.told.length === 0) return [];
  return bestChanges(changesOf(casting, setting, can, before.told), judge, before.score, {
    most,
    give: GIVE,
    ...(onProgress ? { onProgress } : {}),
  });
}

/**
 * A casting and its pour with one thing done otherwise.
 *
 * @example withChange({ casting, setting }, { is: 'block', blockC: 160 }).setting.blockC // 160
 */
export function withChange(
  { casting, setting }: { readonly casting: Casting; readonly setting: PourSetting },
  change: CastChange,
): { readonly casting: Casting; readonly setting: PourSetting } {
  switch (change.is) {
    case 'gate':
      return { casting: { ...casting, gate: change.gate }, setting };
    case 'vents':
      return { casting, setting: { ...setting, vents: change.vents } };
    case 'poured':
      return { casting, setting: { ...setting, pouredC: change.pouredC } };
    case 'block':
      return { casting, setting: { ...setting, blockC: change.blockC } };
    case 'gap':
      return { casting, setting: { ...setting, gapMm: change.gapMm } };
  }
}

function changesOf(
  casting: Casting,
  setting: PourSetting,
  can: MakerCan,
  flaws: readonly CastFlaw[],
): readonly Change<CastChange>[] {
  const { gate, body } = casting;
  const { min, max } = meshBounds(body);
  const long = max[0] - min[0];
  const gates = (sort: string, effort: number, tried: readonly Gate[]) =>
    tried.map((each): Change<CastChange> => ({
      lever: 'gate',
      sort,
      effort,
      what: { is: 'gate', gate: each },
    }));
  const one = (sort: string, effort: number, what: CastChange): Change<CastChange> => ({
    lever: sort,
    sort,
    effort,
    what,
  });
  const widest = Math.min(MOST_GATE_MM, max[2] - min[2], long);
  const wider = WIDER_MM.map((mm) => gate.wideMm + mm).filter((mm) => mm <= widest);
  const isOpen = gate.side === 'open';
  const air = flaws.flatMap((flaw) => (flaw.kind === 'air' ? [(flaw.atMm[0] - min[0]) / long] : []));
  const flash = flaws.flatMap((flaw) => (flaw.kind === 'flash' ? [flaw.fromMm * UNDER_FLASH] : []));
  const within = (c: number, [from, to]: readonly [number, number]) => c >= from && c <= to;
  return [
    ...(can.cutGate && !isOpen
      ? gates(
          'wider',
          2,
          wider.map((wideMm) => ({ ...gate, wideMm })),
        )
      : []),
    ...(can.moveGate && !isOpen
      ? gates(
          'moved',
          3,
          PLACES.filter((at) => Math.abs(at - gate.at) > 0.1 || gate.side !== 'above').flatMap((at) =>
            [gate.wideMm, ...wider.slice(1, 2)].map((wideMm) => ({ side: 'above' as const, at, wideMm })),
          ),
        )
      : []),
    ...(can.cutVents && air.length > 0
      ? [one('vents', 1, { is: 'vents', vents: [...setting.vents, ...air] })]
      : []),
    ...POUR_STEPS.map((step) => setting.pouredC + step)
      .filter((c) => within(c, can.pouredC))
      .map((pouredC) => one('poured', 1, { is: 'poured', pouredC })),
    ...BLOCK_STEPS.map((step) => setting.blockC + step)
      .filter((c) => within(c, can.blockC))
      .map((blockC) => one('block', 1, { is: 'block', blockC })),
    ...flash.map((mm) => one('gap', 2, { is: 'gap', gapMm: Math.min(CLOSE_MM, mm) })),
  ];
}
