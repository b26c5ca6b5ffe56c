import { QUICK_ANSWERS } from '@/model/answers';
import { findThingKind } from '@/reference/typical';
import { EMPTY_STATIONS } from './empty-stations';

describe.each(Object.entries(EMPTY_STATIONS))('%s, where nothing lies', (_, { things, asks }) => {
  it('draws things of sizes that there are', () => {
    for (const [kindId, key] of things) {
      expect(findThingKind(kindId).sizes.map((size) => size.key)).toContain(key);
    }
  });

  it('asks a question that is answered', () => {
    if (asks) expect(QUICK_ANSWERS.map(({ id }) => id)).toContain(asks.id);
  });
});
