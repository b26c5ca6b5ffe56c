import { dayText } from './date-text';
import { findStyle } from '@/core/cavities/styles';
import type { CavityVerdict } from '@/core/tickets/judge-cavity';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { writeMass, type MassUnit } from '@/core/units/write-mass';
import { inchMarkText, inchText } from './inch-text';
import { numberText } from './number-text';
import { rollText } from './roll-text';
import type { Bin } from '@/records/bin';
import type { Insert } from '@/records/mold';
import type { Rule } from '@/records/rule';

/** What is cast in besides the hook: `pin, pulled`. */
export function insertsText(inserts: readonly Insert[]): string {
  return inserts
    .map(({ name, count, removed }) => `${count > 1 ? `${count} ` : ''}${name}${removed ? ', pulled' : ''}`)
    .join('; ');
}

/** A mass in the maker's unit, `9.52 g`. */
export function massText(massG: number, unit: MassUnit): string {
  if (massG === 0) return unit === 'g' ? '0 g' : '0 oz';
  const written = writeMass(massG, unit);
  return `${written.number} ${written.unit}`;
}

/** A weight as the scale showed it, every digit kept: `364.2 g`. */
export function weighedText(massG: number, unit: MassUnit): string {
  return unit === 'g' ? `${numberText(massG, 7)} g` : `${numberText(massG / GRAMS_PER_OUNCE, 6)} oz`;
}

/** A marked weight as it stands on a block or a ticket: no false digits, `10 g`, `3/8 oz`. */
export function markText(massG: number, unit: MassUnit): string {
  return unit === 'g' ? `${numberText(massG, 4)} g` : massText(massG, unit);
}

/** How far off, in words: `5 % under 10 g`. */
export function offText(offShare: number, mark: string): string {
  const percent = Math.abs(offShare) * 100;
  if (percent < 0.5) return `on ${mark}`;
  return `${percent < 10 ? percent.toFixed(1) : percent.toFixed(0)} % ${offShare < 0 ? 'under' : 'over'} ${mark}`;
}

/** An amount in a bin's unit: pieces bare, metal as a mass, line by its length: in inches and feet for who weighs in ounces. */
export function amountText(qty: number, bin: Pick<Bin, 'unit'>, unit: MassUnit): string {
  if (bin.unit === 'mm') return rollText(qty, unit === 'g' ? 'mm' : 'in');
  return bin.unit === 'g' ? massText(qty, unit) : numberText(qty, 6);
}

/** A head as a ticket names it: `Round 10 g, 2/0`. */
export function headText(
  head: { style: string; nominalG: number; hookBinId: string | null },
  binById: ReadonlyMap<string, Bin>,
  unit: MassUnit,
): string {
  const hook = head.hookBinId === null ? undefined : binById.get(head.hookBinId);
  const style = findStyle(head.style)?.name ?? head.style;
  const size = hook?.kind === 'hook' ? `, ${hook.size}` : '';
  return `${style} ${markText(head.nominalG, unit)}${size}`;
}

/** The short name of a metal lot: what stands before the comma. */
export function lotText(name: string): string {
  return name.split(',')[0] ?? name;
}

/** A length in the maker's unit as it is read off a rule, `24 mm`, `1 3/8 in`. */
export function lengthText(mm: number, unit: 'mm' | 'in'): string {
  return unit === 'mm' ? `${numberText(mm, 3)} mm` : inchMarkText(mm);
}

/** A size in the maker's unit as it was measured or typed, not rounded to a rule's mark: `4.9 mm`, `0.193 in`. */
export function sizeText(mm: number, unit: 'mm' | 'in'): string {
  return unit === 'mm' ? `${numberText(mm, 3)} mm` : inchText(mm);
}

/** A temperature in the maker's unit, `391 °C`. */
export function temperatureText(celsius: number, unit: 'C' | 'F'): string {
  return unit === 'F' ? `${Math.round(celsius * 1.8 + 32)} °F` : `${Math.round(celsius)} °C`;
}

/** What a rule bars, where and when: `lead under 4 g, the club waters, from Apr 1`. */
export function ruleText(
  rule: Rule,
  units: { readonly mass: MassUnit; readonly length: 'mm' | 'in' },
): string {
  const limits = [
    ...(rule.underG === null ? [] : [`under ${massText(rule.underG, units.mass)}`]),
    ...(rule.underMm === null ? [] : [`shorter than ${lengthText(rule.underMm, units.length)}`]),
  ];
  const element = RULED_ELEMENTS[rule.element] ?? rule.element;
  const days = [
    ...(rule.from === null ? [] : [`from ${dayText(rule.from)}`]),
    ...(rule.until === null ? [] : [`until ${dayText(rule.until)}`]),
  ].join(' ');
  return [
    `${element} ${limits.length > 0 ? limits.join(' or ') : 'of any size'}`,
    rule.place || 'everywhere',
    ...(days === '' ? [] : [days]),
  ].join(', ');
}

const RULED_ELEMENTS: Readonly<Record<string, string>> = {
  Pb: 'lead',
  Zn: 'zinc',
  Sb: 'antimony',
  Bi: 'bismuth',
  Cu: 'copper',
};

/** Seconds as a maker says them: `52 min`, `1 h 20 min`. */
export function minutesText(seconds: number): string {
  const minutes = Math.max(seconds > 0 ? 1 : 0, Math.round(seconds / 60));
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

/**
 * A time as it stands in a field, to the second: `12 min`, `1 h 30 min`, `1 min 30 s`.
 *
 * @example durationText(5400) // '1 h 30 min'
 */
export function durationText(seconds: number): string {
  const whole = Math.round(seconds);
  const parts = [
    [Math.floor(whole / 3600), 'h'],
    [Math.floor(whole / 60) % 60, 'min'],
    [whole % 60, 's'],
  ] as const;
  const said = parts.filter(([amount]) => amount > 0).map(([amount, unit]) => `${amount} ${unit}`);
  return said.length > 0 ? said.join(' ') : '0 min';
}

/** Why a cavity does not make a line. */
export function verdictText(verdict: CavityVerdict, mark: string, unit: MassUnit): string {
  if (verdict.fits) return 'fits';
  switch (verdict.why) {
    case 'weight':
      return `gives ${massText(verdict.finishedG, unit)}, ${offText(verdict.offShare, mark)}`;
    case 'hook':
      if (verdict.lies === 'thick') return 'has a slot too narrow for that hook’s wire';
      if (verdict.lies === 'short') return 'is deeper than that hook’s shank is long';
      return verdict.hookSizes.length > 0 ? `takes hooks ${verdict.hookSizes.join(', ')}` : 'takes no hook';
    case 'no-room':
      return 'has no room for metal round that hook';
    case 'style':
      return 'is of another style';
  }
}
