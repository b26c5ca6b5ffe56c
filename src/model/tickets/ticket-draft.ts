import { hookRank } from '@/core/units/hook-rank';
import { findStyle } from '@/core/cavities/styles';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Ticket, TicketLine, TicketWare } from '@/records/ticket';

/** A ticket line while it is typed: anything may still be missing. */
export interface DraftLine {
  readonly id: string;
  readonly style: string;
  readonly nominalG: number | null;
  readonly count: number | null;
  readonly hookBinId: string | null;
  readonly metalBinId: string | null;
  readonly coatId: string | null;
  readonly skirtId: string | null;
  readonly guardBinId: string | null;
  readonly collarBinId: string | null;
  readonly trailerBinId?: string | null | undefined;
  readonly dueOn: string | null;
}

/** A bait or rig that is asked for, while it is typed. */
export interface DraftWare {
  readonly id: string;
  /** `build:family` or `rig:family`; null until one is chosen. */
  readonly of: string | null;
  /** What it is to be called, where none such was kept yet. */
  readonly says?: string | undefined;
  readonly count: number | null;
  readonly dueOn: string | null;
}

export interface TicketDraft {
  /** The ticket it changes; null for a new one. */
  readonly ticketId: string | null;
  readonly title: string;
  readonly buyer: string | null;
  readonly toleranceShare: number | null;
  readonly note: string;
  readonly lines: readonly DraftLine[];
  readonly wares: readonly DraftWare[];
}

export type LineField = 'nominalG' | 'count' | 'hookBinId' | 'metalBinId';

export interface DraftProblems {
  readonly title: string | null;
  readonly buyer: string | null;
  readonly tolerance: string | null;
  readonly lines: ReadonlyMap<string, Partial<Record<LineField, string>>>;
  readonly wares: ReadonlyMap<string, { readonly of: string | null; readonly count: string | null }>;
  /** Nothing is asked for at all. */
  readonly nothing: string | null;
  readonly count: number;
}

const DEFAULT_TOLERANCE = 0.05;

/** A new line, like the one before it where there is one. */
export function newLine(id: string, before: DraftLine | undefined, metals: readonly MetalBin[]): DraftLine {
  return {
    id,
    style: before?.style ?? 'round',
    nominalG: null,
    count: null,
    hookBinId: before?.hookBinId ?? null,
    metalBinId: before?.metalBinId ?? metals[0]?.id ?? null,
    coatId: before?.coatId ?? null,
    skirtId: before?.skirtId ?? null,
    guardBinId: before?.guardBinId ?? null,
    collarBinId: before?.collarBinId ?? null,
    trailerBinId: before?.trailerBinId ?? null,
    dueOn: before?.dueOn ?? null,
  };
}

export function newDraft(lineId: string, metals: readonly MetalBin[]): TicketDraft {
  return {
    ticketId: null,
    title: '',
    buyer: null,
    toleranceShare: DEFAULT_TOLERANCE,
    note: '',
    lines: [newLine(lineId, undefined, metals)],
    wares: [],
  };
}

export function draftOf(ticket: Ticket): TicketDraft {
  const { id, title, buyer, toleranceShare, note, lines, wares } = ticket;
  return {
    ticketId: id,
    title,
    buyer,
    toleranceShare,
    note,
    lines,
    wares: wares.map(({ kind, family, ...ware }) => ({ ...ware, of: `${kind}:${family}` })),
  };
}

/** What is cast needs a hook to cast it on; a bought head comes with its own. */
const lacksHook = ({ style, hookBinId, metalBinId }: DraftLine) =>
  metalBinId !== null && findStyle(style)?.isHooked === true && hookBinId === null;

/** What keeps a draft from being written, field by field, in words. */
export function findProblems(draft: TicketDraft): DraftProblems {
  const lines = new Map(
    draft.lines.map((line) => {
      const problems: Partial<Record<LineField, string>> = {};
      if (line.nominalG === null || line.nominalG <= 0)
        problems.nominalG = 'Write a weight over zero, such as 10 g or 3/8 oz.';
      if (line.count === null || line.count < 1) problems.count = 'How many? 1 or more.';
      if (lacksHook(line)) problems.hookBinId = 'Choose a hook.';
      return [line.id, problems] as const;
    }),
  );
  const title = draft.title.trim() === '' ? 'Give the ticket a name, such as Zander league.' : null;
  const buyer =
    draft.buyer !== null && draft.buyer.trim() === '' ? 'Who ordered it? Or make it for stock.' : null;
  const tolerance = draft.toleranceShare === null ? 'Write a percentage from 0 to 50.' : null;
  const wares = new Map(
    draft.wares.map(({ id, of, says, count }) => [
      id,
      {
        of:
          of === null
            ? 'Choose a bait or a rig, or name one that is not built yet.'
            : says?.trim() === ''
              ? 'What is it to be called?'
              : null,
        count: count === null || count < 1 ? 'How many? 1 or more.' : null,
      },
    ]),
  );
  const nothing =
    draft.lines.length + wares.size === 0 ? 'Ask for something: a line of heads, a bait or a rig.' : null;
  const inWares = [...wares.values()].flatMap(({ of, count }) => [of, count]).filter(Boolean).length;
  const inLines = [...lines.values()].reduce((total, each) => total + Object.keys(each).length, 0);
  const ownCount = [title, buyer, tolerance, nothing].filter(Boolean).length;
  return { title, buyer, tolerance, lines, wares, nothing, count: inLines + inWares + ownCount };
}

/** The lines that are complete, as records. */
export function completeLines(draft: TicketDraft): TicketLine[] {
  return draft.lines.flatMap((line) => {
    const { nominalG, count } = line;
    if (!nominalG || !count || lacksHook(line)) return [];
    return [{ ...line, nominalG, count }];
  });
}

const WARE_KINDS: readonly TicketWare['kind'][] = ['build', 'rig', 'skirt', 'bin'];

/** The baits, rigs and skirts that are complete, as records. */
export function completeWares(draft: TicketDraft): TicketWare[] {
  return draft.wares.flatMap(({ id, of, says, count, dueOn }): TicketWare[] => {
    const [said, family] = of?.split(/:(.*)/s) ?? [];
    const kind = WARE_KINDS.find((each) => each === said);
    if (!kind || !family || !count || says?.trim() === '') return [];
    const named = says === undefined ? {} : { says: says.trim() };
    return [{ id, kind, family, ...named, count, dueOn }];
  });
}

/** Hooks for a select: smallest first, like sizes by name. */
export function sortHooks(hooks: Iterable<HookBin>): HookBin[] {
  const rank = (hook: HookBin) => hookRank(hook.size)?.rank ?? 0;
  return [...hooks].sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name));
}
