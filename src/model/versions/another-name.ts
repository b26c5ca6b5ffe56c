/**
 * A name for what is kept beside what it began from: its own where nobody has that, else with the next number.
 *
 * @example anotherName('Reed perch', ['Reed perch', 'Reed perch 2']) // 'Reed perch 3'
 */
export function anotherName(name: string, taken: readonly string[]): string {
  if (!taken.includes(name)) return name;
  const bare = name.replace(/ \d+$/, '');
  let no = 2;
  while (taken.includes(`${bare} ${no}`)) no += 1;
  return `${bare} ${no}`;
}
