import { hookRank } from '@/core/units/hook-rank';
import { findStyle } from '@/core/cavities/styles';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Ticket, TicketLine } from '@/records/ticket';

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
}

export type LineField = 'nominalG' | 'count' | 'hookBinId' | 'metalBinId';

export interface DraftProblems {
  readonly title: string | null;
  readonly buyer: string | null;
  readonly tolerance: string | null;
  readonly lines: ReadonlyMap<string, Partial<Record<LineField, string>>>;
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
  };
}

export function draftOf(ticket: Ticket): TicketDraft {
  const { id, title, buyer, toleranceShare, note, lines } = ticket;
  return { ticketId: id, title, buyer, toleranceShare, note, lines };
}

/** Whether what was kept on this screen is a draft this page can go on with. */
export function isDraft(kept: unknown): kept is TicketDraft {
  const draft = kept as TicketDraft | null;
  return (
    typeof draft === 'object' &&
    draft !== null &&
    typeof draft.title === 'string' &&
    Array.isArray(draft.lines) &&
    draft.lines.every((line) => typeof line.id === 'string' && typeof line.style === 'string')
  );
}

/** What keeps a draft from being written, field by field, in words. */
export function findProblems(draft: TicketDraft): DraftProblems {
  const lines = new Map(
    draft.lines.map((line) => {
      const problems: Partial<Record<LineField, string>> = {};
      if (line.nominalG === null || line.nominalG <= 0)
        problems.nominalG = 'Write a weight over zero, such as 10 g.';
      if (line.count === null || line.count < 1) problems.count = 'How many? 1 or more.';
      if (line.metalBinId === null) problems.metalBinId = 'Choose a metal lot.';
      if (findStyle(line.style)?.isHooked && line.hookBinId === null) problems.hookBinId = 'Choose a hook.';
      return [line.id, problems] as const;
    }),
  );
  const title = draft.title.trim() === '' ? 'Give the ticket a name, such as Zander league.' : null;
  const buyer =
    draft.buyer !== null && draft.buyer.trim() === '' ? 'Who ordered it? Or make it for stock.' : null;
  const tolerance = draft.toleranceShare === null ? 'Write a percentage from 0 to 50.' : null;
  const inLines = [...lines.values()].reduce((total, each) => total + Object.keys(each).length, 0);
  const ownCount = [title, buyer, tolerance].filter(Boolean).length;
  return { title, buyer, tolerance, lines, count: inLines + ownCount };
}

/** The lines that are complete, as records. */
export function completeLines(draft: TicketDraft): TicketLine[] {
  return draft.lines.flatMap((line) => {
    const { nominalG, count, metalBinId } = line;
    const isHookMissing = findStyle(line.style)?.isHooked && line.hookBinId === null;
    if (!nominalG || !count || metalBinId === null || isHookMissing) return [];
    // Drafts kept by an earlier page know no color and no skirt.
    const { coatId = null, skirtId = null, guardBinId = null, collarBinId = null } = line;
    return [{ ...line, nominalG, count, metalBinId, coatId, skirtId, guardBinId, collarBinId }];
  });
}

/** Hooks for a select: smallest first, like sizes by name. */
export function sortHooks(hooks: Iterable<HookBin>): HookBin[] {
  const rank = (hook: HookBin) => hookRank(hook.size)?.rank ?? 0;
  return [...hooks].sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name));
}
