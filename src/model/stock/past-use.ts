import { learnSeason } from '@/core/stock/learn-season';
import type { Taking } from '@/core/stock/forecast-use';
import type { Entry } from '@/records/entry';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from './free-of';

const DAY_MS = 86_400_000;
const MONTHS = 12;

/** A bin with what was taken from it, as a forecast is asked of it. */
export interface UsedBin {
  readonly id: string;
  readonly takings: readonly Taking[];
  readonly watchedDays: number;
  readonly free: number;
}

/** What an entry says was used up: taken, lost, made into something; never what was counted or put back. */
function usedBy({ kind, qty, reverses }: Entry, reversed: ReadonlySet<string>, id: string): number {
  const isUse = kind !== 'received' && kind !== 'counted' && kind !== 'returned' && qty < 0;
  return isUse && reverses === null && !reversed.has(id) ? -qty : 0;
}

/** Every bin of parts and metals with its history of use; takings of one day count as one. */
export function usedBins(view: BenchView, now: number): UsedBin[] {
  return view.bins.flatMap((bin): UsedBin[] => {
    if (bin.kind === 'head') return [];
    const entries = view.entriesByBin.get(bin.id) ?? [];
    const first = entries[0];
    if (!first) return [];
    const reversed = new Set(entries.flatMap(({ reverses }) => (reverses === null ? [] : [reverses])));
    const byDay = new Map<number, number>();
    for (const entry of entries) {
      const used = usedBy(entry, reversed, entry.id);
      if (used <= 0) continue;
      const day = Math.max(0, Math.floor((now - entry.at) / DAY_MS));
      byDay.set(day, (byDay.get(day) ?? 0) + used);
    }
    const takings = [...byDay].map(([day, qty]) => ({ daysAgo: day + 0.5, qty }));
    const watchedDays = Math.max(1, (now - first.at) / DAY_MS);
    return takings.length === 0 ? [] : [{ id: bin.id, takings, watchedDays, free: freeOf(view, bin.id) }];
  });
}

/** How busy each month is, from everything that was taken on the whole bench; all alike until a year was watched. */
export function seasonOf(bins: readonly UsedBin[], now: number): number[] {
  const watchedDays = Math.max(0, ...bins.map((bin) => bin.watchedDays));
  if (watchedDays < 365) return Array.from({ length: MONTHS }, () => 1);
  const monthAt = (daysAgo: number) => new Date(now - daysAgo * DAY_MS).getUTCMonth();
  const watched = Array.from({ length: MONTHS }, () => 0);
  for (let day = 0; day < watchedDays; day += 1) {
    const month = monthAt(day);
    watched[month] = (watched[month] ?? 0) + 1;
  }
  return learnSeason(
    bins.flatMap(({ takings }) => takings.map(({ daysAgo }) => monthAt(daysAgo))),
    watched,
  );
}

/** What was used of a bin in each of the last months, the present one last. */
export function usedByMonth(takings: readonly Taking[], now: number, months: number): number[] {
  const nowMonth = new Date(now).getUTCFullYear() * MONTHS + new Date(now).getUTCMonth();
  const used = Array.from({ length: months }, () => 0);
  for (const { daysAgo, qty } of takings) {
    const at = new Date(now - daysAgo * DAY_MS);
    const back = nowMonth - (at.getUTCFullYear() * MONTHS + at.getUTCMonth());
    const place = months - 1 - back;
    if (place >= 0) used[place] = (used[place] ?? 0) + qty;
  }
  return used;
}

/** Which day of its year a day is, from 0. */
export function dayOfYear(now: number): number {
  const date = new Date(now);
  return Math.floor((now - Date.UTC(date.getUTCFullYear(), 0, 1)) / DAY_MS);
}
