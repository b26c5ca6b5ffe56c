/**
 * Layers from the outside in, as the tying lays them. What is tied forward and folded back comes down over all that
 * was tied back, the first tied outermost; of what is tied back, the last lies outermost.
 *
 * @example outsideIn([{ isForward: true, n: 1 }, { isForward: true, n: 2 }, { isForward: false, n: 3 }])
 * // 1, 2, 3
 */
export function outsideIn<Layer extends { readonly isForward: boolean }>(layers: readonly Layer[]): Layer[] {
  return [
    ...layers.filter(({ isForward }) => isForward),
    ...layers.filter(({ isForward }) => !isForward).reverse(),
  ];
}
