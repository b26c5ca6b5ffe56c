/**
 * Places along a line, as near as they can be to where they are wanted, no two nearer than `gap` and none over the
 * ends (half a gap is kept there). `wanted` in rising order. Where the line is too short they stand evenly.
 *
 * @example spreadOut([10, 20, 200], 40, 300) // [20, 60, 200]
 */
export function spreadOut(wanted: readonly number[], gap: number, length: number): number[] {
  if (wanted.length * gap >= length)
    return wanted.map((_, index) => ((index + 0.5) * length) / wanted.length);
  const places: number[] = [];
  for (const [index, at] of wanted.entries()) {
    places.push(Math.max(at, index === 0 ? gap / 2 : (places[index - 1] ?? 0) + gap));
  }
  // What was pushed over the end is pushed back, and what stands in its way with it.
  for (let index = places.length - 1, most = length - gap / 2; index >= 0; index -= 1, most -= gap) {
    places[index] = Math.min(places[index] ?? 0, most);
  }
  return places;
}
