/** From where the metal comes in: `open` is a hollow in a board, poured from its face. */
export const GATE_SIDES = ['above', 'below', 'nose', 'tail', 'open'] as const;
export type GateSide = (typeof GATE_SIDES)[number];
