/** Modules along one side of a marker, its black border included. */
export const MARKER_MODULES = 6;

/**
 * The markers of the mat: four rows of four bits each, most significant first, 1 is white; by number from 0.
 *
 * Source: the predefined dictionary of 4 x 4 bits, first fifty words, of the ArUco family (Garrido-Jurado and others,
 * Automatic generation and detection of highly reliable fiducial markers under occlusion, 2014).
 */
const MARKER_WORDS: readonly string[] = (
  'b532 0f9a 332d 9946 549e 79cd 9e2e c4f2 feda cf56 f991 11a7 0eb7 2a0f ' +
  '24b1 263e 4665 6600 6c5e 76af 868b b02b ccd5 dd82 fe47 9471 ace4 a554'
).split(' ');

/**
 * Whether the module in this row and column of a marker is black. Its outermost ring always is.
 *
 * @example isBlack(0, 1, 1) // false: the first bit of word b532 is 1
 */
export function isBlack(marker: number, row: number, column: number): boolean {
  const word = MARKER_WORDS[marker];
  if (word === undefined) throw new RangeError(`isBlack requires a marker of the mat, not ${marker}`);
  const isBorder = [row, column].some((at) => at === 0 || at === MARKER_MODULES - 1);
  return isBorder || ((Number.parseInt(word[row - 1] ?? '0', 16) >> (4 - column)) & 1) === 0;
}
