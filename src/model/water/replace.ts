import type { RateComparison, RateGroup } from '@/core/water/compare-rates';
import type { NewTicket } from '@/records/ticket';
import type { BenchView } from '../bench/bench-view';
import { fishedPiece } from './fished';
import { METRIC } from '@/text/written-in';
import { catchBy } from './answers';
import { fishedName, keyOf, type Fished } from './things';

/** What may be made anew: what was lost, and what works. */
export interface Replacement {
  readonly of: Fished;
  readonly name: string;
  readonly lost: number;
  /** What was caught with it; null where nobody noted an hour. */
  readonly rate: (RateGroup & Pick<RateComparison, 'dispersion'>) | null;
  /** Stands out from all else: more of it does no harm. */
  readonly works: boolean;
  /** How many to make. */
  readonly count: number;
}

/** Everything fished since an instant that was lost, or stands clear of all else, the most lost first. */
export function replacements(view: BenchView, since: number): Replacement[] {
  const { groups, winner, dispersion } = catchBy('thing', null, view, METRIC);
  const rates = new Map(groups.map((group) => [group.under, { ...group, dispersion }]));
  const found = new Map<string, Replacement>();
  for (const { of, lost, at } of view.waterNotes) {
    if (of === null || at < since || !fishedPiece(of, view)) continue;
    const key = keyOf(of);
    const name = fishedName(of, view);
    const all = (found.get(key)?.lost ?? 0) + lost;
    const works = name === winner;
    found.set(key, {
      of,
      name,
      lost: all,
      works,
      rate: rates.get(name) ?? null,
      count: all + (works ? 2 : 0),
    });
  }
  return [...found.values()].filter(({ count }) => count > 0).sort((a, b) => b.count - a.count);
}

/** A ticket for what was chosen: heads as lines; baits, rigs and loose skirts as wares. */
export function replacementTicket(
  chosen: readonly Replacement[],
  view: BenchView,
  newId: () => string,
): NewTicket | null {
  const lines: NewTicket['lines'] = [];
  const wares: NewTicket['wares'] = [];
  const [anyMetal] = [...view.metals].sort(
    (a, b) => (view.levels.get(b.id) ?? 0) - (view.levels.get(a.id) ?? 0),
  );
  for (const { of, count } of chosen) {
    const piece = fishedPiece(of, view);
    if (!piece || count < 1) continue;
    if (piece.kind === 'build') {
      wares.push({ id: newId(), kind: 'build', family: piece.build.family, count, dueOn: null });
    } else if (piece.kind === 'rig') {
      wares.push({ id: newId(), kind: 'rig', family: piece.rig.family, count, dueOn: null });
    } else if (piece.kind === 'skirt') {
      wares.push({ id: newId(), kind: 'skirt', family: piece.skirt.family, count, dueOn: null });
    } else {
      const { style, nominalG, hookBinId, metalBinId, coatId, skirtId } = piece.head;
      const metal = metalBinId ?? anyMetal?.id;
      if (metal === undefined) continue;
      lines.push({
        id: newId(),
        style,
        nominalG,
        count,
        hookBinId,
        coatId,
        skirtId,
        metalBinId: metal,
        guardBinId: null,
        collarBinId: null,
        dueOn: null,
      });
    }
  }
  if (lines.length + wares.length === 0) return null;
  return { title: 'Replace what the water took', buyer: null, toleranceShare: 0.05, lines, wares, note: '' };
}
