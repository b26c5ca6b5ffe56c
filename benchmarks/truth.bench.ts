import {
  truthOfEvenings,
  truthOfRunOuts,
  truthOfWeights,
  truthOfWinners,
  type Held,
} from '../tests/support/known-truth';

const BENCHES = 2000;
const START = 20261;

const line = (what: string, wanted: string, { share, of }: Held) =>
  `truth: ${what}: ${(100 * share).toFixed(1)} % of ${of} benches, wanted ${wanted}`;

/** What is told held against the truth that benches were made with. */
export async function* benchTruth(): AsyncGenerator<string> {
  yield line('the next casting in its band', '93 to 97 %', truthOfWeights(BENCHES, START));
  yield line('the evening in its band', '85 to 95 %', truthOfEvenings(BENCHES, START));
  for (const kind of ['regular', 'bursty', 'by chance'] as const) {
    const held = await Promise.resolve(truthOfRunOuts(BENCHES, START, kind));
    yield line(`a bin used ${kind} is empty in its band`, '85 to 97 %', held);
  }
  yield line(
    'no winner among two that catch alike, in clumps',
    '90 % and more',
    truthOfWinners(BENCHES, START),
  );
}
