const DAY_MS = 86_400_000;
/** All of the last days, then one of each month. */
const DAYS = 8;
const MONTHS = 13;

/** A copy that was set aside, and when it was saved. */
export interface DatedCopy {
  readonly name: string;
  readonly at: number;
}

/**
 * Which copies are worth their room: the last one of each of the last days and of each of the last months, seen from `now` (ms
 * since 1970, days and months in UTC).
 *
 * @example copiesToKeep([{ name: 'a', at: 0 }], 1000) // ['a']
 */
export function copiesToKeep(copies: readonly DatedCopy[], now: number): string[] {
  const newestFirst = [...copies].sort((a, b) => b.at - a.at || (a.name < b.name ? 1 : -1));
  const seen = new Set<string>();
  return newestFirst
    .filter(({ at }) => {
      const day = new Date(at).toISOString().slice(0, 10);
      const isRecent = now - at < DAYS * DAY_MS;
      const slots = [...(isRecent ? [day] : []), day.slice(0, 7)];
      const isNeeded = slots.some((slot) => !seen.has(slot));
      for (const slot of slots) seen.add(slot);
      return isNeeded && now - at < MONTHS * 31 * DAY_MS;
    })
    .map(({ name }) => name);
}
