/** How a two-piece mold is made, beside what lies in it. */
export interface MoldMake {
  /** Mold round the cavity on every side, mm. */
  readonly wallMm: number;
  /** How far the walls lean outward toward the parting plane, degrees, so that a casting drops out. */
  readonly draftDegrees: number;
  /** Between what goes into each other, mm: pins and sockets, wire and slot. */
  readonly clearanceMm: number;
  /** What brings the halves together: cones on one half and sockets in the other, or holes for rods through both. */
  readonly pins: 'cones' | 'rods';
  readonly rodMm: number;
  /** A groove over the back of each half, for a bar or a clamp. */
  readonly hasHandle: boolean;
}

/** What prints and casts well without more being said (typical). */
export const USUAL_MAKE: MoldMake = {
  wallMm: 14,
  draftDegrees: 0,
  clearanceMm: 0.1,
  pins: 'cones',
  rodMm: 4,
  hasHandle: false,
};

/** How wide a handle's groove is, and how deep, mm. */
export const HANDLE_MM = { wide: 8, deep: 4 } as const;
