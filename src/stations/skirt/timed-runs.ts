import type { BenchView } from '../shared';

/** The maker's runs as the pace of tying is learned from. */
export function timedRuns(view: Pick<BenchView, 'tyings' | 'skirtById'>) {
  return view.tyings.flatMap(({ skirtId, done, seconds, state }) => {
    const skirt = view.skirtById.get(skirtId);
    return skirt && state === 'tied'
      ? [{ skirtId, family: skirt.family, hold: skirt.hold, done, seconds }]
      : [];
  });
}
