import jsQR from 'jsqr';

/** Large enough to see a fish by, small enough to go along in a file. */
const LONGEST_PX = 1024;
/** The first that is small enough is taken. */
const QUALITIES = [0.72, 0.5, 0.3] as const;
/** As large as a record keeps, letters. */
const MOST_LETTERS = 600_000;

async function drawn(file: Blob, longest: number): Promise<HTMLCanvasElement> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas;
}

/** A picture as it is kept: a JPEG of no more than so many pixels; null where the file is no picture. */
export async function keepsakeOf(file: Blob): Promise<string | null> {
  try {
    const canvas = await drawn(file, LONGEST_PX);
    for (const quality of QUALITIES) {
      const url = canvas.toDataURL('image/jpeg', quality);
      if (url.startsWith('data:image/jpeg;') && url.length <= MOST_LETTERS) return url;
    }
    return null;
  } catch {
    return null;
  }
}

/** The text of a code in a picture; null where none is seen. */
export async function codeIn(file: Blob): Promise<string | null> {
  try {
    const canvas = await drawn(file, LONGEST_PX);
    const image = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height);
    return image ? (jsQR(image.data, image.width, image.height)?.data ?? null) : null;
  } catch {
    return null;
  }
}
