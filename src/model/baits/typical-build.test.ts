import { findKind } from '@/core/builds/kinds';
import { judgeBuild } from '@/core/builds/judge-build';
import { NEW_BENCH } from '@/records/bench';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import { viewOf } from '../../../tests/support/view-of';
import { buildOf } from './bait-facts';
import { typicalBuild } from './typical-build';

const empty = viewOf({ ...EMPTY_CONTENTS, bench: [NEW_BENCH] });

describe('typicalBuild', () => {
  it.each(['spinnerbait', 'buzzbait', 'dressed-jig', 'underspin', 'in-line'] as const)(
    'lays a %s out of what is commonly sold, on a bench that has nothing, and it goes together',
    (kind) => {
      for (const length of ['mm', 'in'] as const) {
        const [record, view] = typicalBuild(kind, empty, length);
        const build = buildOf(record, view);
        expect(judgeBuild(build).findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
        const needed = findKind(kind).slots.filter(({ id, isNeeded }) => isNeeded && id !== 'frame');
        const there = build.slots.map(({ slot }) => slot);
        expect(there).toEqual(expect.arrayContaining(needed.map(({ id }) => id)));
      }
    },
  );

  it('puts on what is asked for besides, and leaves the bench as it is', () => {
    const [record, view] = typicalBuild('dressed-jig', empty, 'in', [['ready-skirt', '2 1/2']]);
    expect(buildOf(record, view).slots.map(({ slot }) => slot)).toContain('skirt');
    expect(empty.bins).toEqual([]);
    expect(empty.binById.size).toBe(0);
  });
});
