/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { JobFailure } from './JobFailure';
import { useJob } from './use-job';
import '../../tests/support/patience';

/** Answers in their turn: what the worker does when it is asked. */
const turns: (() => Promise<unknown>)[] = [];

jest.mock('@/workers/client', () => {
  class CalledOff extends Error {}
  return {
    CalledOff,
    WorkLane: class {
      ask(_name: string, _input: unknown, { signal }: { signal: AbortSignal }) {
        const answer = turns.shift()!();
        const off = new Promise((_, reject) => {
          signal.addEventListener('abort', () => reject(new CalledOff()));
        });
        return Promise.race([answer, off]);
      }
      close() {
        return undefined;
      }
    },
  };
});

function Asking() {
  const job = useJob<string>();
  const begin = () =>
    job.start(async ({ ask, say }) => {
      say('so far');
      const answer: unknown = await ask('calculate', { name: 'units.parse', input: {} });
      return String(answer);
    });
  return (
    <>
      <p data-testid="is">{`${job.is} ${job.answer ?? ''}`.trim()}</p>
      <button type="button" onClick={begin}>
        Ask
      </button>
      <button type="button" onClick={job.cancel}>
        Cancel
      </button>
      <JobFailure job={job} />
    </>
  );
}

const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const isNow = (text: string) => screen.findByText(text);

describe('useJob', () => {
  beforeEach(() => {
    turns.length = 0;
    render(<Asking />);
  });

  it('says what it has so far, then the answer', async () => {
    turns.push(() => Promise.resolve('found'));
    press('Ask');
    expect(screen.getByTestId('is')).toHaveTextContent('working so far');
    await isNow('done found');
  });

  it('is at rest again when it is called off, and an older answer never comes late', async () => {
    let late: (answer: string) => void = () => undefined;
    turns.push(
      () => new Promise<string>((resolve) => (late = resolve)),
      () => Promise.resolve('second'),
    );
    press('Ask');
    press('Cancel');
    await isNow('rest');
    press('Ask');
    await isNow('done second');
    late('first');
    await Promise.resolve();
    expect(screen.getByTestId('is')).toHaveTextContent('done second');
  });

  it('says that a worker died, and can be tried again', async () => {
    turns.push(
      () => Promise.reject(new Error('The worker failed: out of memory.')),
      () => Promise.resolve('found'),
    );
    press('Ask');
    expect(await screen.findByRole('alert')).toHaveTextContent('The worker failed: out of memory.');
    press('Try again');
    await isNow('done found');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
