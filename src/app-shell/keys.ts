import type { KeyBinding, KeyMap } from '@/station-kit/key-map';
import type { StationDefinition } from '@/station-kit/station-definition';

/** The keys that hold everywhere. */
export const FRAME_KEYS: KeyMap<'gloves' | 'answers' | 'help'> = {
  gloves: { press: ['g'], shows: 'G', does: 'glove mode' },
  answers: { press: ['q'], shows: 'Q', does: 'quick answers' },
  help: { press: ['?'], shows: '?', does: 'this list' },
};

/** Of keys pressed together, which a map of single keys does not hold. */
const UNDO = { shows: 'Ctrl Z, Ctrl Shift Z', does: 'undo, redo' };

/** Stations that a digit opens: the first ten of the line, the tenth with 0. */
export const WITH_DIGITS = 10;

/** The station that a press opens; undefined where it opens none. */
export function stationOf(
  stations: readonly StationDefinition[],
  { key, code }: Pick<KeyboardEvent, 'key' | 'code'>,
): StationDefinition | undefined {
  const digit = /^Digit([0-9])$/.exec(code)?.[1];
  if (digit !== undefined) return stations.slice(0, WITH_DIGITS)[(Number(digit) + 9) % WITH_DIGITS];
  return stations.find(({ letter }) => letter === key);
}

type KeyLine = Pick<KeyBinding, 'shows' | 'does'>;

/** Every key there is, from what the stations say of themselves: those of one station under its name. */
export function keyLists(
  stations: readonly StationDefinition[],
): { readonly of: string; readonly lines: readonly KeyLine[] }[] {
  const digits = stations
    .slice(0, WITH_DIGITS)
    .map(({ name }, index) => `${(index + 1) % WITH_DIGITS} ${name}`);
  const letters = stations.flatMap(({ letter, name }) =>
    letter === undefined ? [] : [{ shows: letter.toUpperCase(), does: name }],
  );
  return [
    {
      of: 'Everywhere',
      lines: [
        {
          shows: 'Digits',
          does: `${digits.join(', ')}. Where a station has digits of its own, hold Alt to change station`,
        },
        ...letters,
        UNDO,
        ...Object.values(FRAME_KEYS),
      ],
    },
    ...stations.filter(({ keys }) => keys.length > 0).map(({ name, keys }) => ({ of: name, lines: keys })),
  ];
}
