import type { ScreenUnits } from '@/text/written-in';

interface MeasuredField {
  readonly label: string;
  readonly is: 'mass' | 'length' | 'depth' | 'temperature' | 'number' | 'money';
  /** In g, mm, m or C. */
  readonly usual: number;
  readonly least: number;
  readonly most: number;
}

interface ChoiceField {
  readonly label: string;
  readonly is: 'choice';
  readonly usual: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

export type AnswerField = MeasuredField | ChoiceField;

/** What was asked, by the keys of the fields: a figure where something is measured, an id where it is chosen. */
export type Asked = Readonly<Record<string, number | string>>;

/** The answer in a line, and what else is worth knowing; or why there is none. */
export type Said =
  | { readonly isKnown: true; readonly says: string; readonly more: readonly string[] }
  | { readonly isKnown: false; readonly why: string };

interface Opens<Of> {
  readonly at: string;
  readonly href: (asked: Of) => string;
}

/** A question of a maker that needs nothing on the shelf: answered from typical figures, and led on to its own tool. */
export interface QuickAnswer {
  readonly id: string;
  /** As a maker would ask it. */
  readonly asks: string;
  readonly fields: Readonly<Record<string, AnswerField>>;
  readonly answer: (asked: Asked, units: ScreenUnits) => Said;
  /** Where the figures are from. */
  readonly source: string;
  readonly opens: Opens<Asked>;
}

type AskedOf<Fields> = {
  readonly [Key in keyof Fields]: Fields[Key] extends { readonly is: 'choice' } ? string : number;
};

/** A question whose answer knows by their names what is asked. */
export function quickAnswer<const Fields extends Readonly<Record<string, AnswerField>>>(
  of: Omit<QuickAnswer, 'fields' | 'answer' | 'opens'> & {
    readonly fields: Fields;
    readonly answer: (asked: AskedOf<Fields>, units: ScreenUnits) => Said;
    readonly opens: Opens<AskedOf<Fields>>;
  },
): QuickAnswer {
  return {
    ...of,
    answer: (asked, units) => of.answer(asked as AskedOf<Fields>, units),
    opens: { at: of.opens.at, href: (asked) => of.opens.href(asked as AskedOf<Fields>) },
  };
}

export const known = (says: string, ...more: string[]): Said => ({ isKnown: true, says, more });
export const unknown = (why: string): Said => ({ isKnown: false, why });

/** What a question asks at first. */
export const usualAsked = (
  fields: QuickAnswer['fields'],
  rounded: (field: MeasuredField) => number = ({ usual }) => usual,
): Asked =>
  Object.fromEntries(
    Object.entries(fields).map(([key, field]) => [key, field.is === 'choice' ? field.usual : rounded(field)]),
  );
