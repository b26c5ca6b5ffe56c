import fc from 'fast-check';
import { CAVITY_FORMS } from './forms';
import { measureSolid } from './measure-solid';
import { readOutline } from './read-outline';
import { outlineOf, outlineSolid } from './solid-outline';
import { solveSolid } from './solve-solid';

function profileOf(text: string) {
  const read = readOutline(text);
  return read.ok ? read.value : read.problem.code;
}

describe('readOutline', () => {
  it('reads lines, from nose or from tail, above or below the axis', () => {
    const straight = [
      [0, 0],
      [6, 5],
      [4, 15],
      [0, 20],
    ];
    expect(profileOf('M0 0L5 6L15 4L20 0')).toEqual(straight);
    expect(profileOf('m10 10 l5 -6 l10 2 l5 4')).toEqual(straight);
    expect(profileOf('M20 0L15 4L5 6L0 0')).toEqual(straight);
    expect(profileOf('M0 0 5 6H15V4L20 0')).toHaveLength(5);
  });

  it('cuts curves into steps on the curve', () => {
    const arc = profileOf('M0 0A10 10 0 0 1 20 0');
    if (typeof arc === 'string') throw new Error(arc);
    for (const [r, z] of arc) expect(Math.hypot(r, z - 10)).toBeCloseTo(10, 2);
    const volume = measureSolid({ parts: [{ shape: 'revolve', profile: arc }] });
    expect(volume.ok && volume.value.volumeCm3 / 4.18879).toBeCloseTo(1, 2);
    expect(profileOf('M0 0Q10 20 20 0')).toHaveLength(17);
  });

  it('says what is wrong with it', () => {
    expect(profileOf('')).toBe('outline.not-a-path');
    expect(profileOf('a drawing of a fish')).toBe('outline.not-a-path');
    expect(profileOf('M0 0L20 0')).toBe('outline.too-few-points');
    expect(profileOf('M0 0L10 5L4 8L20 0')).toBe('outline.turns-back');
    expect(profileOf('M0 0L5 6L15 -4L20 0')).toBe('outline.crosses-axis');
  });

  it('never throws, whatever is pasted', () => {
    fc.assert(fc.property(fc.string(), (text) => void readOutline(text)));
  });
});

describe('forms', () => {
  it.each(CAVITY_FORMS.map((form) => [form.key, form] as const))(
    '%s solves each size it says it can',
    (_, form) => {
      const metal = { densityGcm3: 11, shrinkLinear: 0.007 };
      const usual = measureSolid(form.solid({}));
      if (!usual.ok) throw new Error(usual.problem.code);
      const targetG = usual.value.volumeCm3 * 11 * 0.993 ** 3 * 1.1;
      for (const field of form.fields) {
        if (!field.solves) continue;
        const vary = { kind: 'field', ...field.solves } as const;
        const solved = solveSolid(form.solid({}), metal, [], targetG, vary);
        if (!solved.ok) throw new Error(`${field.key}: ${solved.problem.code}`);
        const again = measureSolid(form.solid({ [field.key]: solved.value.value }));
        expect(again.ok && again.value.volumeCm3 / usual.value.volumeCm3).toBeCloseTo(1.1, 6);
      }
    },
  );

  it('have names and keys of their own', () => {
    expect(new Set(CAVITY_FORMS.map(({ key }) => key)).size).toBe(CAVITY_FORMS.length);
    expect(new Set(CAVITY_FORMS.map(({ name }) => name)).size).toBe(CAVITY_FORMS.length);
  });
});

describe('outlines', () => {
  it('stand alike parts off the axis, and leave them out of the one outline', () => {
    const disc = CAVITY_FORMS[0]!.solid({ bit: 40, depth: 5, prong: 10 });
    const outline = outlineSolid(disc);
    expect(outline).toMatchObject({ bottomMm: 0, topMm: 15, radiusMm: 20 });
    expect(outline.parts[0]!.offsetsMm).toEqual([11, expect.closeTo(-11, 9) as number]);
    expect(outlineOf(disc)).toEqual({
      section: 'round',
      depth: 1,
      points: [
        [0, 20],
        [5, 20],
      ],
    });
  });
});
