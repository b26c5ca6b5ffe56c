import type { Build, BuildPiece } from './build';
import { judgeBuild } from './judge-build';

/** A build with another part at one place. */
function withPart(build: Build, at: string, of: 'part' | 'blade', piece: BuildPiece | null): Build {
  if (at === 'end') {
    return {
      ...build,
      end: of === 'blade' ? { ...build.end, blade: piece } : { ...build.end, hanger: piece },
    };
  }
  return {
    ...build,
    arm: build.arm.map((each) => {
      if (each.id !== at) return each;
      if (of === 'blade') return { ...each, blade: piece };
      return piece ? { ...each, part: piece } : each;
    }),
  };
}

/**
 * Parts of the shelf that would make a build fit better at one place, the nearest to what is there first: fewer stops than
 * now, judged by the same rules. Of parts alike in role and form only.
 *
 * @example swapsThatFit(build, 'end', 'blade', blades)[0]?.name // 'Leaf blade, nickel 40 mm'
 */
export function swapsThatFit(
  build: Build,
  at: string,
  of: 'part' | 'blade',
  shelf: readonly BuildPiece[],
): BuildPiece[] {
  const there =
    at === 'end'
      ? of === 'blade'
        ? build.end.blade
        : build.end.hanger
      : (build.arm.find(({ id }) => id === at)?.[of] ?? null);
  if (!there) return [];
  const stopsOf = (each: Build) => judgeBuild(each).findings.filter(({ weight }) => weight === 'stop').length;
  const now = stopsOf(build);
  const sizeOf = ({ gauge: { sizes } }: BuildPiece) => sizes.lengthMm ?? sizes.diameterMm ?? 0;
  return shelf
    .filter(
      ({ binId, gauge }) =>
        binId !== there.binId && gauge.as === there.gauge.as && gauge.form === there.gauge.form,
    )
    .filter((piece) => stopsOf(withPart(build, at, of, piece)) < now)
    .sort((a, b) => Math.abs(sizeOf(a) - sizeOf(there)) - Math.abs(sizeOf(b) - sizeOf(there)));
}
