import { CAUSES } from '@/core/quality/causes/causes';
import { THING_KINDS } from '@/reference/typical';
import { proseIn } from './prose-in';
import { INCHES, METRIC } from './written-in';

describe('proseIn', () => {
  it.each([
    ['Raise the pot by 15 C and wait.', 'Raise the pot by 27 °F and wait.'],
    ['Keep the cure under 227 C.', 'Keep the cure under 441 °F.'],
    ['Some 110 mm, 0.12 mm thick.', 'Some 4 5/16 in, 0.005 in thick.'],
    ['29e-6 per K from 327 C', '29e-6 per K from 621 °F'],
    ['Nothing to measure, 11.34 g/cm³, 5 %.', 'Nothing to measure, 11.34 g/cm³, 5 %.'],
  ])('%s', (said, inches) => {
    expect(proseIn(said, INCHES)).toBe(inches);
    expect(proseIn(said, METRIC)).toBe(said.replaceAll(/(\d) C\b/g, '$1 °C'));
  });

  it('leaves no metric figure in what the reference says', () => {
    const all = [...THING_KINDS.map(({ source }) => source), ...CAUSES.map(({ mend }) => mend)];
    expect(all.length).toBeGreaterThan(20);
    expect(all.filter((each) => /\d (mm|cm|g|kg|C)(?![\w/])/.test(proseIn(each, INCHES)))).toEqual([]);
  });
});
