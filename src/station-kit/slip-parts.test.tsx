/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { demoBench } from '@/demo/demo-bench';
import { renderBench } from '../../tests/support/render-bench';
import { wantsOf } from '@/model/tickets/wants-of';
import { DoubtNote } from './DoubtNote';
import { MassField } from '@/ui/unit-field/MassField';
import { RuleNotes } from './RuleNotes';
import { weighedText } from '@/text/words';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const lotOf = (id: string) => {
  const lot = demo.bins.find((bin) => bin.id === id);
  if (lot?.kind !== 'metal') throw new Error(`no lot ${id}`);
  return lot;
};

describe('RuleNotes', () => {
  const small = {
    ...demo.tickets[0]!,
    lines: [
      {
        id: 'line',
        style: 'round',
        nominalG: 3,
        count: 5,
        hookBinId: 'hook-n6',
        metalBinId: 'lot-14',
        coatId: null,
        skirtId: null,
        guardBinId: null,
        collarBinId: null,
        dueOn: '2026-11-28',
      },
    ],
  };

  it('names the rule that bars a line, and sends the maker to the local rules', async () => {
    await renderBench(<RuleNotes wants={wantsOf(small, new Map())} />);
    expect(
      screen.getByText(/Your rule 'No lead under 4 g' \(The club waters\) bars Round 3 g/),
    ).toHaveTextContent('Check the local rules.');
  });

  it('asks rather than bars where nobody knows the metal', async () => {
    const scrap = { ...small, lines: [{ ...small.lines[0]!, metalBinId: 'lot-21' }] };
    await renderBench(<RuleNotes wants={wantsOf(scrap, new Map())} />);
    expect(screen.getByText(/may bar Round 3 g.*nobody knows what its metal is made of/)).toBeInTheDocument();
  });

  it('is silent where no rule speaks: lead-free, heavy enough, or before the rule began', async () => {
    const line = small.lines[0]!;
    const free = [
      { ...line, metalBinId: 'lot-18' },
      { ...line, id: 'heavy', nominalG: 4 },
      { ...line, id: 'early', skirtId: null, guardBinId: null, collarBinId: null, dueOn: '2026-03-31' },
    ];
    await renderBench(<RuleNotes wants={wantsOf({ ...small, lines: free }, new Map())} />);
    expect(screen.queryByText(/Your rule/)).not.toBeInTheDocument();
  });
});

describe('DoubtNote', () => {
  it('speaks of the one lot whose castings are all light, and of no other', async () => {
    await renderBench(
      <>
        <DoubtNote lot={lotOf('lot-12')} />
        <DoubtNote lot={lotOf('lot-14')} />
      </>,
    );
    expect(screen.getAllByText(/probably not what it is called/)).toHaveLength(1);
  });
});

describe('MassField', () => {
  function Field() {
    const [massG, setMassG] = useState<number | null>(364.27);
    return <MassField label="Weighs" value={massG} onChange={setMassG} />;
  }

  it('takes any unit and shows the maker’s own', async () => {
    await renderBench(<Field />);
    const field = screen.getByRole('textbox', { name: 'Weighs' });
    expect(field).toHaveValue('364 g');
    fireEvent.change(field, { target: { value: '1 lb' } });
    fireEvent.blur(field);
    expect(field).toHaveValue('454 g');
  });

  it('keeps every digit where a weighing is written', () => {
    expect(weighedText(364.27, 'g')).toBe('364.27 g');
    expect(weighedText(28.349523125, 'oz')).toBe('1 oz');
  });
});
