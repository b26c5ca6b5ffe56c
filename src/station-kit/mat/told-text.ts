import type { ToldSize } from '@/core/outline/read-part';
import { numberText } from '@/text/number-text';
import { areaText, roomText } from '@/text/writer';

type Length = 'mm' | 'in';

const MM_PER_INCH = 25.4;
const finely = (mm: number, length: Length) =>
  length === 'mm'
    ? numberText(Number(mm.toFixed(2)), 5)
    : numberText(Number((mm / MM_PER_INCH).toFixed(3)), 5);

/** A size as finely as a picture tells it, `47.6 mm`, `1.874 in`: never rounded to a rule's mark. */
export function finelyText(mm: number, length: Length): string {
  return `${finely(mm, length)} ${length}`;
}

/** A size that was told, in the maker's unit. */
export function toldText({ unit, value }: Pick<ToldSize, 'unit' | 'value'>, length: Length): string {
  switch (unit) {
    case 'mm':
      return finelyText(value, length);
    case 'mm2':
      return areaText(value / 100, length);
    case 'mm3':
      return roomText(value / 1000, length);
    case 'pieces':
      return numberText(value);
  }
}

/** How far it may be off, `± 0.2 mm`; nothing for what was counted. */
export function toldOffText({ unit, off }: Pick<ToldSize, 'unit' | 'off'>, length: Length): string {
  return off === 0 ? '' : `± ${toldText({ unit, value: off }, length)}`;
}

/** The sizes that name a part, `47.6 × 20.6 mm`: its first two lengths. */
export function briefText(sizes: readonly ToldSize[], length: Length): string {
  const lengths = sizes.filter(({ unit }) => unit === 'mm').slice(0, 2);
  return `${lengths.map(({ value }) => finely(value, length)).join(' × ')} ${length}`;
}
