/** Where several parts alike stand, as a share of the widest radius: prongs in the floor of a disc. */
export const RING_SHARE = 0.55;
