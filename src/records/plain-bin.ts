import type { Bin } from './bin';

/** What a bin that was filed nowhere says of itself. */
export const PLAIN_BIN = { fillTo: null, drawerId: null, photoId: null } as const satisfies Partial<Bin>;

/** A bin before it has a name of its own. */
export type NewBin = Bin extends infer Each
  ? Each extends Bin
    ? Omit<Each, 'id' | 'retired' | keyof typeof PLAIN_BIN> & Partial<Pick<Each, keyof typeof PLAIN_BIN>>
    : never
  : never;
