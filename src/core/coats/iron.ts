/** Specific heat of hook steel, J/(kg K): iron in the calculation contract's element list. */
export const IRON_JKGK = 490;
