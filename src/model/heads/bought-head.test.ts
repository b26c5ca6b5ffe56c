import { refusalsOf } from '@/station-kit/coats/refusals';
import { demoBench } from '@/demo/demo-bench';
import { billOf } from '../bills/bill-of';
import { judgeFor, powdersOf, solidusOf } from '../coats/coat-facts';
import { metalIdOf } from '../metals/listed-metal';
import { binOfThing, usualHead } from '../stock/put-down';
import type { HeadBin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';
import { findThingKind } from '@/reference/typical';
import type { HeadKind } from '@/reference/typical/thing-kind';
import { viewOf as openView } from '../../../tests/support/view-of';
import { bodyCm3, hookIn } from './head-facts';

const ROUND = findThingKind('bought-round') as HeadKind;

function bought(metal: string | null, costEach: number | null = null): HeadBin {
  const bin = binOfThing({
    kind: ROUND,
    size: '1/4',
    name: 'Bought',
    place: '',
    sizes: {},
    massG: null,
    hex: null,
    costEach,
    head: { ...usualHead(ROUND, '1/4', false), metal },
  });
  return { ...PLAIN_BIN, ...bin, id: 'bought', retired: false } as HeadBin;
}

const contents = demoBench(Date.UTC(2026, 10, 23, 12));
const view = openView({ ...contents, bins: [...contents.bins, bought('tungsten-sintered', 2.4)] });

describe('a bought head', () => {
  it('is marked as it was bought, with the hook that such heads have', () => {
    expect(bought(null).nominalG).toBeCloseTo(7.0874, 3);
    expect(hookIn(bought(null), view)).toMatchObject({ size: '2/0', gapeMm: 12.5 });
  });

  it('of tungsten is smaller than one of lead, and bears any cure', () => {
    expect(bodyCm3(bought('tungsten-sintered'), view)).toBeLessThan(bodyCm3(bought('soft-lead'), view));
    const coat = view.coatById.get('coat-night-eel')!;
    const powders = powdersOf(coat, view);
    const cure = { cureC: 177, partC: 177, minutes: 15 };
    expect(solidusOf(metalIdOf(bought('tungsten-sintered')), view)).toBeGreaterThan(1000);
    expect(refusalsOf(coat, metalIdOf(bought('tungsten-sintered')), view, String)).toEqual([]);
    expect(refusalsOf(coat, metalIdOf(bought(null)), view, String)[0]).toMatch(/^Nobody knows what/);
    expect(judgeFor(cure as never, powders, [metalIdOf(bought('tungsten-sintered'))], view).isGood).toBe(
      true,
    );
  });

  it('costs what was paid for it: nothing is poured', () => {
    const build = { ...contents.builds[0]!, frameBinId: null, skirtId: null, arm: [], slots: [] };
    const bill = billOf(
      {
        kind: 'build',
        build: {
          ...build,
          end: { binId: null, bladeBinId: null },
          head: { style: 'round', nominalG: bought(null).nominalG, hookBinId: null, coatId: null },
        },
      },
      view,
    );
    expect(bill.parts.map(({ item, qty }) => [item, qty])).toEqual([['bought', 1]]);
  });
});
