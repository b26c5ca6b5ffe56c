/**
 * A function of one thing that is reckoned once as long as the thing is the same: a list that was read is another as
 * soon as anything in it changes.
 *
 * @example const byName = oncePer((bins: readonly Bin[]) => [...bins].sort(compare)); byName(bins) === byName(bins)
 */
export function oncePer<Of extends object, Made>(make: (of: Of) => Made): (of: Of) => Made {
  const made = new WeakMap<Of, { readonly it: Made }>();
  return (of) => {
    const known = made.get(of) ?? { it: make(of) };
    made.set(of, known);
    return known.it;
  };
}
