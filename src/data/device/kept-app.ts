/**
 * How far the app itself is kept on this device. `none`: this browser keeps no apps, or was not asked to.
 * `newer`: a newer one is kept as well, and opens once every window of the old one is closed.
 */
export type KeptApp = 'none' | 'being-kept' | 'kept' | 'newer';

/** The parts of the browser's keeper that are used here. */
type Keeper = Pick<ServiceWorkerContainer, 'register' | 'getRegistration'>;

/** Has the browser keep the app, so that it opens and runs with no network. Without a keeper nothing happens. */
export async function keepApp(keeper: Keeper | undefined): Promise<void> {
  // What the worker imports names the build: it is compared as well, past any cache.
  await keeper?.register('/offline-worker.js', { updateViaCache: 'none' });
}

export async function readKeptApp(keeper: Keeper | undefined): Promise<KeptApp> {
  const registration = await keeper?.getRegistration();
  if (!registration) return 'none';
  if (registration.waiting) return 'newer';
  // A worker takes over only once it holds every file.
  return registration.active ? 'kept' : 'being-kept';
}
