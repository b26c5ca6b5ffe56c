import { dragOf, secondsDown } from './fall';

const question = { depthM: 3, lineMm: 0.25, metalGcm3: 11.1 };

describe('seconds to the bottom', () => {
  it('are fewer for a heavier weight, more on a line than without, and most so for a light one', () => {
    const down = (massG: number, lineMm = 0.25) => secondsDown(massG, { ...question, lineMm }, 0.47)!;
    expect(down(20)).toBeLessThan(down(5));
    const slower = (massG: number) => down(massG) / down(massG, 0);
    expect(slower(1)).toBeGreaterThan(1.3);
    expect(slower(40)).toBeLessThan(1.15);
  });

  it('follow one drop that was timed, to other weights dressed alike', () => {
    const timed = { massG: 10, seconds: 3 };
    const drag = dragOf(question, timed);
    if (!drag.ok) throw new Error(drag.problem.code);
    expect(drag.value).toBeGreaterThan(0.47);
    expect(secondsDown(10, question, drag.value)).toBeCloseTo(3, 6);
    expect(secondsDown(20, question, drag.value)!).toBeLessThan(3);
    expect(dragOf(question, { massG: 10, seconds: 0.3 })).toMatchObject({
      problem: { code: 'water.fell-too-fast' },
    });
  });

  it('have none where it floats', () => {
    expect(secondsDown(10, { ...question, metalGcm3: 0.9 }, 0.47)).toBeNull();
  });
});
