import type { Bin } from '@/records/bin';

/** What lies in a bin shows in its own color where it has one, unless the bin calls for something. */
export function contentStyle(bin: Bin, calls: boolean): { readonly background?: string } {
  if (calls) return {};
  if (bin.kind === 'powder' || bin.kind === 'strand') return { background: bin.hex };
  return bin.kind === 'part' && bin.hex !== null ? { background: bin.hex } : {};
}
