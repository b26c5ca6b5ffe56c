import { useKeys } from './use-keys';

/** A key that does something somewhere. The list of keys is made of these, and so is what handles them. */
export interface KeyBinding {
  /** The presses it takes, as the browser names them (`KeyboardEvent.key`), or by where they lie (`Digit1`). */
  readonly press: readonly string[];
  /** As the list of keys writes it. */
  readonly shows: string;
  /** What it does, and when: `in a run: the next pour`. */
  readonly does: string;
  /** A control that has the focus keeps the press for itself. */
  readonly notOnControls?: true;
}

/** The keys of one screen, by what they do. */
export type KeyMap<HistoryEntry extends string> = Readonly<Record<HistoryEntry, KeyBinding>>;

/** What each key does now; null where there is nothing to do, and the press goes on. */
export type KeyActs<HistoryEntry extends string> = Readonly<
  Record<HistoryEntry, ((press: string) => void) | null>
>;

/** Controls that Space and Enter belong to while they have the focus. */
const CONTROLS = 'a, button, [role="button"], [role="radio"]';

/** Whether a press falls on a control that uses it itself. */
export function isOnControl(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest(CONTROLS) !== null;
}

/** What a press does by a map of keys; null where nothing. */
export function actOf<HistoryEntry extends string>(
  map: KeyMap<HistoryEntry>,
  acts: KeyActs<HistoryEntry>,
  { key, code, target }: Pick<KeyboardEvent, 'key' | 'code' | 'target'>,
): (() => void) | null {
  for (const [name, { press, notOnControls }] of Object.entries<KeyBinding>(map)) {
    const pressed = press.find((each) => each === key || each === code);
    const act = acts[name as HistoryEntry];
    if (pressed === undefined || !act || (notOnControls && isOnControl(target))) continue;
    return () => act(pressed);
  }
  return null;
}

/** Lets the keys of a map do what `acts` says. Each key of the map needs its act: what is listed works. */
export function useKeyMap<HistoryEntry extends string>(
  map: KeyMap<HistoryEntry>,
  acts: KeyActs<HistoryEntry>,
): void {
  useKeys((event) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const act = actOf(map, acts, event);
    if (!act) return;
    event.preventDefault();
    act();
  });
}
