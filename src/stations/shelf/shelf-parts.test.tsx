/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import { renderBench } from '../../../tests/support/render-bench';
import { BinCard } from './BinCard';

// A chart wants a canvas, which there is none of here.
jest.mock('@/ui/shelf-parts/LevelChart', () => ({ LevelChart: () => null }));

function type(name: string, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('what is kept by its length', () => {
  it('says its length, and where its rolls are moved instead of by hand', async () => {
    const cable = demoBench(Date.UTC(2026, 10, 23, 12)).bins.find(({ name }) => name === 'Cable 18 kg')!;
    await renderBench(<BinCard bin={cable} />);
    expect(screen.getAllByText('13.615 m').length).toBeGreaterThan(0);
    expect(screen.getByText(/Kept by its lengths/)).toBeInTheDocument();
    expect(screen.queryByRole('form')).toBeNull();
  });
});

describe('BinCard', () => {
  const hooks = demoBench(Date.UTC(2026, 10, 23, 12)).bins.find(({ id }) => id === 'hook-2-0')!;

  it('takes, puts back and counts, each a line of the ledger', async () => {
    const { workshop } = await renderBench(<BinCard bin={hooks} />);
    const level = async () => (await workshop.shelf.ledger()).levels.get('hook-2-0');
    type('How much', '10');
    type('Note', 'for the club');
    fireEvent.submit(screen.getByRole('form', { name: `Move ${hooks.name}` }));
    await waitFor(async () => expect(await level()).toBe(200));
    fireEvent.click(screen.getByText('Count'));
    expect(screen.queryByRole('textbox', { name: 'Note' })).not.toBeInTheDocument();
    type('Counted', '195');
    fireEvent.submit(screen.getByRole('form', { name: `Move ${hooks.name}` }));
    await waitFor(async () => expect(await level()).toBe(195));
    const kinds = (await workshop.shelf.entriesOf('hook-2-0'))
      .slice(0, 2)
      .map(({ kind, qty, note }) => [kind, qty, note]);
    expect(kinds).toEqual([
      ['taken', -10, 'for the club'],
      ['counted', -5, ''],
    ]);
  });

  it('receives at what was paid, and asks once about a price a hundredfold of its like', async () => {
    const { workshop } = await renderBench(<BinCard bin={hooks} />);
    const form = screen.getByRole('form', { name: `Move ${hooks.name}` });
    const came = async () =>
      (await workshop.shelf.entriesOf('hook-2-0'))
        .filter(({ kind, note }) => kind === 'received' && note === 'club')
        .map(({ qty, unitCost }) => [qty, unitCost]);
    fireEvent.click(screen.getByText('Receive', { selector: 'div' }));
    type('Note', 'club');
    type('How much', '100');
    type('Paid for all of it, €', '25');
    fireEvent.submit(form);
    await waitFor(async () => expect(await came()).toEqual([[100, 0.25]]));
    type('Note', 'club');
    type('How much', '2');
    type('Paid for all of it, €', '250');
    fireEvent.submit(form);
    expect(await screen.findByText(/times what such things cost/)).toBeInTheDocument();
    expect(await came()).toHaveLength(1);
    fireEvent.submit(form);
    await waitFor(async () => expect(await came()).toContainEqual([2, 125]));
  });

  it('does not take more than there is, nor nothing', async () => {
    const { workshop } = await renderBench(<BinCard bin={hooks} />);
    const form = screen.getByRole('form', { name: `Move ${hooks.name}` });
    fireEvent.submit(form);
    expect(screen.getByText('How much? Write an amount first.')).toBeInTheDocument();
    type('How much', '211');
    fireEvent.submit(form);
    expect(screen.getByText('There are 210. Take less, or count the bin first.')).toBeInTheDocument();
    expect((await workshop.shelf.ledger()).levels.get('hook-2-0')).toBe(210);
  });
});
