/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { RigStation } from './RigStation';

/** Cuts are planned in a worker, of which there is none here: every piece from the first length that is there. */
jest.mock('@/workers/client', () => ({
  CalledOff: class CalledOff extends Error {},
  WorkLane: class WorkLane {
    ask(
      _: string,
      {
        stock,
        pieces,
      }: {
        stock: { id: string; lengthMm: number }[];
        pieces: { id: string; lengthMm: number; count: number }[];
      },
    ) {
      const cuts = pieces.map(({ id, count }) => ({ id, count }));
      const stockId = stock[0]?.id ?? '';
      const value = {
        used: [{ stockId, count: 1 }],
        patterns: [{ stockId, times: 1, cuts }],
        wasteMm: 0,
        optimal: true,
      };
      return Promise.resolve({ ok: true, value });
    }
    close() {
      return undefined;
    }
  },
}));

beforeEach(() => {
  localStorage.clear();
  window.scrollTo = () => undefined;
});

const turn = (part: string) =>
  act(() => {
    fireEvent.click(within(screen.getByLabelText('What to do')).getByText(part));
  });
const heading = () => screen.getByRole('heading', { level: 1 });

describe('the rig station', () => {
  it('opens on the rig that was kept last, and turns to each of its parts', async () => {
    await renderBench(<RigStation />);
    expect(heading()).toHaveTextContent('Night set, 150 eel, from version 1');
    for (const [part, title] of [
      ['Board', 'Board'],
      ['Run', 'Run'],
      ['Rolls', 'Rolls'],
      ['Matches', 'Matches'],
      ['Trip kit', 'Trip kit'],
      ['Rig', 'Night set, 150 eel, from version 1'],
    ] as const) {
      turn(part);
      expect(heading()).toHaveTextContent(title);
    }
  });

  it('lays the rig out anew for another lure, and steps back', async () => {
    await renderBench(<RigStation />);
    fireEvent.change(screen.getByLabelText('Lure'), { target: { value: '200' } });
    const list = screen.getByLabelText('From the top down');
    expect(within(list).getByText(/110 mm, crimped loop/)).toBeInTheDocument();
    expect(screen.getByText('Make 20').closest('button')).toBeDisabled();
    fireEvent.click(screen.getByText('Undo change'));
    expect(
      within(screen.getByLabelText('From the top down')).getByText(/83 mm, crimped loop/),
    ).toBeInTheDocument();
    expect(screen.getByText('Make 20').closest('button')).toBeEnabled();
  });

  it('takes the chosen part off by key', async () => {
    await renderBench(<RigStation />);
    fireEvent.click(within(screen.getByLabelText('From the top down')).getByText('Barrel swivel #10'));
    fireEvent.keyDown(window, { key: 'Delete' });
    expect(within(screen.getByLabelText('From the top down')).queryByText('Barrel swivel #10')).toBeNull();
    fireEvent.click(screen.getByText('Discard'));
    expect(await screen.findByText('Everything fits.')).toBeInTheDocument();
  });

  it('plans the cuts of a run, cuts, and turns to its card', async () => {
    const { workshop } = await renderBench(<RigStation />);
    fireEvent.click(screen.getByText('Make 20'));
    expect(await screen.findByText('Proven: no other way opens less.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('How many'), { target: { value: '3' } });
    await screen.findByLabelText(/^3 of 123 mm, 3 of 100 mm/);
    fireEvent.click(screen.getByText('Cut and begin'));
    expect(await screen.findByText(/Cut 1 of 12/)).toBeInTheDocument();
    expect(heading()).toHaveTextContent('Run');
    const run = (await workshop.riggings.all()).find(({ state }) => state === 'rigging');
    expect(run).toMatchObject({ count: 3, way: 'by-station' });
    fireEvent.click(screen.getByText('All of it is cut'));
    expect(await screen.findByText('Lay its lengths ready', { selector: 'h2' })).toBeInTheDocument();
    await waitFor(async () => {
      expect((await workshop.riggings.all()).find(({ state }) => state === 'rigging')?.cutDone).toBe(12);
    });
  });
});
