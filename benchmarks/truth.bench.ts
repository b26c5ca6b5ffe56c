import { promisesHeld } from '../tests/support/known-week';
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

function truthOfPromises(weeks: number): Held {
  let [held, of] = [0, 0];
  for (let seed = 1; seed <= weeks; seed += 1) {
    const week = promisesHeld(seed, 200);
    held += week.held;
    of += week.told;
  }
  return { share: held / of, of };
}

/** What is told held against the truth that benches were made with. */
export async function* benchTruth(): AsyncGenerator<string> {
  yield line('the next casting in its band', '93 to 97 %', truthOfWeights(BENCHES, START));
  yield line('the evening in its band', '85 to 95 %', truthOfEvenings(BENCHES, START));
  yield line('a ticket is done in its promised band', '85 to 95 %', truthOfPromises(BENCHES));
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
