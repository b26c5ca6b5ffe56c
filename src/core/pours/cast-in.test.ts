import { castInOf, oneCastIn, tallyCastIn, type CastIn } from './cast-in';

const castIn: CastIn = (moldId, cavity) =>
  moldId === 'frames' ? [{ binId: cavity === 0 ? 'short' : 'long', count: 1 }] : [];
const pour = (moldId: string, cavities: readonly number[], isWarmUp = false) => ({
  moldId,
  isWarmUp,
  castings: cavities.map((cavity) => ({ cavity, key: 'a', good: true })),
});

describe('what is cast in besides a hook', () => {
  it('is of the shelf where somebody said of which bin, and stays in', () => {
    expect(
      castInOf([{ binId: 'wire', count: 2 }, { binId: 'pin', removed: true }, { binId: null }, { count: 1 }]),
    ).toEqual([{ binId: 'wire', count: 2 }]);
  });

  it('is taken by each casting, and by none of a warm-up pour', () => {
    const pours = [
      pour('frames', [0, 1], true),
      pour('frames', [0, 1]),
      pour('frames', [1]),
      pour('bar', [0]),
    ];
    expect([...tallyCastIn(pours, castIn)]).toEqual([
      ['short', 1],
      ['long', 2],
    ]);
  });

  it('is the wire of a head where all good ones have the same', () => {
    const any = () => true;
    expect(oneCastIn('a', [pour('frames', [1]), pour('frames', [1])], castIn, any)).toBe('long');
    expect(oneCastIn('a', [pour('frames', [0, 1])], castIn, any)).toBeNull();
    expect(oneCastIn('a', [pour('frames', [1]), pour('bar', [0])], castIn, any)).toBeNull();
    expect(oneCastIn('a', [pour('frames', [1])], castIn, () => false)).toBeNull();
    expect(oneCastIn('b', [pour('frames', [1])], castIn, any)).toBeNull();
  });
});
