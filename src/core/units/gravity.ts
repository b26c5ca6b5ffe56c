/** Standard gravity, m/s2: exact by definition, and so the newtons in a kilogram of force. */
export const GRAVITY = 9.80665;
