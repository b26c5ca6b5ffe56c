import { PLAIN_GAUGE } from '@/core/parts/part-roles';
import type { PartKind } from './thing-kind';

const PLAIN = { ...PLAIN_GAUGE, makes: 'part', unit: 'pieces' } as const;

type Said = Omit<PartKind, keyof typeof PLAIN> & Partial<Omit<PartKind, 'makes'>>;

/** A kind of part, kept by the piece unless said. */
export function partKind(said: Said): PartKind {
  return { ...PLAIN, ...said };
}
