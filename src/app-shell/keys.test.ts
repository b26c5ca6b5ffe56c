import { STATIONS } from '@/app/stations';
import { keyLists, stationOf, WITH_DIGITS } from './keys';

const opened = (key: string, code = '') => stationOf(STATIONS, { key, code })?.name;

describe('stationOf', () => {
  it('gives each of the first ten its digit, the tenth 0, and the others their letter', () => {
    const digits = Array.from({ length: WITH_DIGITS }, (_, index) => `Digit${(index + 1) % WITH_DIGITS}`);
    expect(digits.map((code) => opened('', code))).toEqual(
      STATIONS.slice(0, WITH_DIGITS).map(({ name }) => name),
    );
    expect([opened('c'), opened('w'), opened('x')]).toEqual(['Cost', 'Water', undefined]);
  });

  it('leaves no station without a key', () => {
    for (const { letter } of STATIONS.slice(WITH_DIGITS)) expect(letter).toBeDefined();
  });
});

describe('keyLists', () => {
  it('names every key that a station says it has, under its name', () => {
    const lists = keyLists(STATIONS);
    for (const { name, keys } of STATIONS) {
      expect(lists.find(({ of }) => of === name)?.lines ?? []).toEqual(keys);
    }
    const rig = lists.find(({ of }) => of === 'Rig');
    expect(rig?.lines.map(({ shows }) => shows)).toContain('Delete');
    const tying = lists.find(({ of }) => of === 'Skirt');
    expect(tying?.lines.map(({ shows }) => shows)).not.toContain('Enter');
  });
});
