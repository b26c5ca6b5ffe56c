/**
 * Whether a text holds every word of a search, in any order, large or small letters alike; a search without words is
 * held by any text.
 *
 * @example hasWords('Quay tandem, spinnerbait', 'spin QUAY') // true
 */
export function hasWords(text: string, search: string): boolean {
  const low = text.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => low.includes(word));
}
