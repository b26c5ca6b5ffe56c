import { lengthText } from './words';
import type { TabPieces } from '@/core/skirts/pull-tabs';
import { numberText } from './number-text';
import type { StrandBin } from '@/records/bin';
import type { SkirtLayerRecord } from '@/records/skirt';

const FRACTIONS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

const PIECES: Readonly<Record<string, readonly [one: string, many: string]>> = {
  '0.25': ['a quarter', 'quarters'],
  '0.5': ['a half', 'halves'],
  '0.75': ['three quarters', 'of three quarters'],
};

/** A number of tabs as it is said: `2 ¼`, `½`, `1.35`. */
export function tabsText(tabs: number): string {
  const whole = Math.floor(tabs + 1e-6);
  const rest = Number((tabs - whole).toFixed(4));
  if (rest <= 0) return numberText(whole);
  const fraction = FRACTIONS[String(rest)];
  if (!fraction) return numberText(tabs, 3);
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

/** Pieces of tab as they lie there: `9 whole, a half, 2 quarters`. */
export function piecesText(pieces: readonly TabPieces[]): string {
  if (pieces.length === 0) return 'none';
  return pieces
    .map(({ share, count }) => {
      if (share === 1) return `${count} whole`;
      const words = PIECES[String(share)];
      if (!words) return `${count} of ${numberText(share, 3)} tab`;
      return count === 1 ? words[0] : `${count} ${words[1]}`;
    })
    .join(', ');
}

/** A material without what sort it is: `reed green`. */
export function shortName(material: Pick<StrandBin, 'name'>): string {
  return material.name.replace(/^[^,]*, /, '');
}

const PLACES = {
  round: 'all round',
  top: 'on top',
  below: 'below',
  left: 'on the left',
  right: 'on the right',
} as const;

export function placeText(place: SkirtLayerRecord['place']): string {
  return place.at === 'angles'
    ? `from ${numberText(place.fromDeg, 3)}° to ${numberText(place.toDeg, 3)}°`
    : PLACES[place.at];
}

/** How much a layer takes: `½ tab`, `12 strands`, of a sheet `12 legs`, `a bundle of 3 mm`, `1 bunch`. */
export function amountOfText(
  amount: SkirtLayerRecord['amount'],
  length: 'mm' | 'in',
  form: StrandBin['form'] = 'tab',
): string {
  const [one, strand] = form === 'sheet' ? ['sheet', 'leg'] : ['tab', 'strand'];
  switch (amount.by) {
    case 'tabs':
      return `${tabsText(amount.tabs)} ${amount.tabs > 1 ? `${one}s` : one}`;
    case 'strands':
      return amount.strands === 1 ? `1 ${strand}` : `${amount.strands} ${strand}s`;
    case 'bundle':
      return `a bundle of ${lengthText(amount.diameterMm, length)}`;
    case 'bunches':
      return `${numberText(amount.bunches, 3)} ${amount.bunches === 1 ? 'bunch' : 'bunches'}`;
  }
}
