import { sweepPaths } from './sweep-paths';

describe('sweepPaths', () => {
  it('tells straight and slanting ways, within the step of the lattice', () => {
    const side = 41;
    const spent = sweepPaths({
      counts: [side, side, 1],
      stepMm: 0.5,
      slowness: new Float64Array(side * side).fill(2),
      from: [[0, 0]],
    });
    expect(spent[40]).toBeCloseTo(2 * 20, 9);
    // The corner over: some percent longer than the straight line, as such sweeps are.
    const corner = spent[side * side - 1]!;
    expect(corner / (2 * 20 * Math.SQRT2)).toBeGreaterThan(0.999);
    expect(corner / (2 * 20 * Math.SQRT2)).toBeLessThan(1.06);
  });

  it('goes round what nothing passes, and says where there is no way', () => {
    // . # .
    // . # .
    // . . .
    const slowness = Float64Array.from([1, Infinity, 1, 1, Infinity, 1, 1, 1, 1]);
    const spent = sweepPaths({ counts: [3, 3, 1], stepMm: 1, slowness, from: [[0, 0]] });
    expect(spent[1]).toBe(Infinity);
    expect(spent[2]).toBeGreaterThan(4);
    expect(spent[2]).toBeLessThanOrEqual(6);
    const walled = Float64Array.from([1, Infinity, 1]);
    expect(sweepPaths({ counts: [3, 1, 1], stepMm: 1, slowness: walled, from: [[0, 0]] })[2]).toBe(Infinity);
  });
});
