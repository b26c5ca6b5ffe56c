/** A picture as a browser decodes it: red, green, blue and how whole, a byte each, row by row. */
export interface PicturePixels {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray<ArrayBuffer>;
}

/** Linear light of a byte of a picture, as a byte: brightness that adds up as light does (IEC 61966-2-1). */
export const LINEAR = Uint8Array.from({ length: 256 }, (_, byte) => {
  const value = byte / 255;
  return Math.round(255 * (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4));
});
