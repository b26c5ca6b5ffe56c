import type { Build, BuildPiece } from './build';
import { judgeBuild } from './judge-build';
import { lengthAlong } from './place-parts';

/** Told apart from what is on the arm already; never stored. */
const TRIED = 'tried';

/** A build with a part threaded behind an arm piece, toward the arm's end. */
function withPartBehind(build: Build, at: string, part: BuildPiece): Build {
  const index = build.arm.findIndex(({ id }) => id === at);
  const arm = [...build.arm];
  arm.splice(index + 1, 0, { id: TRIED, part, blade: null });
  return { ...build, arm };
}

/**
 * Beads and spacers of the shelf that, threaded behind an arm piece, keep its blade off the next one: fewer stops than now,
 * the shortest first.
 *
 * @example fillersThatFit(build, 'clevis', shelf)[0]?.name // 'Spacer tube 8 mm'
 */
export function fillersThatFit(build: Build, at: string, shelf: readonly BuildPiece[]): BuildPiece[] {
  const stopsOf = (each: Build) => judgeBuild(each).findings.filter(({ weight }) => weight === 'stop').length;
  const now = stopsOf(build);
  return shelf
    .filter(({ gauge }) => gauge.as === 'bead' || gauge.as === 'spacer')
    .filter((part) => stopsOf(withPartBehind(build, at, part)) < now)
    .sort((a, b) => lengthAlong(a) - lengthAlong(b));
}
