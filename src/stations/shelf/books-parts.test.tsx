/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { planOrders } from '@/core/stock/plan-orders';
import { forecastUse } from '@/core/stock/forecast-use';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import type { Jobs } from '@/workers/protocol';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import { BuyPart } from './BuyPart';
import { CountPart } from './CountPart';
import { ListPart } from './ListPart';
import { OrdersPart } from './OrdersPart';
import { PackForm } from '@/station-kit/put-down/PackForm';
import { UsePart } from './UsePart';

// No worker here: the same sums on this thread.
jest.mock('@/workers/client', () => ({
  CalledOff: class CalledOff extends Error {},
  WorkLane: class {
    ask(name: keyof Jobs, input: unknown) {
      if (name === 'planOrders') {
        const { short, packs, posts } = input as Jobs['planOrders']['takes'];
        return planOrders(short, packs, posts);
      }
      const { bins } = input as Jobs['forecastUse']['takes'];
      const random = repeatableRandom(1);
      return Promise.resolve(
        bins.map(({ id, ...use }) => ({ id, runOut: forecastUse({ ...use, random, runs: 40 }) })),
      );
    }
    close() {
      return undefined;
    }
  },
}));

function fill(label: string | RegExp, value: string): void {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

beforeEach(() => {
  window.localStorage.clear();
});

describe('buying', () => {
  it('finds the cheapest packs and writes an order for each seller', async () => {
    const said: string[] = [];
    const { workshop } = await renderBench(<BuyPart onOrdered={(text) => said.push(text)} />);
    fireEvent.click(screen.getByLabelText(/Fill up what is low/));
    fireEvent.click(screen.getByRole('button', { name: 'Find the cheapest packs' }));
    const orders = await screen.findByRole('region', { name: 'The cheapest orders' });
    expect(within(orders).getByText(/proven: no other orders cost less/)).toBeInTheDocument();
    const sellers = within(orders).getAllByRole('article').length;
    fireEvent.click(within(orders).getByRole('button', { name: 'Write the orders down' }));
    await waitFor(() => expect(said).toHaveLength(1));
    const purchases = (await workshop.buying.purchases()).filter(({ no }) => no > 1);
    expect(purchases).toHaveLength(sellers);
    expect(purchases.every(({ dueOn, state }) => dueOn !== null && state === 'ordered')).toBe(true);
  });

  it('notes a pack of a new seller, and drops one that is not sold any more', async () => {
    const { workshop } = await renderBench(<PackForm binId="hook-2-0" onClose={() => undefined} />);
    const sold = () =>
      workshop.buying
        .packs()
        .then((packs) => packs.filter((each) => each.binId === 'hook-2-0' && !each.retired));
    const before = (await sold()).length;
    fireEvent.submit(screen.getByRole('form', { name: 'A pack' }));
    expect(screen.getByText('How much is in it?')).toBeInTheDocument();
    expect(screen.getByText('What does it cost?')).toBeInTheDocument();
    fill('In a pack', '100');
    fill('Price, €', '9.5');
    fill('Cheaper from so many packs', '3');
    fill('then each, €', '8');
    fireEvent.submit(screen.getByRole('form', { name: 'A pack' }));
    await waitFor(async () => expect(await sold()).toHaveLength(before + 1));
    expect((await sold()).find(({ qty }) => qty === 100)).toMatchObject({
      price: 9.5,
      breaks: [{ from: 3, price: 8 }],
    });
    fireEvent.click((await screen.findAllByRole('button', { name: 'Not sold any more' }))[0]!);
    await waitFor(async () => expect(await sold()).toHaveLength(before));
  });

  it('receives what came, and gives up on the rest', async () => {
    let asked = 0;
    const onBuy = () => {
      asked += 1;
    };
    const { workshop } = await renderBench(<OrdersPart onBuy={onBuy} />, TODAY);
    const order = screen.getByRole('article', { name: 'Order 1' });
    expect(within(order).getByText(/late since/)).toBeInTheDocument();
    const [first] = (await workshop.buying.purchases())[0]!.lines;
    const level = async () => (await workshop.shelf.ledger()).levels.get(first!.binId)!;
    const before = await level();
    for (const field of within(order).getAllByRole('textbox').slice(1)) {
      fireEvent.change(field, { target: { value: '0' } });
      fireEvent.blur(field);
    }
    fireEvent.click(within(order).getByRole('button', { name: 'Receive' }));
    await waitFor(async () => expect(await level()).toBe(before + first!.packQty));
    fireEvent.click(screen.getByRole('button', { name: 'Give up on the rest' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Give up' }));
    expect(await screen.findByText(/Nothing is on its way/)).toBeInTheDocument();
    expect(screen.getByText(/given up/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'What to buy' }));
    expect(asked).toBe(1);
  });
});

describe('a count day', () => {
  it('asks why, and posts what differs', async () => {
    const said: string[] = [];
    const { workshop } = await renderBench(
      <CountPart onPosted={(text) => said.push(text)} onFirst={() => undefined} />,
    );
    const post = screen.getByRole('button', { name: 'Post the count' });
    expect(post).toBeDisabled();
    const [asBooks] = screen.getAllByRole('button', { name: 'As the books say' });
    fireEvent.click(asBooks!);
    expect(screen.getByText('1 counted, 0 differ.')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /^Next drawer/ }));
    fireEvent.click(screen.getByLabelText('Count blind'));
    const [field] = screen.getAllByRole('textbox');
    fireEvent.change(field!, { target: { value: '1' } });
    fireEvent.blur(field!);
    expect(screen.getByText('2 counted, 1 differ; say why one does.')).toBeInTheDocument();
    expect(post).toBeDisabled();
    const before = (await workshop.shelf.ledger()).levels;
    expect(before.size).toBeGreaterThan(0);
    fireEvent.change(field!, { target: { value: '' } });
    fireEvent.blur(field!);
    fireEvent.click(post);
    await waitFor(() => expect(said).toEqual(['1 bin counted, 0 set right.']));
  });
});

describe('a list that comes in', () => {
  it('is mapped, read, looked over and accepted; nothing is written before', async () => {
    const { workshop } = await renderBench(<ListPart />);
    const before = (await workshop.shelf.bins()).length;
    const choose = (name: string, text: string) => {
      const file = new File([text], name, { type: 'text/csv' });
      Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
      fireEvent.change(screen.getByLabelText('List to bring in'), { target: { files: [file] } });
    };
    choose('empty.csv', '');
    expect(await screen.findByRole('alert')).toHaveTextContent('That list holds no rows.');
    choose('beads.csv', 'Article,Qty,Price\nBead 5 mm,2 doz,0.05\nBead 6 mm,many,0.05\n');
    fireEvent.click(await screen.findByRole('button', { name: 'Read 2 rows' }));
    expect(
      await screen.findByText("'many' is no amount. Write 25, 2 doz, 250 g or 50 m."),
    ).toBeInTheDocument();
    expect(await workshop.shelf.bins()).toHaveLength(before);
    fireEvent.click(screen.getByRole('button', { name: 'Accept 1 row' }));
    expect(await screen.findByText(/1 amounts entered, 1 new bins/)).toBeInTheDocument();
    const bead = (await workshop.shelf.bins()).find(({ name }) => name === 'Bead 5 mm')!;
    expect((await workshop.shelf.ledger()).levels.get(bead.id)).toBe(24);
  });

  it('takes what is pasted out of a sheet or a letter, and leaves it there where it is none', async () => {
    const { workshop } = await renderBench(<ListPart />);
    fill('Paste a list', 'Barrel swivel #7');
    fireEvent.click(screen.getByRole('button', { name: 'Read what I pasted' }));
    expect(screen.getByRole('alert')).toHaveTextContent('holds no rows');
    expect(screen.getByLabelText('Paste a list')).toHaveValue('Barrel swivel #7');
    fill('Paste a list', 'Name\tQty\tPrice\nSwivel, black\t2 dozen\t0.20\n');
    fireEvent.click(screen.getByRole('button', { name: 'Read what I pasted' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Read 1 rows' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Accept 1 row' }));
    expect(await screen.findByText(/1 amounts entered, 1 new bins/)).toBeInTheDocument();
    const bin = (await workshop.shelf.bins()).find(({ name }) => name === 'Swivel, black')!;
    expect((await workshop.shelf.ledger()).levels.get(bin.id)).toBe(24);
  });

  it('asks about a price that is that of a roll, and takes it once it is meant', async () => {
    const { workshop } = await renderBench(<ListPart />);
    const text = 'Item,Qty,Price,Price is for\nLeader 0.33,50 m,9.90,50\nLeader 0.36,50 m,9.90,1 mm\n';
    const file = new File([text], 'leaders.csv', { type: 'text/csv' });
    Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
    fireEvent.change(screen.getByLabelText('List to bring in'), { target: { files: [file] } });
    fireEvent.click(await screen.findByRole('button', { name: 'Read 2 rows' }));
    const asked = await screen.findByRole('alert');
    expect(asked).toHaveTextContent('Leader 0.36');
    expect(asked).not.toHaveTextContent('Leader 0.33');
    const accept = screen.getByRole('button', { name: 'Accept 2 rows' });
    expect(accept).toBeDisabled();
    fireEvent.click(screen.getByRole('checkbox', { name: 'They are right as they stand' }));
    fireEvent.click(accept);
    expect(await screen.findByText(/2 amounts entered, 2 new bins/)).toBeInTheDocument();
    const right = (await workshop.shelf.bins()).find(({ name }) => name === 'Leader 0.33')!;
    expect((await workshop.shelf.entriesOf(right.id))[0]?.unitCost).toBeCloseTo(9.9 / 50_000, 12);
  });
});

describe('how long things last', () => {
  it('is said of what has history enough', async () => {
    await renderBench(<UsePart />, TODAY);
    const rows = await screen.findByRole('list', { name: 'When bins run out' });
    expect(within(rows).getAllByText(/a month$/).length).toBeGreaterThan(0);
    expect(screen.getByText(/are left unsaid/)).toBeInTheDocument();
  });
});
