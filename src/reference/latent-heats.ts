/**
 * Heat of melting of the elements that makers' alloys are made of, J/kg; handbook values of the pure elements. An
 * alloy's is taken as their mean by mass.
 */
export const LATENT_HEATS_JKG: Readonly<Record<string, number>> = {
  Pb: 23_000,
  Sn: 59_200,
  Sb: 163_000,
  Bi: 54_100,
  Zn: 112_000,
  Cu: 205_000,
  Ag: 105_000,
  As: 370_000,
};
