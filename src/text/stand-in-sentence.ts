import type { RoleSize } from '@/core/parts/part-roles';
import type { StandInDifference } from '@/core/stock/stand-ins';
import { measureText } from './measure-text';
import { numberText } from './number-text';
import type { WrittenIn } from './written-in';

const WORDS: Readonly<Record<string, readonly [name: string, unit: RoleSize['unit'] | null]>> = {
  gapeMm: ['gape', 'mm'],
  wireMm: ['wire', 'mm'],
  shankMm: ['shank', 'mm'],
  lengthMm: ['length', 'mm'],
  longMm: ['length', 'mm'],
  widthMm: ['width', 'mm'],
  thickMm: ['sheet', 'mm'],
  diameterMm: ['across', 'mm'],
  holeMm: ['hole', 'mm'],
  hubMm: ['length on the wire', 'mm'],
  ringMm: ['ring wire', 'mm'],
  upperMm: ['upper arm', 'mm'],
  lowerMm: ['lower arm', 'mm'],
  spreadDeg: ['arms apart', 'deg'],
  loopMm: ['loop', 'mm'],
  eyeMm: ['eye', 'mm'],
  bodyMm: ['body', 'mm'],
  strandWidthMm: ['strands', 'mm'],
  headG: ['head on it', 'g'],
  breakKgf: ['breaks at', 'kgf'],
  densityGcm3: ['density, g/cm³,', null],
  fibers: ['fibers', null],
  points: ['points', null],
  shrinkRatio: ['shrinks', 'times'],
  holdsCm3: ['holds', 'cm3'],
};

function said({ what, from, to }: StandInDifference, units: WrittenIn): string {
  if (what === 'color') return 'another shade';
  if (what === 'condition') return `${to}, not ${from}`;
  if (what === 'size') return `marked ${to}, not ${from}`;
  const [name, unit] = WORDS[what] ?? [what, null];
  const figure = (value: number | string) =>
    typeof value !== 'number' ? value : unit ? measureText(unit, value, units) : numberText(value, 3);
  return `${name} ${figure(to)} for ${figure(from)}`;
}

/**
 * How a stand-in differs from what it stands in for.
 *
 * @example standInSentence([{ what: 'gapeMm', from: 9, to: 9.4, far: 0.4 }], METRIC) // 'gape 9.4 mm for 9 mm'
 */
export function standInSentence(differences: readonly StandInDifference[], units: WrittenIn): string {
  return differences.length === 0
    ? 'alike in all that matters'
    : differences.map((each) => said(each, units)).join(', ');
}
