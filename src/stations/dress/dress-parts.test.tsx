/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { NO_CLUES } from '@/core/quality/causes/clues';
import { TRADE_TABLE } from '@/core/quality/causes/trade-table';
import { BeginBatch } from './BeginBatch';
import { CausesPart } from '@/ui/quality-drawing/CausesPart';
import { FlawTable } from './FlawTable';
import { Practice } from './Practice';

describe('CausesPart', () => {
  it('moves the order by answers, takes the last back, and tells what was found', async () => {
    const found = jest.fn();
    await renderBench(<CausesPart symptom="heavy" clues={NO_CLUES} table={TRADE_TABLE} onFound={found} />);
    const first = () => screen.getAllByRole('listitem')[0]!;
    const told = first().textContent;
    expect(told).toContain('Halves not closed');
    fireEvent.click(screen.getByRole('button', { name: 'No' }));
    expect(first().textContent).not.toBe(told);
    fireEvent.click(screen.getByRole('button', { name: 'Take the last answer back' }));
    expect(first().textContent).toBe(told);
    fireEvent.click(screen.getByRole('button', { name: 'It was this: Halves not closed' }));
    expect(found).toHaveBeenCalledWith('not-closed');
  });
});

describe('BeginBatch', () => {
  it('lays no more on the bench than lie on the shelf, with the steps that are ticked', async () => {
    const begun = jest.fn();
    const { workshop } = await renderBench(<BeginBatch onClose={() => undefined} onBegun={begun} />);
    const pieces = screen.getByRole('textbox', { name: 'Pieces' });
    fireEvent.change(pieces, { target: { value: '9000' } });
    expect(screen.getByText(/^Only \d+ lie there/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Lay them on the bench' })).toBeDisabled();
    fireEvent.change(pieces, { target: { value: '4' } });
    fireEvent.click(screen.getByRole('checkbox', { name: 'Flash off' }));
    const before = (await workshop.batches.all()).map(({ id }) => id);
    fireEvent.click(screen.getByRole('button', { name: 'Lay them on the bench' }));
    await waitFor(() => expect(begun).toHaveBeenCalled());
    const made = (await workshop.batches.all()).find(({ id }) => !before.includes(id))!;
    expect(made).toMatchObject({ count: 4, tray: 4, runId: null });
    expect(made.steps.map(({ step }) => step)).not.toContain('flash');
  });
});

describe('FlawTable', () => {
  it('counts by block, cavity, pot and pour', async () => {
    const casting = { count: 1, cavity: 0, potC: 371, pourNo: 2, isFoundLater: false, moldId: 'block-a' };
    await renderBench(
      <FlawTable
        castings={[
          { ...casting, flaw: 'short', isGood: false },
          { ...casting, flaw: null, isGood: true, pourNo: 30, potC: 390 },
        ]}
      />,
    );
    const rows = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(rows()).toEqual(['Block A50.0 %1 of 2: 1 short']);
    fireEvent.click(screen.getByText('Pot'));
    expect(rows()).toEqual(['370 °C to 380 °C100.0 %1 of 1: 1 short', '390 °C to 400 °C0.0 %0 of 1']);
    fireEvent.click(screen.getByText('Pour'));
    expect(rows()).toEqual(['pour 2100.0 %1 of 1: 1 short', 'pour 11 on0.0 %0 of 1']);
    fireEvent.click(screen.getByText('Cavity'));
    expect(rows()).toEqual(['Block A, cavity 150.0 %1 of 2: 1 short']);
  });
});

describe('Practice', () => {
  it('counts the first try alone, and goes on when the castings come clean', async () => {
    await renderBench(<Practice firstSeed={11} />);
    const changes = within(screen.getByRole('group', { name: 'What to change' })).getAllByRole('button');
    for (const change of changes) {
      if (screen.queryByRole('button', { name: 'Next pour' })) break;
      fireEvent.click(change);
    }
    expect(screen.getAllByRole('img', { name: 'A clean casting' })).toHaveLength(3);
    expect(screen.getByText(/^[01] of 1 at the first try$/)).toBeInTheDocument();
    expect(changes.filter((each) => each.hasAttribute('disabled'))).toHaveLength(changes.length);
    fireEvent.click(screen.getByRole('button', { name: 'Next pour' }));
    expect(screen.getAllByRole('img', { name: /^A casting:/ })).toHaveLength(3);
  });
});
