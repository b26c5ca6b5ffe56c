/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import { renderBench } from '../../../tests/support/render-bench';
import { BinCard } from './BinCard';
import { NewBin } from './NewBin';

// A chart wants a canvas, which there is none of here.
jest.mock('@/ui/shelf-parts/LevelChart', () => ({ LevelChart: () => null }));

function type(name: string, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('NewBin', () => {
  it('says what is missing, and puts nothing on the shelf', async () => {
    const { workshop } = await renderBench(<NewBin onClose={() => undefined} onAdded={() => undefined} />);
    const before = (await workshop.shelf.bins()).length;
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    expect(screen.getByText('Give it a name, such as Lot 22, hard lead.')).toBeInTheDocument();
    expect(screen.getByText('Weigh it: such as 4 kg.')).toBeInTheDocument();
    expect(await workshop.shelf.bins()).toHaveLength(before);
  });

  it('puts a lot on with what the list knows of its metal', async () => {
    const added: string[] = [];
    const { workshop } = await renderBench(
      <NewBin onClose={() => undefined} onAdded={(id) => added.push(id)} />,
    );
    type('Name', 'Lot 22, hard lead');
    type('How much', '10 lb');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(1));
    const lot = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(lot).toMatchObject({
      kind: 'metal',
      composition: { Pb: 0.96, Sb: 0.04 },
      compositionBasis: 'known',
      densityBasis: 'reference',
      shrinkLinear: 0.0065,
      costPerKg: null,
    });
    expect((await workshop.shelf.ledger()).levels.get(added[0]!)).toBeCloseTo(4535.9237, 4);
  });

  it('guesses what a hook weighs from its size, and takes a weighing instead', async () => {
    const added: string[] = [];
    const { workshop } = await renderBench(
      <NewBin onClose={() => undefined} onAdded={(id) => added.push(id)} />,
    );
    fireEvent.click(screen.getByText('Hooks'));
    type('Name', 'Jig hook 2/0, black');
    type('How many', '25');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(1));
    const hook = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(hook).toMatchObject({ kind: 'hook', size: '2/0', massBasis: 'guess', gapeMm: 12.5 });
    type('Weighs each', '0.61 g');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(2));
    const weighed = (await workshop.shelf.bins()).find(({ id }) => id === added[1]);
    expect(weighed).toMatchObject({ massG: 0.61, massBasis: 'weighed' });
  });
});

describe('what is kept by its length', () => {
  it('is put on the shelf in millimeters', async () => {
    const added: string[] = [];
    const { workshop } = await renderBench(
      <NewBin onClose={() => undefined} onAdded={(id) => added.push(id)} />,
    );
    fireEvent.click(screen.getByText('Parts'));
    fireEvent.click(screen.getByText('its length: line, cable, tube'));
    type('Name', 'Leader 0.30 mm');
    type('How long, mm', '50000');
    fireEvent.click(screen.getByRole('button', { name: 'Put on the shelf' }));
    await waitFor(() => expect(added).toHaveLength(1));
    const bin = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(bin).toMatchObject({ kind: 'part', unit: 'mm', gauge: null });
    expect((await workshop.shelf.ledger()).levels.get(added[0]!)).toBe(50_000);
  });

  it('says its length, and where its rolls are moved instead of by hand', async () => {
    const cable = demoBench(Date.UTC(2026, 10, 23, 12)).bins.find(({ name }) => name === 'Cable 18 kg')!;
    await renderBench(<BinCard bin={cable} />);
    expect(screen.getAllByText('13615 mm').length).toBeGreaterThan(0);
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
