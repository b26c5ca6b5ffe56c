/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { demoBench } from '@/demo/demo-bench';
import type { HeadBin } from '@/records/bin';
import { useBench } from '@/station-kit/BenchProvider';
import { BoughtHeadsPart } from '@/station-kit/BoughtHeadsPart';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import { completeLines, findProblems, type TicketDraft } from '@/model/tickets/ticket-draft';
import { TicketEditor } from './TicketEditor';

const BLANK: TicketDraft = {
  ticketId: null,
  title: '',
  buyer: '',
  toleranceShare: 0.05,
  note: '',
  lines: [
    {
      id: 'line',
      style: 'round',
      nominalG: null,
      count: null,
      hookBinId: 'hook-2-0',
      metalBinId: 'lot-14',
      coatId: null,
      skirtId: null,
      guardBinId: null,
      collarBinId: null,
      dueOn: null,
    },
  ],
  wares: [],
};

function Editor({ onWrite, onDraft }: { onWrite: () => void; onDraft: (draft: TicketDraft) => void }) {
  const [draft, setDraft] = useState(BLANK);
  return (
    <TicketEditor
      draft={draft}
      onChange={(next) => {
        setDraft(next);
        onDraft(next);
      }}
      onWrite={onWrite}
      onLeave={() => undefined}
    />
  );
}

const WANTED = 5000;

function Bought({ bin }: { readonly bin: HeadBin }) {
  const { view } = useBench();
  const ticket = view.tickets.find(({ state }) => state === 'open')!;
  const { style, nominalG } = bin;
  const want = { style, nominalG, hookBinId: null, metalBinId: null, dueOn: null, toleranceShare: 0.01 };
  const wants = [{ ...want, ticketId: ticket.id, lineId: ticket.lines[0]!.id, left: WANTED }];
  return <BoughtHeadsPart wants={wants} isWritten />;
}

describe('TicketEditor', () => {
  it('writes nothing while something is missing, and says what beside each field', async () => {
    let written = 0;
    await renderBench(<Editor onWrite={() => (written += 1)} onDraft={() => undefined} />);
    expect(screen.getByRole('textbox', { name: 'Ticket' })).toHaveFocus();
    fireEvent.submit(screen.getByRole('form', { name: 'New ticket' }));
    expect(written).toBe(0);
    expect(screen.getAllByRole('alert').length).toBeGreaterThanOrEqual(2);
    expect(screen.getByRole('textbox', { name: 'Ticket' })).toHaveValue('');
  });

  it('keeps what is typed in the draft, any unit', async () => {
    const drafts: TicketDraft[] = [];
    await renderBench(<Editor onWrite={() => undefined} onDraft={(draft) => drafts.push(draft)} />);
    fireEvent.change(screen.getByRole('textbox', { name: 'Ticket' }), { target: { value: 'Weir heads' } });
    expect(drafts.at(-1)?.title).toBe('Weir heads');
    fireEvent.change(screen.getByRole('textbox', { name: 'Weight' }), { target: { value: '1/2 oz' } });
    expect(drafts.at(-1)?.lines[0]?.nominalG).toBeCloseTo(14.1747615625, 9);
  });
});

describe('a line that names no metal', () => {
  it('is complete without a hook, and says so in the list of metals', async () => {
    const drafts: TicketDraft[] = [];
    await renderBench(<Editor onWrite={() => undefined} onDraft={(draft) => drafts.push(draft)} />);
    const metal = screen.getByRole('combobox', { name: 'Metal' });
    fireEvent.mouseDown(metal);
    fireEvent.click(await screen.findByTitle('bought, or any there'));
    const line = { ...drafts.at(-1)!.lines[0]!, nominalG: 10, count: 4, hookBinId: null };
    expect(line.metalBinId).toBeNull();
    const draft = { ...drafts.at(-1)!, lines: [line] };
    expect([...findProblems(draft).lines.values()]).toEqual([{}]);
    expect(completeLines(draft)).toHaveLength(1);
    const cast = { ...draft, lines: [{ ...line, metalBinId: 'lot-14' }] };
    expect([...findProblems(cast).lines.values()]).toEqual([{ hookBinId: 'Choose a hook.' }]);
    expect(completeLines(cast)).toEqual([]);
  });

  it('is filled from what lies there, and asks for what is short', async () => {
    const demo = demoBench(TODAY);
    const free = demo.bins.find(
      (bin) => bin.kind === 'head' && bin.coatId === null && bin.skirtId === null && bin.hookBinId !== null,
    ) as HeadBin;
    const { workshop } = await renderBench(<Bought bin={free} />);
    const before = await workshop.shelf.entriesOf(free.id);
    const button = await screen.findByRole('button', { name: /^Take \d+ from the shelf$/ });
    const there = Number(/\d+/.exec(button.textContent)![0]);
    expect(
      screen.getByRole('button', { name: `${WANTED - there} short: put bought heads down` }),
    ).toBeEnabled();
    fireEvent.click(button);
    await waitFor(async () => {
      const given = await workshop.shelf.entriesOf(free.id);
      expect(given.length).toBeGreaterThan(before.length);
    });
  });
});
