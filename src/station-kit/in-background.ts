type OnFailure = (error: unknown) => void;

const listeners = new Set<OnFailure>();

/** Calls back with what failed in the background; gives what ends that. */
export function onFailure(listener: OnFailure): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * Lets a write, or anything else that takes its time, run by itself. The one way in which a promise is not waited for:
 * where it fails, the maker is told.
 *
 * @example inBackground(workshop.rules.save(rule));
 */
export function inBackground(work: PromiseLike<unknown> | undefined | null): void {
  Promise.resolve(work).catch((error: unknown) => {
    // Nobody there to tell: then it is the page's own to report, as any error is.
    if (listeners.size === 0) throw error;
    for (const listener of listeners) listener(error);
  });
}
