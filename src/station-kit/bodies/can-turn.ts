let known: boolean | null = null;

/**
 * Whether this browser draws bodies that turn.
 *
 * @example canTurn() // false where WebGL is missing or switched off
 */
export function canTurn(): boolean {
  known ??= (() => {
    try {
      return Boolean(document.createElement('canvas').getContext('webgl2'));
    } catch {
      return false;
    }
  })();
  return known;
}
