/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { renderBench } from '../../../tests/support/render-bench';
import { useBench } from '@/station-kit/BenchProvider';
import { draftOf, withHold, type SkirtDraft } from '@/model/skirts/skirt-draft';
import { HoldFields } from './HoldFields';
import { LayerList } from './LayerList';
import { MaterialsPart } from './MaterialsPart';
import { SkirtStation } from './SkirtStation';
import { TakesPanel } from './TakesPanel';

function usePerch(): SkirtDraft {
  const { view } = useBench();
  return draftOf(view.skirtById.get('skirt-reed-perch-3')!);
}

function Layers() {
  const perch = usePerch();
  const [draft, setDraft] = useState(perch);
  const [openId, setOpenId] = useState<string | null>(null);
  return (
    <LayerList draft={draft} onChange={setDraft} onMove={jest.fn()} openId={openId} onOpen={setOpenId} />
  );
}

describe('the layers', () => {
  it('open to be changed, are added and taken out, and say what they are', async () => {
    await renderBench(<Layers />);
    const list = screen.getByRole('region', { name: 'Layers, in tying order' });
    expect(within(list).getAllByRole('listitem')).toHaveLength(4);
    fireEvent.click(within(list).getByRole('button', { name: /silt brown ½ tab, on top/ }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'Cut short at the collar' }));
    expect(within(list).getByRole('button', { name: /½ tab, on top, cut short/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Tied forward, folded back' }));
    expect(within(list).getByRole('button', { name: /cut short, tied back/ })).toBeInTheDocument();
    const places = screen.getByRole('radiogroup', { name: 'Place of layer 2' });
    fireEvent.click(within(places).getByText('Angles'));
    expect(within(list).getByRole('button', { name: /from 300° to 60°/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take the layer out' }));
    expect(within(list).getAllByRole('listitem')).toHaveLength(3);
    fireEvent.click(within(list).getByRole('button', { name: '+ layer' }));
    expect(within(list).getAllByRole('listitem')).toHaveLength(4);
  });
});

const swapped = jest.fn();

function Takes({ count }: { readonly count: number }) {
  return <TakesPanel draft={usePerch()} count={count} onCount={jest.fn()} onSwap={swapped} />;
}

describe('what they take', () => {
  it('says what is short by name, and offers the nearest', async () => {
    await renderBench(<Takes count={34} />);
    const panel = screen.getByRole('region', { name: 'What they take' });
    const [alert] = within(panel).getAllByRole('alert');
    expect(alert).toHaveTextContent(/tabs? short\. Nearest:/);
    fireEvent.click(within(alert!).getAllByRole('button')[0]!);
    expect(swapped).toHaveBeenCalledWith(expect.stringMatching(/^tab-/), expect.stringMatching(/tab-/));
  });
});

function Hold() {
  const perch = usePerch();
  const [draft, setDraft] = useState(withHold(perch, 'cut-sheet', { binById: new Map() }));
  return <HoldFields draft={draft} onChange={setDraft} onMove={jest.fn()} />;
}

describe('a cut sheet', () => {
  it('says how its legs go round, and whether its tails balance', async () => {
    await renderBench(<Hold />);
    expect(screen.getByText(/legs, stretched by/)).toHaveTextContent('20 legs, stretched by 4.7 %');
    fireEvent.change(screen.getByRole('textbox', { name: 'A leg, wide' }), { target: { value: '50' } });
    expect(screen.getByText(/leg, stretched by/)).toHaveTextContent(
      '1 leg, stretched by 26 %: over the 10 % it bears',
    );
    fireEvent.click(screen.getByRole('button', { name: '+ tail' }));
    expect(screen.getByText(/^Heavier toward/)).toHaveTextContent(
      'Heavier toward 90°, 100 % off the axis: it would spin',
    );
    fireEvent.click(screen.getByRole('button', { name: '+ tail' }));
    expect(screen.getByText('Balanced round the axis.')).toBeInTheDocument();
  });
});

describe('the materials', () => {
  it('are shown with pieces that lie there, and put down with what they are', async () => {
    const { workshop } = await renderBench(<MaterialsPart />);
    fireEvent.click(screen.getAllByText('ember fleck')[0]!);
    const card = screen.getByLabelText('Tab, ember fleck');
    expect(card).toHaveTextContent('22 whole, a quarter');
    expect(card).toHaveTextContent('Reed perch 3');
    fireEvent.click(screen.getByText('A material'));
    const dialog = (await screen.findByText('A material for skirts')).closest<HTMLElement>('[role=dialog]')!;
    const put = within(dialog).getByRole('button', { name: 'Put it on the shelf' });
    expect(put).toBeDisabled();
    fireEvent.change(within(dialog).getByRole('textbox', { name: 'Called' }), {
      target: { value: 'Tab, ember fleck' },
    });
    expect(within(dialog).getByRole('alert')).toHaveTextContent('There is a bin Tab, ember fleck already');
    fireEvent.change(within(dialog).getByRole('textbox', { name: 'Called' }), {
      target: { value: 'Tab, moss' },
    });
    fireEvent.change(within(dialog).getByRole('textbox', { name: 'How many' }), { target: { value: '12' } });
    fireEvent.click(put);
    await waitFor(async () =>
      expect((await workshop.shelf.bins()).some(({ name }) => name === 'Tab, moss')).toBe(true),
    );
  });
});

describe('the skirt station', () => {
  it('opens with the recipe that heads wait for, drawn at rest and on a stop', async () => {
    await renderBench(<SkirtStation />);
    expect(screen.getByText('Reed perch, from version 3')).toBeInTheDocument();
    for (const name of ['The skirt at rest', 'The skirt on a stop'])
      expect(screen.getByLabelText(name).querySelectorAll('path[data-layer]').length).toBeGreaterThan(8);
    expect(screen.getByLabelText('shows on a stop')).toHaveTextContent('49 %');
    fireEvent.click(screen.getByText('Being tied'));
    expect(screen.getByLabelText('The skirt being tied')).toBeInTheDocument();
  });

  it('refuses to begin a second run, and shows the one under way', async () => {
    const { workshop } = await renderBench(<SkirtStation />);
    const begun = await workshop.tyings.begin({
      skirtId: 'skirt-ember-shrimp-1',
      count: 2,
      way: 'one-by-one' as const,
      headBinId: null,
      ticketId: null,
      lineId: null,
      swaps: [],
      taken: [{ binId: 'tab-straw', pieces: [{ share: 1, count: 2 }], qty: 0 }],
    });
    expect(begun.ok).toBe(true);
    fireEvent.click(screen.getByRole('radio', { name: 'Tie' }));
    const card = await screen.findByLabelText('Step card');
    expect(card).toHaveTextContent('Skirt 1 of 2, step 1 of');
    fireEvent.click(within(card).getByText('Done, next'));
    await waitFor(() => expect(card).toHaveTextContent('step 2 of'));
    fireEvent.click(within(card).getByText('Left hand'));
    await waitFor(() =>
      expect(within(card).getByLabelText('Step 2, drawn')).toHaveStyle({ transform: 'scaleX(-1)' }),
    );
  });
});
