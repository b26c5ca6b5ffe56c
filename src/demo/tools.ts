import { repeatableRandom } from '@/core/numeric/repeatable-random';

const DAY_MS = 86_400_000;

/** Chance and time for the made-up bench: the same from the same start. */
export class DemoTools {
  readonly #next: () => number;
  readonly #startOfToday: number;

  constructor(start: number, now: number) {
    this.#next = repeatableRandom(start);
    this.#startOfToday = Math.floor(now / DAY_MS) * DAY_MS;
  }

  between(low: number, high: number): number {
    return low + (high - low) * this.#next();
  }

  whole(low: number, high: number): number {
    return Math.floor(this.between(low, high + 1));
  }

  happens(share: number): boolean {
    return this.#next() < share;
  }

  /** An instant so many days from today's start, at an hour of it. Before today for negative days. */
  at(days: number, hour = 18): number {
    return this.#startOfToday + days * DAY_MS + Math.round(hour * 3_600_000);
  }

  /** A calendar day so many days from today. */
  day(days: number): string {
    return new Date(this.at(days, 12)).toISOString().slice(0, 10);
  }
}
