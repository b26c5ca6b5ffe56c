import type { PartKind } from './thing-kind';

const PLAIN = { makes: 'part', unit: 'pieces', form: null, plastic: null, bend: null, line: null } as const;

type Said = Omit<PartKind, keyof typeof PLAIN> & Partial<Omit<PartKind, 'makes'>>;

/** A kind of part, kept by the piece unless said. */
export function partKind(said: Said): PartKind {
  return { ...PLAIN, ...said };
}
