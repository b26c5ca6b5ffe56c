/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { DndContext } from '@dnd-kit/core';
import { demoBench } from '@/demo/demo-bench';
import { REFERENCE_METALS } from '@/reference/metals';
import { renderBench } from '../../../tests/support/render-bench';
import { ChargedPot } from './ChargedPot';
import { ChargeList } from './ChargeList';
import { DensityLine } from '@/ui/metal-drawing/DensityLine';
import { IdentifyForm } from './IdentifyForm';
import { LotShelf } from './LotShelf';
import { LotSlip } from './LotSlip';
import { MixFigures } from './MixFigures';
import { PotGauge } from '@/ui/metal-drawing/PotGauge';
import { PotLedger } from './PotLedger';
import { RuleForm } from './RuleForm';
import { RulesPart } from './RulesPart';
import { readCharge } from '@/model/metals/charge';

function type(name: string | RegExp, text: string): void {
  const field = screen.getByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const LEAD = REFERENCE_METALS[0]!;
const EMPTY = readCharge([], [], new Map(), 4500);

describe('PotGauge', () => {
  const thin = { id: 'a', name: 'Block A', modulusMm: 0.8 };
  const thick = { id: 'k', name: 'Block K', modulusMm: 4 };
  const show = (section: typeof thin) =>
    render(<PotGauge metal={LEAD} sections={[thin, thick]} section={section} onSection={() => undefined} />);

  it('asks for a hotter pot for thin sections, and warns of fume', () => {
    const { unmount } = show(thin);
    expect(screen.getByRole('img', { name: 'Pot for Soft lead: 395 °C to 445 °C' })).toBeInTheDocument();
    expect(screen.getByText(/Fume grows fast with heat/)).toBeInTheDocument();
    unmount();
    show(thick);
    expect(screen.getByRole('img', { name: 'Pot for Soft lead: 338 °C to 385 °C' })).toBeInTheDocument();
  });

  it('has nothing to guide by without a metal', () => {
    render(<PotGauge metal={null} sections={[thin]} section={thin} onSection={() => undefined} />);
    expect(screen.getByText(/Choose a lot whose metal is known/)).toBeInTheDocument();
    expect(screen.queryByRole('img', { name: /^Pot for/ })).not.toBeInTheDocument();
  });
});

describe('DensityLine', () => {
  it('says the density and its error, two standard errors to each side', () => {
    render(<DensityLine densityGcm3={11.15} errorGcm3={0.06} fits={[]} />);
    expect(screen.getByRole('img', { name: 'Density 11.15 among known metals' })).toHaveTextContent(
      '11.15 ± 0.12',
    );
  });
});

describe('the pot', () => {
  it('is drawn with what is charged, or with what a run has left in it', async () => {
    await renderBench(
      <DndContext>
        <ChargedPot charge={EMPTY} capacityG={4500} heelG={150} run={{ name: 'Run 9', levelG: 1234 }} />
      </DndContext>,
    );
    expect(screen.getByRole('img', { name: 'Pot: 1.23 kg left in Run 9' })).toBeInTheDocument();
    expect(screen.queryByText('Drop a lot here')).not.toBeInTheDocument();
  });

  it('lists its charge, takes amounts, and lets a lot go again', async () => {
    const changes: unknown[] = [];
    await renderBench(
      <ChargeList charge={[{ binId: 'lot-17', g: 500 }]} onChange={(charge) => changes.push(charge)} />,
    );
    type('Lot 17', '2 lb');
    expect(changes.at(-1)).toEqual([{ binId: 'lot-17', g: expect.closeTo(907.18474, 4) as number }]);
    fireEvent.click(screen.getByRole('button', { name: 'Take Lot 17, type metal out of the pot' }));
    expect(changes.at(-1)).toEqual([]);
  });

  it('says what a charge comes to, and opens its sums', async () => {
    const bins = demo.bins.filter((bin) => bin.kind === 'metal');
    const levels = new Map(bins.map(({ id }) => [id, 9000]));
    const charge = readCharge(
      [
        { binId: 'lot-9', g: 1000 },
        { binId: 'lot-15', g: 2000 },
      ],
      bins,
      levels,
      4500,
    );
    await renderBench(<MixFigures charge={charge} />);
    expect(screen.getByRole('button', { name: /^In the pot: 3\.00 kg/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /^Composition: 96 % lead, 4 % antimony/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /^Melting range: 252 to 300 °C/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /^Cost/ }));
    expect(await screen.findByText(/1.00 kg at € 2.10 a kg \+ 2.00 kg at € 3.20 a kg/)).toBeInTheDocument();
  });
});

describe('LotShelf', () => {
  it('piles every lot, marks the unknown, and charges by a button as by a drag', async () => {
    const charged: string[] = [];
    await renderBench(
      <DndContext>
        <LotShelf chosen="lot-9" onChoose={() => undefined} onCharge={(binId) => charged.push(binId)} />
      </DndContext>,
    );
    const lots = screen.getByRole('list', { name: 'Metal on the shelf' });
    expect(within(lots).getAllByRole('listitem')).toHaveLength(8);
    expect(within(lots).getByText('nobody knows what')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /^Lot 9 soft lead/ })).toHaveAttribute('aria-pressed', 'true');
    fireEvent.click(screen.getByRole('button', { name: 'Put Lot 18, pewter into the pot' }));
    expect(charged).toEqual(['lot-18']);
  });
});

describe('LotSlip', () => {
  it('tells of the lot, what to mind, and where it is not what it is called', async () => {
    const lot = demo.bins.find(({ id }) => id === 'lot-12');
    if (lot?.kind !== 'metal') throw new Error('no lot');
    const { workshop } = await renderBench(<LotSlip lot={lot} onIdentify={() => undefined} />);
    expect(screen.getByText(/probably not what it is called: castings of \d cavities/)).toBeInTheDocument();
    expect(screen.getByText(/Lead fume and dust/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /^Price of Lot 12/ }));
    type(/^Price,/, '3,10');
    fireEvent.click(screen.getByRole('button', { name: 'That is its price' }));
    await waitFor(async () => {
      const kept = (await workshop.shelf.bins()).find(({ id }) => id === 'lot-12');
      expect(kept).toMatchObject({ costPerKg: 3.1 });
    });
  });
});

describe('PotLedger', () => {
  it('shows the last runs with where their metal went, and all on asking', async () => {
    await renderBench(<PotLedger />);
    const book = screen.getByRole('region', { name: 'Pot ledger' });
    expect(within(book).getAllByRole('img')).toHaveLength(6);
    expect(within(book).getAllByRole('img')[0]).toHaveAccessibleName(
      /^charged .*: poured .*, returned .*, left/,
    );
    fireEvent.click(within(book).getByRole('button', { name: 'Show all 14' }));
    expect(within(book).getAllByRole('img')).toHaveLength(14);
  });
});

describe('IdentifyForm', () => {
  it('refuses a piece no lighter in water, in words, and offers nothing to set down', async () => {
    await renderBench(<IdentifyForm binId="lot-21" onClose={() => undefined} />);
    type('In air', '100');
    type('Hung in water', '100 g');
    expect(screen.getByText(/in water it must weigh less/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Save result' })).toBeDisabled();
    type('Hung in water', '90.2 g');
    expect(screen.getByRole('region', { name: 'What fits' })).toHaveTextContent('Nothing on the list fits');
    expect(screen.getByRole('button', { name: 'Save result' })).toBeEnabled();
  });

  it('keeps every digit of a weighing', async () => {
    await renderBench(<IdentifyForm binId="lot-21" onClose={() => undefined} />);
    type('In air', '364.27 g');
    expect(screen.getByRole('textbox', { name: 'In air' })).toHaveValue('364.27 g');
  });
});

describe('rules', () => {
  it('are switched on at the slip', async () => {
    const { workshop } = await renderBench(<RulesPart />);
    fireEvent.click(screen.getByRole('switch', { name: 'Hold tickets against: No lead shorter than 12 mm' }));
    await waitFor(async () =>
      expect((await workshop.rules.all()).find(({ id }) => id === 'rule-short')?.isOn).toBe(true),
    );
    expect(screen.getByText(/your own notes, not the law/)).toBeInTheDocument();
  });

  it('are written with a name, and say what is missing', async () => {
    const { workshop } = await renderBench(<RuleForm rule={null} onClose={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: 'Save rule' }));
    expect(screen.getByRole('alert')).toHaveTextContent('Name it, such as No lead in small sinkers.');
    type('Name', 'No lead for pike');
    type('Where', 'The weir');
    type('in castings under', '1 oz');
    fireEvent.click(screen.getByRole('button', { name: 'Save rule' }));
    await waitFor(async () => expect(await workshop.rules.all()).toHaveLength(4));
    const kept = (await workshop.rules.all()).find(({ name }) => name === 'No lead for pike');
    expect(kept).toMatchObject({
      place: 'The weir',
      underG: expect.closeTo(28.3495, 3) as number,
      isOn: true,
    });
  });
});
