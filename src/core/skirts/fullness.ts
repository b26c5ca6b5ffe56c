/** What the schools call a skirt of so many tabs. */
export type FullnessSchool = 'thin' | 'two' | 'two-and-a-half' | 'three-up';

/**
 * The school a skirt belongs to: two tabs, two and a half, three and up; under two it is thin.
 *
 * @example fullnessSchool(2.25) // 'two'
 */
export function fullnessSchool(tabs: number): FullnessSchool {
  const slack = 1e-9;
  if (tabs < 2 - slack) return 'thin';
  if (tabs < 2.5 - slack) return 'two';
  return tabs < 3 - slack ? 'two-and-a-half' : 'three-up';
}
