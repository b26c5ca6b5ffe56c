import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { takeAlong } from './take-along';

it('offers rigs first, then baits, then heads, each by name, and none that is promised away', () => {
  const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
  const offered = takeAlong(view);
  const sorts = offered.map((bin) =>
    bin.kind === 'head' ? 'head' : bin.kind === 'part' && bin.rigId ? 'rig' : 'bait',
  );
  expect([...new Set(sorts)]).toEqual(['rig', 'bait', 'head']);
  expect(sorts).toEqual(
    [...sorts].sort((a, b) => ['rig', 'bait', 'head'].indexOf(a) - ['rig', 'bait', 'head'].indexOf(b)),
  );
  const [first] = offered;
  const promised = new Map([...view.promised, [first!.id, view.levels.get(first!.id) ?? 0]]);
  expect(takeAlong({ ...view, promised })).not.toContain(first);
});
