import { z } from 'zod';
import { id, instant, name, note } from './fields';

/** How many columns the cabinet is drawn with. */
export const CABINET_COLUMNS = 12;
/** How high a drawer may be, in cells. */
export const DRAWER_MOST_ROWS = 8;

/** A drawer, box or shelf of the maker's own cabinet, and where it stands in it, in cells. */
export const drawer = z.strictObject({
  id,
  name,
  kind: z.enum(['drawer', 'box', 'shelf']),
  column: z
    .int()
    .min(0)
    .max(CABINET_COLUMNS - 1),
  row: z.int().min(0).max(199),
  columns: z.int().min(1).max(CABINET_COLUMNS),
  rows: z.int().min(1).max(DRAWER_MOST_ROWS),
  note,
});

/** A JPEG's first three bytes are `/9j/` in base 64. */
const JPEG = /^data:image\/jpeg;base64,\/9j\/[A-Za-z0-9+/]*={0,2}$/;

/** A picture that the maker took. */
export const photo = z.strictObject({
  id,
  at: instant,
  /** A JPEG as a data URL: it goes along in files. */
  dataUrl: z.string().max(600_000).regex(JPEG, { error: 'no JPEG picture' }),
});

export type Drawer = z.infer<typeof drawer>;
export type Photo = z.infer<typeof photo>;
