import { writeFraction } from '@/core/units/write-fraction';

const MM_PER_INCH = 25.4;
const INCHES_PER_FOOT = 12;
/** From so many inches on, feet are said. */
const FEET_FROM = 48;
/** The finest fraction that is read off a rule at a length, inches: 1/64 of little things, 1/16 of long ones. */
const FINEST: readonly (readonly [under: number, parts: number])[] = [
  [0.5, 64],
  [2, 32],
  [Infinity, 16],
];
/** A fraction is said where it is this near, mm: less than a rule shows. */
const NEAR_MM = 0.06;

/** Under this a wire is said in thousandths, and in a fraction only where it is just that, in and mm. */
const WIRE_UNDER = 1 / 16;
const JUST_MM = 0.002;

/** A fraction of an inch as it stands on a rule: `1/2`, `1 3/8`; null where the length lies further than that beside every mark. */
function onRule(inches: number, nearMm: number): string | null {
  const [, parts = 16] = FINEST.find(([under]) => inches < under) ?? [];
  const marks = Math.round(inches * parts);
  if (marks === 0 || Math.abs(inches - marks / parts) * MM_PER_INCH > nearMm) return null;
  return writeFraction(marks, parts);
}

/**
 * A length in inches as the trade writes it: a fraction where it lies on a mark of the rule, else decimals; feet where it is
 * long.
 *
 * @example inchText(12.7) // '1/2 in'
 * @example inchText(24) // '0.94 in'
 * @example inchText(2540) // '8 ft 4 in'
 */
export function inchText(mm: number): string {
  return written(mm, NEAR_MM);
}

/** Below this a caliper measures, not a rule, in: wires and sheets are said in thousandths. */
const RULE_FROM = 1 / 8;

/**
 * A length in inches as it is read off a rule: the nearest mark. For what is laid out, cut and looked at; what is compared to a
 * hair is written with `inchText`.
 *
 * @example inchMarkText(103) // '4 1/16 in'
 * @example inchMarkText(0.9) // '0.035 in'
 */
export function inchMarkText(mm: number): string {
  return written(mm, mm / MM_PER_INCH >= RULE_FROM ? Infinity : NEAR_MM);
}

function written(mm: number, nearMm: number): string {
  const inches = mm / MM_PER_INCH;
  if (Math.abs(inches) >= FEET_FROM) {
    const all = Math.round(inches);
    const [feet, rest] = [Math.floor(all / INCHES_PER_FOOT), all % INCHES_PER_FOOT];
    return rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`;
  }
  const near = inches < WIRE_UNDER ? Math.min(nearMm, JUST_MM) : nearMm;
  const fraction = inches > 0 ? onRule(inches, near) : null;
  if (fraction !== null) return `${fraction} in`;
  if (inches === 0) return '0 in';
  return Math.abs(inches) < 0.1 ? `${inches.toFixed(3)} in` : `${inches.toFixed(2)} in`;
}
