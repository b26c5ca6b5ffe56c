/** What molds are made of, by key: in the bench's records and in the list of their properties. */
export const MOLD_KINDS = ['aluminum', 'steel', 'silicone', 'plaster', 'wood', 'resin'] as const;
export type MoldKind = (typeof MOLD_KINDS)[number];
