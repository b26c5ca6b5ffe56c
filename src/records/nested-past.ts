/**
 * Where something nests deeper than so many levels: the first steps of the way there; null where nothing does. Walks without
 * calling itself, so that no depth can break it.
 *
 * @example nestedPast({ acts: [{ changes: [] }] }, 2) // 'acts.0.changes'
 */
export function nestedPast(value: unknown, most: number): string | null {
  const open: Inner[] = [];
  const visit = (inner: unknown, key: string, outer: Inner | null) => {
    if (inner === null || typeof inner !== 'object') return;
    open.push({ value: inner, key, outer, depth: outer === null ? 0 : outer.depth + 1 });
  };
  visit(value, '', null);
  for (let next = open.pop(); next; next = open.pop()) {
    if (next.depth > most) return wayTo(next);
    for (const [key, inner] of Object.entries(next.value)) visit(inner, key, next);
  }
  return null;
}

/** An object within others, and how deep. */
interface Inner {
  readonly value: object;
  readonly key: string;
  readonly outer: Inner | null;
  readonly depth: number;
}

const STEPS_TOLD = 4;

function wayTo(inner: Inner): string {
  const way: string[] = [];
  for (let at: Inner | null = inner; at?.outer; at = at.outer) way.unshift(at.key);
  return way.slice(0, STEPS_TOLD).join('.');
}
