/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { demoBench } from '@/demo/demo-bench';
import type { Workshop } from '@/data/workshop';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import { BinForm } from './BinForm';
import { BinNeighbors } from './BinNeighbors';
import { CabinetPart } from './CabinetPart';

const demo = demoBench(TODAY);

function Cabinet({ found = null }: { found?: ReadonlySet<string> | null }) {
  const [openId, setOpenId] = useState<string | null>(null);
  return <CabinetPart {...{ found, openId }} onOpen={setOpenId} onChoose={() => undefined} />;
}

const front = (name: RegExp) =>
  within(screen.getByRole('group', { name: 'The cabinet' })).getByRole('button', { name });
const drawerNamed = async (workshop: Workshop, name: string) =>
  (await workshop.cabinet.drawers()).find((drawer) => drawer.name === name)!;

describe('the cabinet', () => {
  it('shows what lies in an open drawer, what must be kept apart, and takes more in', async () => {
    const { workshop } = await renderBench(<Cabinet />);
    fireEvent.click(front(/^Soft bait box/));
    const inside = screen.getByRole('region', { name: 'In Soft bait box' });
    expect(within(inside).getByRole('alert')).toHaveTextContent(/melt each other.*more pairs lie here/);
    const there = within(inside).getAllByRole('button').length;
    fireEvent.mouseDown(within(inside).getByRole('combobox', { name: 'Put into Soft bait box' }));
    fireEvent.change(within(inside).getByRole('combobox'), { target: { value: 'Jig hook 2/0' } });
    fireEvent.click((await screen.findAllByText('Jig hook 2/0')).at(-1)!);
    await waitFor(() => expect(within(inside).getAllByRole('button')).toHaveLength(there + 1));
    const hook = (await workshop.shelf.bins()).find(({ name }) => name === 'Jig hook 2/0');
    expect(hook?.drawerId).toBe((await drawerNamed(workshop, 'Soft bait box')).id);
  });

  it('is laid out with the arrow keys, over what stands between, and says where there is no room', async () => {
    const { workshop } = await renderBench(<Cabinet />);
    fireEvent.click(screen.getByRole('button', { name: 'Lay out' }));
    const before = await drawerNamed(workshop, 'Ingot shelf');
    fireEvent.keyDown(front(/^Ingot shelf/), { key: 'ArrowLeft' });
    expect(await screen.findByText(/^No room for Ingot shelf there/)).toBeInTheDocument();
    fireEvent.keyDown(front(/^Ingot shelf/), { key: 'ArrowDown' });
    await waitFor(async () => expect((await drawerNamed(workshop, 'Ingot shelf')).row).toBeGreaterThan(0));
    const { column, columns, rows } = await drawerNamed(workshop, 'Ingot shelf');
    expect({ column, columns, rows }).toEqual({ column: before.column, columns: before.columns, rows: 1 });
    fireEvent.keyDown(front(/^Ingot shelf/), { key: 'ArrowLeft', shiftKey: true });
    await waitFor(async () =>
      expect((await drawerNamed(workshop, 'Ingot shelf')).columns).toBe(before.columns - 1),
    );
    await workshop.history.undo();
    await workshop.history.undo();
    expect(await drawerNamed(workshop, 'Ingot shelf')).toEqual(before);
  });

  it('gets a drawer, a name for it, and loses it again with nothing lost', async () => {
    const { workshop } = await renderBench(<Cabinet />);
    const count = (await workshop.cabinet.drawers()).length;
    fireEvent.click(screen.getByRole('button', { name: 'New drawer' }));
    const form = await screen.findByRole('form');
    fireEvent.change(within(form).getByLabelText('Name'), { target: { value: 'By the window' } });
    fireEvent.click(within(form).getByRole('button', { name: 'Save' }));
    await screen.findByRole('button', { name: /^By the window, 0 bins/ });
    fireEvent.click(within(form).getByRole('button', { name: 'Take it out' }));
    const buttons = () => screen.getAllByRole('button', { name: 'Take it out' });
    await waitFor(() => expect(buttons()).toHaveLength(2));
    fireEvent.click(buttons().at(-1)!);
    await waitFor(async () => expect(await workshop.cabinet.drawers()).toHaveLength(count));
  });

  it('shows in which drawers lies what was searched for', async () => {
    const hooks = new Set(demo.bins.filter(({ kind }) => kind === 'hook').map(({ id }) => id));
    await renderBench(<Cabinet found={hooks} />);
    expect(front(/^Hook tray, 14 of 14 bins/)).toBeInTheDocument();
    expect(front(/^Tin 2, 0 of \d+ bins/)).toBeInTheDocument();
  });

  it('says what to do where there is none', async () => {
    await renderBench(<Cabinet />, undefined, {
      ...demo,
      drawers: [],
      bins: demo.bins.map((bin) => ({ ...bin, drawerId: null })),
    });
    expect(screen.getByText(/^No cabinet yet/)).toBeInTheDocument();
    expect(screen.getByRole('region', { name: 'In no drawer' })).toBeInTheDocument();
  });
});

describe('what a bin says of itself', () => {
  it('is set right: drawer, low, filled up, kept apart', async () => {
    const bin = demo.bins.find(({ kind, unit }) => kind === 'part' && unit === 'pieces')!;
    let closed = 0;
    const { workshop } = await renderBench(<BinForm bin={bin} onClose={() => (closed += 1)} />);
    const fill = (label: RegExp, value: string) => {
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
      fireEvent.blur(screen.getByLabelText(label));
    };
    fill(/^Low at/, '10');
    fill(/^Fill up to/, '8');
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(screen.getByText('Fill it to more than where it is low.')).toBeInTheDocument();
    expect(closed).toBe(0);
    fill(/^Fill up to/, '40');
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'To be kept apart as' }));
    fireEvent.click((await screen.findAllByText('painted things')).at(-1)!);
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(closed).toBe(1));
    expect((await workshop.shelf.bins()).find(({ id }) => id === bin.id)).toEqual({
      ...bin,
      lowAt: 10,
      fillTo: 40,
      keepApart: 'painted',
    });
  });
});

describe('a stand-in', () => {
  it('is let stand in with a yes, that is remembered, and every piece is accounted for', async () => {
    const hook = demo.bins.find(({ name }) => name === 'Jig hook 2/0')!;
    const twin = { ...hook, id: 'twin', name: 'Another 2/0' };
    const entries = [
      ...demo.entries,
      {
        ...demo.entries[0]!,
        id: 'e-twin',
        binId: 'twin',
        kind: 'received' as const,
        qty: 30,
        unitCost: 0.2,
        lengthId: null,
        ticketId: null,
        lineId: null,
        runId: null,
        pieceShare: null,
        reverses: null,
      },
    ];
    const { workshop } = await renderBench(<BinNeighbors bin={hook} lacks={12} />, undefined, {
      ...demo,
      bins: [...demo.bins, twin],
      entries,
    });
    const before = (await workshop.shelf.ledger()).levels;
    const rows = screen.getByRole('list', { name: 'May stand in for Jig hook 2/0' });
    expect(within(rows).getByText(/30 free, alike in all that matters/)).toBeInTheDocument();
    fireEvent.click(within(rows).getAllByRole('button', { name: 'Let 12 stand in' })[0]!);
    await within(rows).findByText(/18 free.*You let it before/);
    const { levels, entriesByBin } = await workshop.shelf.ledger();
    expect(levels.get('twin')).toBe(18);
    expect(levels.get(hook.id)).toBe(before.get(hook.id)! + 12);
    const came = entriesByBin.get(hook.id)!.find(({ note }) => note === 'Another 2/0 stands in');
    expect(came).toMatchObject({ qty: 12, kind: 'received' });
    expect(came!.unitCost).toBeCloseTo(0.2, 9);
    await workshop.history.undo();
    const after = await workshop.shelf.ledger();
    expect(after.levels.get('twin')).toBe(30);
    expect(await workshop.buying.substitutes()).toHaveLength(demo.substitutes.length);
  });
});
