import { judgeBuild } from '@/core/builds/judge-build';
import { BAIT_KINDS } from '@/core/builds/kinds';
import { typicalParts } from '@/model/baits/typical-bait';
import { buildOf } from '@/model/baits/bait-facts';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { PartBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';
import { putOn } from '@/model/baits/put-on';
import { newBuild } from '@/model/baits/build-draft';

const NOTHING = { bins: [], molds: [], levels: new Map<string, number>() };

describe('a bait of typical parts', () => {
  it.each(BAIT_KINDS.map(({ id }) => [id] as const))(
    '%s goes together, and nothing of it is refused',
    (kind) => {
      const bins = typicalParts(kind, NOTHING, 'in').map(
        ({ bin }): PartBin => ({ ...PLAIN_BIN, ...bin, id: bin.name, retired: false }) as PartBin,
      );
      const view = {
        binById: new Map(bins.map((bin) => [bin.id, bin])),
        hooks: new Map(),
        molds: [],
        metals: [],
      };
      let nth = 0;
      const draft = bins.reduce(
        (so, bin) => {
          const placed = putOn(so, bin, so.arm.length, `piece-${(nth += 1)}`, view);
          if (!placed.ok) throw new Error(placed.why);
          return placed.draft;
        },
        newBuild(kind, NOTHING),
      );
      const { findings } = judgeBuild(buildOf(draft, view as unknown as BenchFacts));
      expect(findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
    },
  );
});
