import { strengthText, warmerText } from './quantity-text';
import { lengthText, massText, temperatureText } from './words';
import type { ScreenUnits } from './written-in';

/** A figure in a sentence: `by 15 C` says how much warmer, `177 C` how warm. */
const FIGURE = /(?<![\w.])(by )?(\d+(?:\.\d+)?) (C|mm|g|kg)(?![\w/])/g;

/**
 * A sentence of the reference with its figures in the units of a screen. In it grams are weights, and kilograms are what a line
 * bears.
 *
 * @example proseIn('Raise the pot by 15 C.', INCHES) // 'Raise the pot by 27 °F.'
 */
export function proseIn(sentence: string, { mass, length, temperature, strength }: ScreenUnits): string {
  return sentence.replace(FIGURE, (_, by: string | undefined, figure: string, unit: string) => {
    const value = Number(figure);
    switch (unit) {
      case 'C':
        return by ? `${by}${warmerText(value, temperature)}` : temperatureText(value, temperature);
      case 'mm':
        return `${by ?? ''}${lengthText(value, length)}`;
      case 'kg':
        return `${by ?? ''}${strengthText(value, strength)}`;
      default:
        return `${by ?? ''}${massText(value, mass)}`;
    }
  });
}
