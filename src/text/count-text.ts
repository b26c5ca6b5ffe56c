/**
 * So many of something, with the right plural.
 *
 * @example countText(1, 'block') // '1 block'
 * @example countText(2, 'box', 'boxes') // '2 boxes'
 */
export const countText = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
