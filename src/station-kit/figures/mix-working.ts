import type { BuildRecord } from '@/records/build';
import { versionText } from '@/model/versions/version-text';
import { numberText } from '@/text/number-text';
import type { Working } from '@/ui/figure/Figure';

/** What the baits that a shelf gives are worth together. */
export function mixWorking(
  builds: readonly BuildRecord[],
  counts: ReadonlyMap<string, number>,
  { value, optimal }: { readonly value: number; readonly optimal: boolean },
): Working {
  const made = builds.flatMap((build) => {
    const count = counts.get(build.id) ?? 0;
    return count > 0 ? [{ name: versionText(build), count, worth: build.worth }] : [];
  });
  return {
    title: 'Worth together',
    steps: [
      ...made.map(
        ({ name, count, worth }) =>
          `${count} × ${name} at ${numberText(worth, 3)} = ${numberText(count * worth, 4)}`,
      ),
      `together ${numberText(value, 4)}`,
      optimal
        ? 'an integer program over all parts that are free, solved until nothing is worth more'
        : 'an integer program over all parts that are free, stopped by the time limit',
    ],
    inputs: [
      { name: 'worth of a bait', value: 'set with the bait', basis: 'given' },
      { name: 'parts', value: 'on the shelf, less what is promised', basis: 'counted' },
    ],
  };
}

/** By how much one more packet raises it. */
export function gainWorking(packet: number, gain: number): Working {
  return {
    title: 'One more packet',
    steps: [
      `the same program with ${packet} more of this part, less what it gave without them: + ${numberText(gain, 3)}`,
    ],
    inputs: [{ name: 'worth of a bait', value: 'set with the bait', basis: 'given' }],
  };
}
