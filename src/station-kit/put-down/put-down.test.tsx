/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { demoBench } from '@/demo/demo-bench';
import type { PartBin } from '@/records/bin';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import { setPreferences } from '../preferences-store';
import { KindChange } from './KindChange';
import { PutDown } from './PutDown';

type Props = Partial<ComponentProps<typeof PutDown>>;

afterEach(() => setPreferences({ mass: 'g', length: 'mm' }));

async function opened(props: Props = {}) {
  const added: string[] = [];
  const closed = jest.fn();
  const { workshop, db } = await renderBench(
    <PutDown onClose={closed} onAdded={({ id }) => added.push(id)} {...props} />,
  );
  return { added, closed, workshop, db };
}

const pick = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

function type(name: string | RegExp, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

const put = () => fireEvent.submit(document.querySelector('form')!);

describe('PutDown', () => {
  it('finds a kind by a word that makers use for it, and asks for no more than its size and how many', async () => {
    const { added, workshop } = await opened();
    fireEvent.change(screen.getByRole('textbox', { name: 'Search kinds of things' }), {
      target: { value: 'stirrup' },
    });
    expect(
      within(screen.getByRole('region', { name: 'Wire and beads' })).getAllByRole('button'),
    ).toHaveLength(1);
    pick('Clevises');
    pick('#4');
    type('How many', '40');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    const bin = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(bin).toMatchObject({
      kind: 'part',
      name: 'Clevis #4',
      sort: 'clevises',
      massG: 0.12,
      gauge: { as: 'clevis', sizes: { lengthMm: 5, holeMm: 1.6 }, basis: 'guess' },
    });
    expect((await workshop.shelf.ledger()).levels.get(added[0]!)).toBe(40);
  });

  it('says so where no kind is called that, and shows them all again', async () => {
    await opened();
    const search = screen.getByRole('textbox', { name: 'Search kinds of things' });
    fireEvent.change(search, { target: { value: 'trombone' } });
    expect(screen.getByText(/Nothing is called that/)).toBeInTheDocument();
    pick('Show all kinds');
    expect(screen.getByRole('region', { name: 'Hooks' })).toBeInTheDocument();
  });

  it('takes the price of a pack, and keeps the pack where its seller is named', async () => {
    const { added, workshop, db } = await opened();
    pick('Ball bearing swivels');
    type('How many', '50');
    type(/^Price/, '12.50');
    type('That price is for', '25');
    fireEvent.change(screen.getByRole('combobox', { name: 'Who sells it' }), {
      target: { value: 'Corner shop' },
    });
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    const [id] = added;
    expect((await workshop.shelf.bins()).find((bin) => bin.id === id)).toMatchObject({ costEach: 0.5 });
    expect(await workshop.shelf.entriesOf(id!)).toMatchObject([{ qty: 50, unitCost: 0.5 }]);
    const pack = (await db.packs.toArray()).find(({ binId }) => binId === id);
    expect(pack).toMatchObject({ qty: 25, price: 12.5 });
    expect((await db.sellers.get(pack!.sellerId))?.name).toBe('Corner shop');
    await workshop.history.undo();
    expect((await workshop.shelf.bins()).some((bin) => bin.id === id)).toBe(false);
    expect((await db.sellers.toArray()).some(({ name }) => name === 'Corner shop')).toBe(false);
  });

  it('prices a spool by its length in yards, never by the millimeter', async () => {
    setPreferences({ mass: 'oz-fraction', length: 'in' });
    const { added, workshop } = await opened();
    pick('Braid and assist cord');
    pick('50 lb');
    type('How long, each', '150 yd');
    type(/^Price/, '18');
    type('That price is for', '150');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    const bin = (await workshop.shelf.bins()).find(({ id }) => id === added[0]);
    expect(bin).toMatchObject({ name: 'Braid 50 lb', unit: 'mm', gauge: { as: 'line', line: 'cord' } });
    expect(bin?.kind === 'part' ? bin.costEach : null).toBeCloseTo(18 / 137_160, 12);
    const [entry] = await workshop.shelf.entriesOf(added[0]!);
    expect(entry).toMatchObject({ qty: 137_160, lengthId: expect.any(String) });
  });

  it('asks about a price that makes one a hundred times as dear as others, and takes it when it is meant', async () => {
    const { added } = await opened();
    pick('Nylon line (mono)');
    type('How long, each', '5 m');
    type(/^Price/, '3.50');
    type('That price is for', '2 mm');
    put();
    expect(await screen.findByText(/Is it the price of a whole pack/)).toBeInTheDocument();
    expect(added).toHaveLength(0);
    pick('It is the price, as I wrote it');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
  });

  it('puts more of what is there into its bin, and a measured one is solid', async () => {
    const { added, workshop } = await opened();
    const before = (await workshop.shelf.bins()).length;
    pick('Rattles');
    type('How many', '5');
    type('Length', '13 mm');
    type('Across', '4.1 mm');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    expect((await workshop.shelf.bins()).find(({ id }) => id === added[0])).toMatchObject({
      gauge: { as: 'rattle', sizes: { lengthMm: 13, diameterMm: 4.1 }, basis: 'measured' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Put down, and another size' }));
    await waitFor(() => expect(added).toHaveLength(2));
    expect(added[1]).toBe(added[0]);
    expect(await workshop.shelf.bins()).toHaveLength(before + 1);
    expect((await workshop.shelf.ledger()).levels.get(added[0]!)).toBe(10);
  });

  it('refuses a name that stands for something else, and says so', async () => {
    const { added } = await opened();
    pick('Rattles');
    type('Called', 'Jig hook 2/0');
    put();
    expect(await screen.findByText(/is something else on this shelf/)).toBeInTheDocument();
    expect(added).toHaveLength(0);
  });

  it('puts a lot of metal down with what the list knows of it', async () => {
    const { added, workshop } = await opened();
    pick('Metal to pour');
    type('Called', 'Lot 22, hard lead');
    type('How much', '10 lb');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    expect((await workshop.shelf.bins()).find(({ id }) => id === added[0])).toMatchObject({
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
    const { added, workshop } = await opened();
    pick('Jig hooks, to cast in');
    type('Called', 'Jig hook 2/0, black');
    type('How many', '25');
    put();
    await waitFor(() => expect(added).toHaveLength(1));
    expect((await workshop.shelf.bins()).find(({ id }) => id === added[0])).toMatchObject({
      kind: 'hook',
      size: '2/0',
      massBasis: 'guess',
      gapeMm: 12.5,
    });
    type('Called', 'Jig hook 2/0, weighed');
    type('Weighs each', '0.61 g');
    put();
    await waitFor(() => expect(added).toHaveLength(2));
    expect((await workshop.shelf.bins()).find(({ id }) => id === added[1])).toMatchObject({
      massG: 0.61,
      massBasis: 'weighed',
    });
  });

  it('opens at the only kind that would do', async () => {
    await opened({ title: 'A collar', suits: ({ id }) => id === 'collar' });
    expect(screen.getByRole('group', { name: 'Size' })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Another kind' })).toBeNull();
  });
});

describe('KindChange', () => {
  it('makes what was put down as the wrong kind another, and leaves its count, price and name alone', async () => {
    const bead = demoBench(TODAY).bins.find(
      (bin) => bin.kind === 'part' && bin.gauge?.as === 'bead',
    ) as PartBin;
    const changes: Partial<PartBin>[] = [];
    await renderBench(<KindChange bin={bead} onChange={(change) => changes.push(change)} />);
    expect(screen.getByText('bead')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'It is something else' }));
    const dialog = screen.getByRole('dialog', { name: `What is ${bead.name}?` });
    // What is kept by its weight or its length is no part that is counted.
    expect(within(dialog).queryByRole('button', { name: /^Nylon/ })).toBeNull();
    fireEvent.click(within(dialog).getByRole('button', { name: /^Barrel swivels/ }));
    expect(changes).toHaveLength(1);
    expect(changes[0]).toMatchObject({ gauge: { as: 'swivel', basis: 'guess' }, massG: bead.massG });
    expect(Object.keys(changes[0]!).sort()).toEqual(['gauge', 'massG', 'sort']);
  });
});
