/** The elements that makers' alloys are made of, by their symbols; Fe stands for steel. */
export const ELEMENT_SYMBOLS = ['Pb', 'Sn', 'Sb', 'Bi', 'Zn', 'Cu', 'Ag', 'As', 'W', 'Fe'] as const;

export type ElementSymbol = (typeof ELEMENT_SYMBOLS)[number];
