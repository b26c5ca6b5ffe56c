import { sweepBlades, type SweepQuestion } from './sweep-blades';

const rad = (degrees: number) => (degrees * Math.PI) / 180;

/** The lowest that any point of a blade comes over the body's axis, turned right round in small steps. */
function lowest(spreadDeg: number, hangerMm: number, lengthMm: number, standsDeg: number): number {
  const [along, up] = [Math.cos(rad(spreadDeg)), Math.sin(rad(spreadDeg))];
  let least = Infinity;
  for (let turn = 0; turn < 360; turn += 1) {
    for (let part = 0; part <= 20; part += 1) {
      const reach = (lengthMm * part) / 20;
      const off = reach * Math.sin(rad(standsDeg)) * Math.cos(rad(turn));
      least = Math.min(least, (hangerMm + reach * Math.cos(rad(standsDeg))) * up + off * along);
    }
  }
  return least;
}

const clearance = (question: SweepQuestion) => {
  const swept = sweepBlades(question);
  if (!swept.ok) throw new Error(swept.problem.code);
  return swept.value[0]!;
};

describe('how far a turning blade stays off the body', () => {
  it('is what turning it right round in small steps finds', () => {
    for (const spreadDeg of [20, 35, 60]) {
      for (const standsDeg of [10, 30, 70]) {
        for (const hangerMm of [20, 45]) {
          const blade = { name: 'b', hangs: 'arm', hangerMm, lengthMm: 38, standsDeg } as const;
          const found = clearance({ spreadDeg, armMm: 80, bodyRadiusMm: 6, blades: [blade] });
          expect(found.clearanceMm).toBeCloseTo(lowest(spreadDeg, hangerMm, 38, standsDeg) - 6, 6);
        }
      }
    }
  });

  it('says that a blade strikes which the gap at the arm’s end would let pass', () => {
    const blade = { name: 'willow', hangs: 'arm', hangerMm: 18, lengthMm: 40, standsDeg: 60 } as const;
    expect(clearance({ spreadDeg: 40, armMm: 80, bodyRadiusMm: 6, blades: [blade] }).clears).toBe(false);
  });

  it('turns about the pull at the arm’s end, and just touching is no clearing', () => {
    const at = (bodyRadiusMm: number) =>
      clearance({
        spreadDeg: 30,
        armMm: 80,
        bodyRadiusMm,
        blades: [{ name: 'b', hangs: 'end', lengthMm: 40, standsDeg: 30 }],
      });
    expect(at(6)).toEqual({ name: 'b', clearanceMm: expect.closeTo(14, 9) as number, clears: true });
    expect(at(25).clears).toBe(false);
  });

  it('asks where a blade hangs on the arm', () => {
    const on = (hangerMm?: number) =>
      sweepBlades({
        spreadDeg: 30,
        armMm: 80,
        bodyRadiusMm: 6,
        blades: [{ name: 'b', hangs: 'arm', hangerMm, lengthMm: 40, standsDeg: 30 }],
      });
    expect(on()).toMatchObject({ ok: false, problem: { code: 'wire.hanger-off-arm' } });
    expect(on(81)).toMatchObject({ ok: false, problem: { path: ['blades', 0, 'hangerMm'] } });
    expect(on(80).ok).toBe(true);
  });
});
