import { z } from 'zod';

export const id = z.string().min(1).max(80);
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
