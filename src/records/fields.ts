import { z } from 'zod';

export const id = z.string().min(1).max(80);

/** Which table an id names a record of. */
const named = z.registry<{ readonly table: string; readonly kind?: string }>();

/**
 * An id that names a record of a table: where that is not there, the bench does not hang together. An id that may outlive
 * what it names (a mold that was sold, a ticket whose ledger entries stay) is a plain `id`.
 *
 * Where only one kind of that table will do, it says so.
 *
 * @example ref('bins', 'hook').nullable()
 */
export const ref = (table: string, kind?: string) =>
  z
    .string()
    .min(1)
    .max(80)
    .register(named, kind === undefined ? { table } : { table, kind });

/** The table that a field names a record of, and of which kind; null for any other field. */
export const namedBy = (field: z.core.$ZodType) => named.get(field) ?? null;

export const name = z.string().trim().min(1).max(120);
export const note = z.string().max(2000);
/** Counts runs, tickets, orders, from 1. */
export const serial = z.int().min(1).max(1_000_000);
/** The style of a head, in the maker's words or one of those listed. */
export const style = z.string().min(1).max(120);
/** What is cast: its style, its mark and its hook in one. */
export const headKey = z.string().min(1).max(300);
export const seconds = z.number().min(0).max(1e8);
/** Milliseconds since 1970, UTC, until the year 2200. */
export const instant = z.int().min(0).max(7_258_118_400_000);
/** A calendar day, `2026-11-28`, of this century or the next or the last. */
export const day = z.iso
  .date()
  .refine((text) => text >= '1900' && text < '2200', { error: 'a day from 1900 to 2199' });
/** Ten tons. */
const MOST_GRAMS = 1e7;
export const grams = z.number().min(0).max(MOST_GRAMS);
/** Over nothing: a millionth at least, since less is no size at a bench, and much is divided by it. */
export const positive = (most: number) => z.number().min(1e-6).max(most);
export const overZeroGrams = positive(MOST_GRAMS);
/** Of a bin, in its unit: pieces, g or mm. */
export const mostOfBin = 1e8;
export const pieces = z.int().min(0).max(100_000);
export const share = z.number().min(0).max(1);
export const shareUnderOne = z.number().min(0).lt(1);
/** A color as `#8a6d3b`. */
export const colorHex = z.string().regex(/^#[0-9a-f]{6}$/);
/** Where a figure comes from. Guesses are shown with a dotted line. */
export const basis = z.enum(['weighed', 'reference', 'guess']);
