/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { renderBench } from '../../../tests/support/render-bench';
import type { TicketDraft } from './draft';
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
