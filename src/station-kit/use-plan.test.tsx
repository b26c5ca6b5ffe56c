/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { act, fireEvent, render, screen } from '@testing-library/react';
import type { PourPlan } from '@/core/pours/pour-plan';
import type { Session } from '@/core/tickets/lay-out-session';
import { usePlan } from './use-plan';

/** What the worker was asked for, each with the way to answer it. */
const asked: ((answer: unknown) => void)[] = [];

jest.mock('@/workers/client', () => {
  class CalledOff extends Error {}
  return {
    CalledOff,
    WorkLane: class {
      ask(_name: string, _input: unknown, { signal }: { signal: AbortSignal }) {
        return new Promise((answer, reject) => {
          asked.push(answer);
          signal.addEventListener('abort', () => reject(new CalledOff()));
        });
      }
      close() {
        return undefined;
      }
    },
  };
});

const SESSION = { demand: [{ key: 'round', count: 3 }], molds: [] } as unknown as Session;
const WEIGHED = { ...SESSION, charges: [] } as unknown as Session;
const OTHER = { ...SESSION, demand: [{ key: 'round', count: 4 }] } as unknown as Session;
const PLAN = { runs: [] } as unknown as PourPlan;

function Slip({ session }: { readonly session: Session | null }) {
  const planned = usePlan(session);
  const of = [SESSION, WEIGHED, OTHER].indexOf(planned.planned!);
  return (
    <>
      <p data-testid="planned">{['first', 'weighed', 'other'][of] ?? 'none'}</p>
      <p data-testid="state">{`${planned.state} ${planned.plan ? 'with a plan' : 'without'}`}</p>
      <button type="button" onClick={planned.cancel}>
        Cancel
      </button>
      <button type="button" onClick={planned.again}>
        Again
      </button>
    </>
  );
}

const state = () => screen.getByTestId('state').textContent;
const planned = () => screen.getByTestId('planned').textContent;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const pass = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms));
const answer = async () => {
  await act(async () => asked.at(-1)!({ ok: true, value: PLAN }));
};

beforeEach(() => {
  asked.length = 0;
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

describe('usePlan', () => {
  it('searches once what is asked has settled, and keeps the last plan in sight while it searches anew', async () => {
    const { rerender } = render(<Slip session={SESSION} />);
    expect(state()).toBe('planning without');
    expect(asked).toHaveLength(0);
    await pass(300);
    await answer();
    expect(state()).toBe('done with a plan');
    rerender(<Slip session={OTHER} />);
    expect(state()).toBe('planning with a plan');
    await pass(300);
    expect(asked).toHaveLength(2);
    await answer();
    expect(state()).toBe('done with a plan');
    rerender(<Slip session={null} />);
    expect(state()).toBe('idle without');
  });

  it('keeps a plan with the session that it plans, also when another one stands there before it ends', async () => {
    const { rerender } = render(<Slip session={SESSION} />);
    await pass(300);
    rerender(<Slip session={OTHER} />);
    // The answer to the first question comes in while the second has not begun.
    await answer();
    expect(state()).toBe('planning with a plan');
    expect(planned()).toBe('first');
    await pass(300);
    await answer();
    expect(state()).toBe('done with a plan');
    expect(planned()).toBe('other');
  });

  it('takes the weights of now for the same question', async () => {
    const { rerender } = render(<Slip session={SESSION} />);
    await pass(300);
    await answer();
    expect(planned()).toBe('first');
    rerender(<Slip session={WEIGHED} />);
    expect(state()).toBe('done with a plan');
    expect(planned()).toBe('weighed');
  });

  it('is called off before it has begun as well as after, and begins again when it is asked to', async () => {
    render(<Slip session={SESSION} />);
    press('Cancel');
    expect(state()).toBe('called-off without');
    await pass(1000);
    expect(asked).toHaveLength(0);
    expect(state()).toBe('called-off without');
    press('Again');
    await pass(300);
    expect(asked).toHaveLength(1);
    expect(state()).toBe('planning without');
    press('Cancel');
    await pass(1000);
    expect(state()).toBe('called-off without');
  });
});
