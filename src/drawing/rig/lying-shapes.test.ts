import { PLAIN_GAUGE, type PartGauge } from '@/core/parts/part-roles';
import type { RigItem } from '@/core/rigs/rig';
import { lyingShapes } from './lying-shapes';

const item = (
  id: string,
  as: PartGauge['as'],
  on: string | null = null,
  atMm: number | null = null,
): RigItem => ({
  id,
  place: id,
  part: {
    binId: id,
    name: id,
    massG: 1,
    gauge: { ...PLAIN_GAUGE, as, sizes: { lengthMm: 30, diameterMm: 20 }, basis: 'measured' },
  },
  on,
  lengthMm: null,
  ends: null,
  atMm,
  count: 1,
  isTurned: false,
});
const laid = (...items: RigItem[]) =>
  items.map((each) => ({ item: each, fromMm: 0, toMm: 30, lineId: null }));

describe('what lies on another part', () => {
  it('is a plate with its rivets under the body that it is riveted to, and a sinker anywhere else', () => {
    const [body, plate] = [item('body', 'feeder'), item('plate', 'weight', 'body')];
    expect(lyingShapes(plate, 30, laid(body, plate)).map(({ is }) => is)).toEqual(['dark', 'mark']);
    expect(lyingShapes(item('sinker', 'weight'), 30, laid(body)).map(({ is }) => is)).toEqual(['dark']);
  });

  it.each(['belly', 'beside'])('is one hair of two, %s: each hair is drawn once', (id) => {
    const [hair, second] = [item('hair', 'hair'), item(id, 'hair', 'hair')];
    const all = lyingShapes(hair, 60, laid(hair)).map(({ d }) => d);
    const [one, other] = [hair, second].map((each) =>
      lyingShapes(each, 60, laid(hair, second)).map(({ d }) => d),
    );
    expect([...one!, ...other!].sort()).toEqual([...all].sort());
    expect(one!.length).toBeGreaterThan(0);
    expect(other!.length).toBeGreaterThan(0);
  });

  it('is hair that stands forward too, where some of it lies forward', () => {
    const hair = item('hair', 'hair', null, 20);
    expect(lyingShapes(hair, 60, laid(hair))).toHaveLength(
      2 * lyingShapes(item('hair', 'hair'), 60, laid(hair)).length,
    );
  });
});
