export interface SafetyItem {
  readonly id: string;
  readonly asks: string;
  readonly why: string;
}

/** What is gone through before the pot goes on: the usual cautions, in the order in which they are seen to. */
export const SAFETY_ITEMS: readonly SafetyItem[] = [
  {
    id: 'dry',
    asks: 'Ingots, ladle, block, pins and hooks are dry and warm.',
    why: 'A drop of water under molten metal turns to steam at once and throws it.',
  },
  {
    id: 'water',
    asks: 'No water, drink or damp cloth stands near or above the pot.',
    why: 'What can tip or drip will.',
  },
  {
    id: 'vent',
    asks: 'The vent runs or the wind takes the fume away from me.',
    why: 'Fume and dross dust are breathed in, and lead stays in the body.',
  },
  {
    id: 'clothes',
    asks: 'Goggles or shield, gloves, long sleeves and closed shoes are on.',
    why: 'Splashes find the skin and the eyes.',
  },
  {
    id: 'people',
    asks: 'No child, no pregnant person and no pet is near; nobody eats or smokes here.',
    why: 'Lead harms them first and most.',
  },
  {
    id: 'fire',
    asks: 'An extinguisher for metal and grease or dry sand is in reach, and the way out is free.',
    why: 'Water never goes onto molten metal.',
  },
];

/** How long the answers hold, as the maker chooses. */
export type SafetyKeep = 'run' | 'two-hours' | 'session';

const HOUR_MS = 3_600_000;
/** A session is never taken to be longer than this. */
const SESSION_HOURS = 8;

/**
 * Until when the answers given now hold, ms: for this run alone, for two hours, or for the session, which is at most
 * eight.
 *
 * @example safetyUntil('two-hours', 0) // 7_200_000
 */
export function safetyUntil(keep: SafetyKeep, now: number): number {
  return now + (keep === 'run' ? 0 : keep === 'two-hours' ? 2 : SESSION_HOURS) * HOUR_MS;
}

/**
 * Whether answers given earlier still hold. A clock that was set back behind them makes them void.
 *
 * @example isSafetyKept({ answeredAt: 0, until: 10 }, 5) // true
 */
export function isSafetyKept(
  safety: { readonly answeredAt: number; readonly until: number } | null,
  now: number,
): boolean {
  if (!safety) return false;
  const latest = Math.min(safety.until, safety.answeredAt + SESSION_HOURS * HOUR_MS);
  return now >= safety.answeredAt && now < latest;
}
