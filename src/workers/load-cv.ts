import loaded from '@techstark/opencv-js';
import type { Cv } from '@/core/sight/cv';

/**
 * The picture library, once its inside is ready. It is given within something else: taken for a promise, it is one that
 * never ends.
 *
 * @example const { cv } = await loadCv();
 */
export async function loadCv(): Promise<{ readonly cv: Cv }> {
  const cv = loaded as Cv & { onRuntimeInitialized?: () => void };
  if (!('Mat' in cv)) {
    await new Promise<void>((resolve) => {
      (cv as { onRuntimeInitialized?: () => void }).onRuntimeInitialized = resolve;
    });
  }
  return { cv };
}
