/** Waits until something is so, however long the machine takes; Jest's own limit ends what never comes. */
export async function until(isSo: () => boolean | Promise<boolean>): Promise<void> {
  while (!(await isSo())) await new Promise((resolve) => setTimeout(resolve, 1));
}
