import type { ThingKind, TypicalSize } from './thing-kind';

/**
 * A size as the trade writes it where the maker measures so.
 *
 * @example sizeText(findTypicalSize(cable, '280'), 'in') // '280 lb'
 */
export const sizeText = ({ metric, inch }: TypicalSize, length: 'mm' | 'in'): string =>
  length === 'in' ? inch : metric;

/**
 * What a thing of a kind and size is called until its maker calls it otherwise.
 *
 * @example thingName(findThingKind('willow-blade'), size, 'in') // 'Willow blade #4'
 */
export function thingName(kind: ThingKind, size: TypicalSize, length: 'mm' | 'in'): string {
  if (kind.makes === 'metal') return sizeText(size, length);
  return kind.makes === 'strand' || kind.makes === 'powder'
    ? kind.one
    : `${kind.one} ${sizeText(size, length)}`;
}
