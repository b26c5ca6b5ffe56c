import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import { METRIC } from '@/text/written-in';
import type { PartBin } from '@/records/bin';
import type { Drawer } from '@/records/cabinet';
import { PLAIN_BIN } from '@/records/plain-bin';
import { PLAIN_PART } from '@/records/plain-part';
import { cabinetOf, clashesOf, stuffOf } from './cabinet';
import { clashesAt, companionsOf } from './neighbors';
import { drawerLabels } from '@/station-kit/print/print-drawer';

const part = (id: string, change: Partial<PartBin> = {}): PartBin => ({
  ...PLAIN_BIN,
  ...PLAIN_PART,
  id,
  kind: 'part',
  name: id,
  unit: 'pieces',
  place: '',
  lowAt: null,
  note: '',
  retired: false,
  sort: 'things',
  drawerId: 'top',
  ...change,
});
const gauge = (
  as: 'bead' | 'frame' | 'trailer',
  sizes: object,
  plastic: 'soft' | 'stretch' | null = null,
) => ({
  ...PLAIN_GAUGE,
  as,
  sizes,
  plastic,
  basis: 'measured' as const,
  bend: as === 'frame' ? ('bent' as const) : null,
});
const drawer = (id: string, column: number): Drawer => ({
  id,
  name: id,
  kind: 'drawer',
  row: 0,
  columns: 3,
  rows: 1,
  note: '',
  column,
});

describe('the cabinet', () => {
  it('files every bin once, and leaves loose what is in no drawer or in one that is gone', () => {
    const bins = [part('a'), part('b', { drawerId: null }), part('c', { drawerId: 'gone' })];
    const { drawers, loose } = cabinetOf({ drawers: [drawer('top', 0), drawer('next', 3)], bins });
    expect(drawers.map(({ drawer: { id }, bins: inside }) => [id, inside.map((bin) => bin.id)])).toEqual([
      ['top', ['a']],
      ['next', []],
    ]);
    expect(loose.map(({ id }) => id)).toEqual(['b', 'c']);
  });

  it('knows what must not lie together by its gauge, and by the maker’s word before that', () => {
    const worm = part('worm', { gauge: gauge('trailer', {}, 'soft') });
    const stretchy = part('stretchy', { gauge: gauge('trailer', {}, 'stretch') });
    const crank = part('crank', { keepApart: 'hard-plastic' });
    expect(stuffOf(worm)).toBe('soft-plastic');
    expect(stuffOf({ ...worm, keepApart: 'painted' })).toBe('painted');
    expect(clashesOf([worm, crank, stretchy, part('bead')])).toHaveLength(2);
    const bins = [worm, crank, stretchy];
    expect(
      clashesAt(worm, { bins })
        .get('melts')
        ?.map(({ id }) => id),
    ).toEqual(['crank', 'stretchy']);
    expect(clashesAt({ ...worm, drawerId: 'next' }, { bins }).size).toBe(0);
  });
});

describe('labels of a drawer', () => {
  it('say what lies there, when it is low and what to keep it from, with a code of the bin', () => {
    const bins = [part('worm', { gauge: gauge('trailer', {}, 'soft'), lowAt: 6 }), part('bead')];
    expect(drawerLabels(bins, 'Top left', METRIC)).toEqual([
      {
        title: 'worm',
        lines: ['things', 'Top left', 'low at 6'],
        code: 'ruvek:bin/worm',
        caution: expect.stringMatching(/^Soft plastic: keep from stretchy/) as string,
      },
      { title: 'bead', lines: ['things', 'Top left'], code: 'ruvek:bin/bead', caution: '' },
    ]);
  });

  it('have words for everything that must be kept apart', () => {
    for (const stuff of ['soft-plastic', 'stretch-plastic', 'hard-plastic', 'painted'] as const) {
      const [label] = drawerLabels(
        [
          part(
            'x',
            stuff === 'stretch-plastic' ? { gauge: gauge('trailer', {}, 'stretch') } : { keepApart: stuff },
          ),
        ],
        'd',
        METRIC,
      );
      expect(label!.caution).not.toBe('');
    }
  });
});

describe('what goes with a bin', () => {
  const wire = part('wire', { gauge: gauge('frame', { wireMm: 1 }) });
  const bins = [
    wire,
    part('wide', { gauge: gauge('bead', { diameterMm: 6, holeMm: 2 }) }),
    part('close', { gauge: gauge('bead', { diameterMm: 4, holeMm: 1.1 }) }),
    part('tight', { gauge: gauge('bead', { diameterMm: 4, holeMm: 0.9 }) }),
    part('none left', { gauge: gauge('bead', { diameterMm: 4, holeMm: 1.1 }) }),
  ];
  const levels = new Map(bins.map(({ id }) => [id, id === 'none left' ? 0 : 5]));

  it('is what fits and is there, the closest first', () => {
    expect(companionsOf(wire, { bins, levels, matches: [] }).map(({ bin }) => bin.id)).toEqual([
      'close',
      'wide',
    ]);
    expect(companionsOf(part('unmeasured'), { bins, levels, matches: [] })).toEqual([]);
  });
});
