/** Density of hook and wire steel, g/cm3: iron in the calculation contract's element list. */
export const STEEL_GCM3 = 7.85;
