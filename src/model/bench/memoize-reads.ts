/**
 * A slice of the model: what follows from some facts, worked out anew only when a fact that it read has changed. It
 * watches which facts are read, so that nobody has to keep a list of them.
 *
 * @param compute reads facts by name and hands none of them on as a whole
 * @example
 * const total = rememberReads(({ levels }: { levels: readonly number[]; name: string }) => sum(levels));
 * total({ levels, name: 'a' }) === total({ levels, name: 'b' }) // levels are the same: not added up again
 */
export function memoizeReads<Facts extends object, Out>(
  compute: (facts: Facts) => Out,
): (facts: Facts) => Out {
  let last: { readonly reads: ReadonlyMap<PropertyKey, unknown>; readonly out: Out } | null = null;
  return (facts) => {
    const isSame = (key: PropertyKey, value: unknown) => Reflect.get(facts, key) === value;
    if (last && [...last.reads].every(([key, value]) => isSame(key, value))) return last.out;
    const reads = new Map<PropertyKey, unknown>();
    const watched = new Proxy(facts, {
      get(of, key) {
        const value: unknown = Reflect.get(of, key);
        reads.set(key, value);
        return value;
      },
      ownKeys() {
        throw new Error('rememberReads requires that facts are read by name, not all at once');
      },
    });
    last = { out: compute(watched), reads };
    return last.out;
  };
}
