import { z } from 'zod';

export const id = z.string().min(1).max(80);

/** Which table an id names a record of. */
const named = z.registry<{ readonly table: string }>();

/**
 * An id that names a record of a table: where that is not there, the bench does not hang together. An id that may outlive
 * what it names (a mold that was sold, a ticket whose ledger entries stay) is a plain `id`.
 *
 * @example ref('bins').nullable()
 */
export const ref = (table: string) => z.string().min(1).max(80).register(named, { table });

/** The table that a field names a record of; null for any other field. */
export const tableNamedBy = (field: z.core.$ZodType): string | null => named.get(field)?.table ?? null;

export const name = z.string().trim().min(1).max(120);
export const note = z.string().max(2000);
/** Milliseconds since 1970, UTC. */
export const instant = z.int().min(0).max(8.64e15);
/** A calendar day, `2026-11-28`. */
export const day = z.iso.date();
export const grams = z.number().min(0).max(1e9);
export const overZeroGrams = z.number().gt(0).max(1e9);
export const pieces = z.int().min(0).max(100_000);
export const share = z.number().min(0).max(1);
export const shareUnderOne = z.number().min(0).lt(1);
/** A color as `#8a6d3b`. */
export const colorHex = z.string().regex(/^#[0-9a-f]{6}$/);
/** Where a figure comes from. Guesses are shown with a dotted line. */
export const basis = z.enum(['weighed', 'reference', 'guess']);
