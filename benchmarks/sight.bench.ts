import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { posedScene } from '@/core/posed/posed-scenes';
import { takePicture } from '@/core/posed/take-picture';
import { holding } from '@/core/sight/cv';
import { seeMat } from '@/core/sight/see-mat';
import { toldMat } from '@/core/sight/told-mat';
import { loadCv } from '@/workers/load-cv';

const RUNS = 3;
const SIZE = { width: 2000, height: 1500 };

/** The shortest of some runs, ms. */
function shortest(work: () => unknown): number {
  return Math.min(
    ...Array.from({ length: RUNS }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

/** How long a picture of the mat takes to be measured, beside one plain blur of it by the same library. */
export async function* benchSight(): AsyncGenerator<string> {
  const { cv } = await loadCv();
  const scene = posedScene('parts', SIZE, repeatableRandom(5));
  const { width, height, data } = takePicture(scene);
  const blurMs = shortest(() =>
    holding((keep) => {
      const whole = keep(cv.matFromImageData({ width, height, data } as ImageData));
      cv.GaussianBlur(whole, whole, new cv.Size(0, 0), 2);
    }),
  );
  let things = 0;
  const seeMs = shortest(() => {
    const seen = seeMat(cv, { width, height, data }, scene.printed);
    if (seen.ok) things = toldMat(seen.value).things.length;
  });
  yield [
    `${things} things in a picture of ${((width * height) / 1e6).toFixed(0)} megapixels are measured:`,
    `  ${seeMs.toFixed(0)} ms, ${(seeMs / blurMs).toFixed(1)} times one plain blur of it (${blurMs.toFixed(0)} ms)`,
  ].join('\n');
}
