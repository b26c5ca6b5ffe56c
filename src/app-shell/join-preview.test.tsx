/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import type { BenchContents } from '@/records/bench-file';
import type { HistoryEntry } from '@/records/history-entry';
import { renderBench } from '../../tests/support/render-bench';
import { JoinPreview } from './JoinPreview';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const hooks = demo.bins.find(({ id }) => id === 'hook-2-0')!;
const level = (contents: BenchContents) =>
  contents.entries.filter(({ binId }) => binId === hooks.id).reduce((so, { qty }) => so + qty, 0);

const taken = (id: string, qty: number) => ({
  ...demo.entries[0]!,
  id,
  binId: hooks.id,
  kind: 'taken' as const,
  qty: -qty,
  unitCost: null,
  at: 1,
});
const edit = (id: string, at: number, after: unknown): HistoryEntry => ({
  id,
  no: 1,
  at,
  deed: { code: 'bin.edited', facts: { name: hooks.name } },
  undoes: null,
  changes: [{ table: 'bins', key: hooks.id, before: hooks, after }],
});

describe('joining another device', () => {
  it('says what comes, and joins it once', async () => {
    const theirs = { ...demo, entries: [...demo.entries, taken('phone-1', 10)] };
    let done = 0;
    const { workshop } = await renderBench(
      <JoinPreview name="phone.json" contents={theirs} onDone={() => (done += 1)} />,
    );
    expect(await screen.findByRole('row', { name: /^ledger entries 1 0 0/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Join the benches' }));
    await waitFor(() => expect(done).toBe(1));
    expect((await workshop.shelf.ledger()).levels.get(hooks.id)).toBe(level(demo) - 10);
  });

  it('asks for the maker’s word where a bin would lie below zero', async () => {
    const theirs = { ...demo, entries: [...demo.entries, taken('phone-1', level(demo) + 5)] };
    await renderBench(<JoinPreview name="phone.json" contents={theirs} onDone={() => undefined} />);
    expect(await screen.findByRole('alert')).toHaveTextContent(`${hooks.name} (-5)`);
    const join = screen.getByRole('button', { name: 'Join the benches' });
    expect(join).toBeDisabled();
    fireEvent.click(screen.getByLabelText(/Join all the same/));
    expect(join).toBeEnabled();
  });

  it('lets the maker choose where both changed the same', async () => {
    const ours = { ...hooks, place: 'Tin' };
    const theirs = { ...hooks, place: 'Wallet' };
    const replaced = (bin: typeof hooks) => demo.bins.map((each) => (each.id === bin.id ? bin : each));
    const contents = { ...demo, bins: replaced(theirs), acts: [edit('theirs', 20, theirs)] };
    const { workshop } = await renderBench(
      <JoinPreview name="phone.json" contents={contents} onDone={() => undefined} />,
    );
    const mine = { ...demo, bins: replaced(ours), acts: [edit('ours', 10, ours)] };
    await workshop.backup.restore(mine);
    const plan = await workshop.backup.previewJoin(contents);
    expect(plan.conflicts).toMatchObject([{ id: hooks.id, stands: 'theirs' }]);
    const placeNow = async () => (await workshop.shelf.bins()).find(({ id }) => id === hooks.id)!.place;
    await workshop.backup.join(contents, { [`bins ${hooks.id}`]: 'ours' });
    expect(await placeNow()).toBe('Tin');
    // What was chosen stands, however often the same file comes.
    await workshop.backup.join(contents);
    expect(await placeNow()).toBe('Tin');
    await workshop.backup.restore(mine);
    await workshop.backup.join(contents, { [`bins ${hooks.id}`]: 'theirs' });
    expect(await placeNow()).toBe('Wallet');
  });

  it('says where nothing is new, and where two runs cannot both be on', async () => {
    await renderBench(<JoinPreview name="same.json" contents={demo} onDone={() => undefined} />);
    expect(await screen.findByText(/All of it is on this bench already/)).toBeInTheDocument();
  });
});
