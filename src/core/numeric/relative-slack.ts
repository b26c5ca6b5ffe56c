/** Rounding noise that whole-number steps forgive, as a share of the number (calculation contract). */
export const RELATIVE_SLACK = 1e-9;
