import fc from 'fast-check';
import { checkWire, type WireArm, type WirePart } from './check-wire';

const arm = (parts: readonly WirePart[], more: Partial<WireArm> = {}): WireArm => ({
  armMm: 60,
  parts,
  loopReserveMm: 12,
  minFreeMm: 3,
  armGapMm: 20,
  ...more,
});
const blade = (lengthMm: number, widthMm = 12) => ({ lengthMm, widthMm });

describe('checkWire', () => {
  it('sums the stack and leaves what the arm and the loop leave', () => {
    const check = checkWire(
      arm([
        { name: 'clevis', lengthMm: 4 },
        { name: 'bead', lengthMm: 3.5 },
      ]),
    );
    expect(check).toEqual({ stackMm: 7.5, freeMm: 40.5, fits: true, blades: [] });
  });

  it('fits when just the least play stays free, and not with a tenth less', () => {
    const full = (lengthMm: number) => checkWire(arm([{ name: 'spacer', lengthMm }])).fits;
    expect([full(45), full(45.1)]).toEqual([true, false]);
    // 0.1 + 0.2 in the arm's favor: floating error does not refuse what fits.
    expect(
      checkWire(arm([{ name: 'a', lengthMm: 0.3 }], { armMm: 0.6, loopReserveMm: 0.1, minFreeMm: 0.2 })).fits,
    ).toBe(true);
  });

  it('measures from hanger to hanger: beads between blades keep them apart, beads before them do not', () => {
    const two = (between: readonly WirePart[], before: readonly WirePart[] = []) =>
      checkWire(
        arm([
          ...before,
          { name: 'small', lengthMm: 4, blade: blade(20) },
          ...between,
          { name: 'big', lengthMm: 0, blade: blade(30) },
        ]),
      ).blades.map(({ overlapNextMm }) => overlapNextMm);
    expect(two([])).toEqual([16, 0]);
    expect(two([{ name: 'spacer', lengthMm: 10 }])).toEqual([6, 0]);
    expect(two([{ name: 'spacer', lengthMm: 16 }])).toEqual([0, 0]);
    expect(two([], [{ name: 'spacer', lengthMm: 16 }])).toEqual([16, 0]);
  });

  it('clears the body only with less than half its width', () => {
    const clears = (widthMm: number) =>
      checkWire(arm([{ name: 'b', lengthMm: 4, blade: blade(20, widthMm) }])).blades[0]?.clearsBody;
    expect([clears(39.9), clears(40), clears(41)]).toEqual([true, false, false]);
  });

  it('holds for any stack: a part more never frees arm, and only the last blade strikes nothing', () => {
    const part = fc.record({
      name: fc.constant('p'),
      lengthMm: fc.double({ min: 0, max: 30, noNaN: true }),
      blade: fc.option(
        fc.record({
          lengthMm: fc.double({ min: 1, max: 60, noNaN: true }),
          widthMm: fc.double({ min: 1, max: 40, noNaN: true }),
        }),
        { nil: undefined },
      ),
    });
    fc.assert(
      fc.property(fc.array(part, { maxLength: 8 }), part, (parts, more) => {
        const clean = (each: typeof more): WirePart =>
          each.blade
            ? { name: each.name, lengthMm: each.lengthMm, blade: each.blade }
            : { name: 'p', lengthMm: each.lengthMm };
        const short = checkWire(arm(parts.map(clean)));
        const long = checkWire(arm([...parts, more].map(clean)));
        expect(long.freeMm).toBeLessThanOrEqual(short.freeMm + 1e-9);
        expect(long.stackMm + long.freeMm + 12).toBeCloseTo(60, 9);
        if (long.blades.length > 0) expect(long.blades.at(-1)?.overlapNextMm).toBe(0);
      }),
    );
  });
});
