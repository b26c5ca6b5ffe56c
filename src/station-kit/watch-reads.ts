/**
 * What one reader reads of facts that change: asked again, it gives the very same object as long as nothing that was read
 * from it is another. What is read from it is always of now.
 *
 * @param get the facts as they stand; of the same names each time
 * @example
 * const shown = watchReads(() => facts);
 * const before = shown(); // reads before.name; then facts = { ...facts, level: 3 }
 * shown() === before // true: the level was never read
 */
export function watchReads<Facts extends object>(get: () => Facts): () => Facts {
  const reads = new Map<PropertyKey, unknown>();
  let last: { readonly of: Facts; readonly shown: Facts } | null = null;
  const note = (key: PropertyKey): unknown => {
    const value: unknown = Reflect.get(get(), key);
    // What was read first counts: where it is another by now, whoever read it is told.
    if (!reads.has(key)) reads.set(key, value);
    return value;
  };
  return () => {
    const now = get();
    const isSame = ([key, value]: [PropertyKey, unknown]) => Reflect.get(now, key) === value;
    if (last && (last.of === now || [...reads].every(isSame))) return last.shown;
    for (const key of reads.keys()) reads.set(key, Reflect.get(now, key));
    const shown = new Proxy(now, {
      get: (_of, key) => note(key),
      // Whoever takes all of it has read all of it.
      ownKeys: (of) => {
        const keys = Reflect.ownKeys(of);
        for (const key of keys) note(key);
        return keys;
      },
    });
    last = { of: now, shown };
    return shown;
  };
}
