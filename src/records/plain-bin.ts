import type { Bin } from './bin';

/** What a bin that was filed nowhere says of itself. */
export const PLAIN_BIN = { fillTo: null, drawerId: null, photoId: null } as const satisfies Partial<Bin>;
