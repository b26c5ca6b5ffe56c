import { repeatableRandom } from '@/core/numeric/repeatable-random';

/** Time and chance for a stand-in device, turned by a test: `run` lets so many ticks pass. */
export function turnedWorld(seed = 3) {
  let tick: (() => void) | null = null;
  return {
    every: (_: number, call: () => void) => {
      tick = call;
      return () => {
        tick = null;
      };
    },
    chance: repeatableRandom(seed),
    run: (ticks: number) => {
      for (let count = 0; count < ticks; count += 1) tick?.();
    },
  };
}
