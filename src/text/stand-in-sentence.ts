import type { StandInDifference } from '@/core/stock/stand-ins';
import { numberText } from './number-text';

const WORDS: Readonly<Record<string, readonly [name: string, unit: string]>> = {
  gapeMm: ['gape', 'mm'],
  wireMm: ['wire', 'mm'],
  shankMm: ['shank', 'mm'],
  lengthMm: ['length', 'mm'],
  longMm: ['length', 'mm'],
  widthMm: ['width', 'mm'],
  thickMm: ['sheet', 'mm'],
  diameterMm: ['across', 'mm'],
  holeMm: ['hole', 'mm'],
  hubMm: ['along the wire', 'mm'],
  ringMm: ['ring wire', 'mm'],
  upperMm: ['upper arm', 'mm'],
  lowerMm: ['lower arm', 'mm'],
  spreadDeg: ['arms apart', '°'],
  loopMm: ['loop', 'mm'],
  eyeMm: ['eye', 'mm'],
  bodyMm: ['body', 'mm'],
  strandWidthMm: ['strands', 'mm'],
  headG: ['head on it', 'g'],
  breakKgf: ['breaks at', 'kgf'],
  densityGcm3: ['density', 'g/cm³'],
  fibers: ['fibers', ''],
  points: ['points', ''],
  shrinkRatio: ['shrinks', 'times'],
  holdsCm3: ['holds', 'cm³'],
};

function said({ what, from, to }: StandInDifference): string {
  if (what === 'color') return 'another shade';
  if (what === 'condition') return `${to}, not ${from}`;
  if (what === 'size') return `marked ${to}, not ${from}`;
  const [name, unit] = WORDS[what] ?? [what, ''];
  const figure = (value: number | string) => (typeof value === 'number' ? numberText(value, 3) : value);
  return `${name} ${figure(to)} for ${figure(from)}${unit ? ` ${unit}` : ''}`;
}

/**
 * How a stand-in differs from what it stands in for.
 *
 * @example standInSentence([{ what: 'gapeMm', from: 9, to: 9.4, far: 0.4 }]) // 'gape 9.4 for 9 mm'
 */
export function standInSentence(differences: readonly StandInDifference[]): string {
  return differences.length === 0 ? 'alike in all that matters' : differences.map(said).join(', ');
}
