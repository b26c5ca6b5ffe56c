/**
 * Where something nests deeper than so many levels: the first steps of the way there; null where nothing does. Walks without
 * calling itself, so that no depth can break it.
 *
 * @example nestedPast({ acts: [{ changes: [] }] }, 2) // 'acts.0.changes'
 */
export function nestedPast(value: unknown, most: number): string | null {
  const open: { readonly value: object; readonly way: readonly string[] }[] = [];
  const visit = (inner: unknown, way: readonly string[]) => {
    if (inner !== null && typeof inner === 'object') open.push({ value: inner, way });
  };
  visit(value, []);
  for (let next = open.pop(); next; next = open.pop()) {
    const { way } = next;
    if (way.length > most) return way.slice(0, 4).join('.');
    for (const [key, inner] of Object.entries(next.value)) visit(inner, [...way, key]);
  }
  return null;
}
