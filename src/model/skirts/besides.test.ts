import { besidesOf } from './besides';

const gel = { binId: 'gel', qty: 0.1 };
const collar = { binId: 'collar' };
const thread = { binId: 'floss', cutMm: 600 };

describe('what goes on a skirt besides what is cut for it', () => {
  it('is its collar where one holds it, or another in its place, and what else the recipe says', () => {
    const recipe = { hold: 'collar-tool' as const, collar, thread, also: [gel] };
    expect(besidesOf(recipe)).toEqual([
      { item: 'collar', qty: 1 },
      { item: 'gel', qty: 0.1 },
    ]);
    expect(besidesOf(recipe, 'other')[0]).toEqual({ item: 'other', qty: 1 });
    expect(besidesOf(recipe, null)).toEqual([{ item: 'gel', qty: 0.1 }]);
  });

  it('is its thread where that holds it; no collar then', () => {
    expect(besidesOf({ hold: 'thread-hitches', collar, thread })).toEqual([{ item: 'floss', qty: 600 }]);
    expect(besidesOf({ hold: 'thread-hitches', collar })).toEqual([]);
  });

  it('counts once what is said twice', () => {
    const also = [gel, { binId: 'floss', qty: 30 }];
    expect(besidesOf({ hold: 'thread-hitches', collar, thread, also })).toEqual([
      { item: 'floss', qty: 630 },
      { item: 'gel', qty: 0.1 },
    ]);
  });
});
