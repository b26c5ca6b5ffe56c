/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useInAddress, useInHand } from './use-in-address';

const PARTS = ['bins', 'buy'] as const;

function Station() {
  const [part, turn] = useInAddress('part', PARTS, 'bins');
  const [binId, choose] = useInHand('bin');
  return (
    <>
      <p data-testid="shows">{`${part} ${binId ?? 'none'}`}</p>
      <button type="button" onClick={() => choose('hook-2-0')}>
        Choose
      </button>
      <button type="button" onClick={() => choose(null)}>
        Let go
      </button>
      <button
        type="button"
        onClick={() => {
          turn('buy');
          choose('lot-14');
        }}
      >
        Buy
      </button>
    </>
  );
}

const shows = () => screen.getByTestId('shows').textContent;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const back = () =>
  act(async () => {
    const went = new Promise((resolve) => window.addEventListener('popstate', resolve, { once: true }));
    window.history.back();
    await went;
  });
/** What changes in one turn is one step of the history: the turn has to end. */
const turnEnds = () => act(async () => new Promise((resolve) => setTimeout(resolve, 0)));

describe('what one sees', () => {
  it('is in the address, step by step, and Back comes back to it', async () => {
    window.history.replaceState(null, '', '/shelf');
    render(<Station />);
    expect(shows()).toBe('bins none');
    press('Choose');
    await turnEnds();
    expect(window.location.search).toBe('?bin=hook-2-0');
    press('Buy');
    await turnEnds();
    expect(shows()).toBe('buy lot-14');
    // Both that changed with one press go back with one press.
    await back();
    expect(shows()).toBe('bins hook-2-0');
    await back();
    expect(shows()).toBe('bins none');
  });

  it('makes a step of each press, also where the next comes before the turn of the last has ended', async () => {
    window.history.replaceState(null, '', '/shelf');
    render(<Station />);
    press('Choose');
    press('Buy');
    await turnEnds();
    expect(shows()).toBe('buy lot-14');
    await back();
    expect(shows()).toBe('bins hook-2-0');
    await back();
    expect(shows()).toBe('bins none');
  });

  it('comes from a link, and what the link says wrongly is the first', async () => {
    window.history.replaceState(null, '', '/shelf?part=sell&bin=lot-14');
    render(<Station />);
    expect(shows()).toBe('bins lot-14');
    press('Let go');
    await turnEnds();
    expect(shows()).toBe('bins none');
    expect(window.location.search).toBe('?part=sell');
  });
});
