/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { judgeRig } from '@/core/rigs/judge-rig';
import { renderBench } from '../../../tests/support/render-bench';
import { matchLines } from '@/model/rigs/match-lines';
import { rigOf } from '@/model/bills/rig-uses';
import { useBench } from '@/station-kit/BenchProvider';
import { AssistHang } from '@/ui/rig-drawing/AssistHang';
import { BoardPart } from './BoardPart';
import { CutCard } from './CutCard';
import { rigDraftOf, withPart, type RigDraft } from '@/model/rigs/rig-draft';
import { rigShelf } from '@/model/rigs/rig-facts';
import { GradedShot } from './GradedShot';
import { ItemEditor } from './ItemEditor';
import { ItemList } from '@/ui/rig-drawing/ItemList';
import { KeepRig } from './KeepRig';
import { KitPart } from './KitPart';
import { MatchesPart } from './MatchesPart';
import { RigFindings } from '@/ui/rig-drawing/RigFindings';
import { RollsPart } from './RollsPart';
import { CardRunPart } from '@/station-kit/card-runs/CardRunPart';
import { RIG_RUNS } from './RigRuns';
import { SumsPanel } from './SumsPanel';

/** A rig of the made-up bench in hand, with everything round it that has no drawing to measure. */
function Bench({ name, inHand }: { readonly name: string; readonly inHand?: string }) {
  const { view } = useBench();
  const [draft, setDraft] = useState<RigDraft>(() => rigDraftOf(view.rigs.find((rig) => rig.name === name)!));
  const [chosen, setChosen] = useState<string | null>(inHand ?? null);
  const [said, setSaid] = useState('');
  const rig = rigOf(draft, view);
  const { findings, strength } = judgeRig(rig, rigShelf(view), matchLines(view));
  const item = rig.items.find(({ id }) => id === chosen);
  return (
    <>
      <p>{said}</p>
      <RigFindings
        findings={findings}
        onChoose={setChosen}
        onTake={(id, { binId }) => {
          const record = draft.items.find((each) => each.id === id);
          if (record) setDraft(withPart(draft, record, binId));
        }}
      />
      {item ? <ItemEditor draft={draft} item={item} onChange={setDraft} onChoose={setChosen} /> : null}
      <ItemList rig={rig} marked={[]} chosen={chosen} onChoose={setChosen} />
      <SumsPanel draft={draft} rig={rig} strength={strength} />
      {draft.kind === 'assist' ? <AssistHang rig={rig} /> : null}
      {draft.kind === 'shot-cord' ? <GradedShot draft={draft} rig={rig} onSaid={setSaid} /> : null}
      <KeepRig
        draft={draft}
        stops={findings.length}
        onChange={setDraft}
        onLetGo={() => setSaid('let go')}
        onKept={(id) => setSaid(`kept ${id}`)}
      />
    </>
  );
}

const list = () => screen.getByLabelText('From the top down');

describe('the rig in hand', () => {
  it('is changed part by part: length, order, taken off, turned over', async () => {
    await renderBench(<Bench name="Pike set, 180 shad" inHand="between" />);
    expect(screen.getByText('Everything fits.')).toBeInTheDocument();
    const length = screen.getByLabelText('Between its ends');
    fireEvent.change(length, { target: { value: '20' } });
    expect(screen.getByText(/they tangle/)).toBeInTheDocument();
    expect(screen.getByText(/72 mm is regular and 99 mm long/)).toBeInTheDocument();
    fireEvent.change(length, { target: { value: '10 cm' } });
    expect(screen.getByText('Everything fits.')).toBeInTheDocument();
    fireEvent.click(within(list()).getByText(/Treble #4/));
    fireEvent.click(screen.getByLabelText('turned over'));
    expect(within(list()).getByText('Treble #4, turned over')).toBeInTheDocument();
    fireEvent.click(screen.getByLabelText('Take it off'));
    expect(within(list()).queryByText(/Treble #4/)).toBeNull();
    expect(
      screen.getByText('It has no rear hook yet. Choose one from the shelf, or receive some.'),
    ).toBeInTheDocument();
  });

  it('is kept under a name of its own, or let go', async () => {
    const { workshop } = await renderBench(<Bench name="Zander single" />);
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Bass runner' } });
    expect(screen.getByText(/There is a rig Bass runner already/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Zander single, stout' } });
    fireEvent.click(screen.getByText('Keep as a new version'));
    await waitFor(async () =>
      expect((await workshop.rigs.all()).map(({ name }) => name)).toContain('Zander single, stout'),
    );
    fireEvent.click(screen.getByText('Discard'));
    expect(screen.getByText('let go')).toBeInTheDocument();
  });

  it('shows where an assist hook hangs and that it clears the body', async () => {
    await renderBench(<Bench name="Pier assist" />);
    expect(screen.getByLabelText(/its gape stays out of the body/)).toBeInTheDocument();
    fireEvent.click(screen.getByText('Pulled'));
    expect(screen.getByText(/% of the jig/)).toBeInTheDocument();
  });

  it('grades weights in cord, and keeps only what is not there', async () => {
    const { workshop } = await renderBench(<Bench name="Rubble cord 30" />);
    const weights = screen.getByLabelText('Weights');
    fireEvent.change(weights, { target: { value: '600' } });
    expect(screen.getByText(/Write weights up to 500 g/)).toBeInTheDocument();
    fireEvent.change(weights, { target: { value: '30, 50' } });
    fireEvent.click(screen.getByText('Keep the set'));
    expect(await screen.findByText('Kept: Rubble cord 50.')).toBeInTheDocument();
    expect((await workshop.rigs.all()).filter(({ name }) => name.startsWith('Rubble cord'))).toHaveLength(2);
  });
});

describe('the board and the runs', () => {
  it('finds a rig, shows how it is made, puts it away', async () => {
    const made: string[] = [];
    const { workshop } = await renderBench(
      <BoardPart
        chosenId={null}
        onChoose={() => undefined}
        onChange={() => undefined}
        onMake={({ name }) => made.push(name)}
        onFirst={() => undefined}
      />,
    );
    fireEvent.change(screen.getByLabelText('Search rigs'), { target: { value: 'feeder' } });
    const detail = await screen.findByLabelText('Bream cap 1');
    expect(within(detail).getByText(/^Glue and rivet .+ on$/)).toBeInTheDocument();
    fireEvent.click(within(detail).getByText('Make some'));
    expect(made).toEqual(['Bream cap']);
    fireEvent.click(within(detail).getByText('Put it away'));
    await waitFor(async () => {
      const rig = (await workshop.rigs.all()).find(({ name }) => name === 'Bream cap');
      expect(rig?.retired).toBe(true);
    });
    expect(await screen.findByText('None is called that. Take a word out.')).toBeInTheDocument();
  });

  it('counts cuts, then turns the card, then books what is made', async () => {
    function Run() {
      return <CardRunPart kind={RIG_RUNS} onMake={() => undefined} onFirst={() => undefined} />;
    }
    const { workshop } = await renderBench(<Run />);
    expect(screen.getByText('Run 1: 5 × Pike set, 180 shad 1')).toBeInTheDocument();
    const lengthId = 'line-and-cord-1-1';
    const fromMm = (await workshop.shelf.ledger()).lengthEntries
      .filter((entry) => entry.lengthId === lengthId)
      .reduce((sum, { qty }) => sum + qty, 0);
    const rig = (await workshop.rigs.all()).find(({ name }) => name === 'Bass runner')!;
    await workshop.riggings.begin({
      rigId: rig.id,
      count: 1,
      way: 'one-by-one',
      taken: [],
      cut: [
        {
          binId: 'part-line-and-cord-1',
          lengthId,
          fromMm,
          leftMm: fromMm - 800,
          isKept: true,
          cuts: [{ name: 'Leader, 400 mm', lengthMm: 400, count: 2 }],
        },
      ],
    });
    expect(await screen.findByText(/Cut 1 of 2, 1 of 2 from this roll/)).toBeInTheDocument();
    fireEvent.click(screen.getByText('Cut, next'));
    expect(await screen.findByText(/Cut 2 of 2/)).toBeInTheDocument();
    fireEvent.click(screen.getByText('Cut, next'));
    expect(await screen.findByText(/Rig 1 of 1, step 1 of/)).toBeInTheDocument();
    fireEvent.click(screen.getByText('End the run'));
    fireEvent.change(screen.getByLabelText('Made'), { target: { value: '1' } });
    fireEvent.click(await screen.findByText('Book 1 made'));
    expect(await screen.findByText(/1 lie in the rig wallet/)).toBeInTheDocument();
  });

  it('shows no cut card for a run that is cut', async () => {
    function Card() {
      const { view } = useBench();
      const [run] = view.riggings;
      return run ? <CutCard rigging={run} /> : null;
    }
    await renderBench(<Card />);
    expect(screen.getByText('Cut 0 of 0')).toBeInTheDocument();
  });
});

describe('matches, rolls and kits', () => {
  it('keeps a match tried and goes back to the typical one', async () => {
    const { workshop } = await renderBench(<MatchesPart />);
    const name = 'Split ring by load, 9 to 15 kg';
    const field = screen.getByLabelText(`${name}: what you tried`);
    fireEvent.change(field, { target: { value: '6' } });
    fireEvent.blur(field);
    await waitFor(async () =>
      expect((await workshop.rigs.matches()).some(({ table }) => table === 'ring-by-load')).toBe(true),
    );
    fireEvent.click(await screen.findByLabelText(`${name}: back to typical`));
    await waitFor(async () =>
      expect((await workshop.rigs.matches()).some(({ table }) => table === 'ring-by-load')).toBe(false),
    );
    const ends = screen.getByRole('region', { name: 'What ends take' });
    fireEvent.click(within(ends).getByText('Forget'));
    await waitFor(async () => expect(await workshop.rigs.allowances()).toEqual([]));
  });

  it('takes a pull until it broke before what is typical, and lets go of it again', async () => {
    const { workshop } = await renderBench(<MatchesPart />);
    const holds = screen.getByRole('region', { name: 'What a knot or crimp holds' });
    // The made-up maker pulled three snells of it; its knots are typical.
    const [line] = await workshop.rigs.pulls();
    const name = (await workshop.shelf.bins()).find(({ id }) => id === line!.binId)!.name;
    fireEvent.mouseDown(within(holds).getByRole('combobox', { name: 'Line' }));
    fireEvent.click(await screen.findByTitle(name));
    const row = (end: RegExp) =>
      within(within(holds).getByRole('list', { name: `On ${name}` }))
        .getAllByRole('listitem')
        .find(({ textContent }) => end.test(textContent ?? ''))!;
    expect(row(/^Snell/)).toHaveTextContent(/by 3 pulls of yours, \d+ to \d+ %/);
    expect(row(/^Knot/)).toHaveTextContent('80 %, typical');
    expect(within(holds).getByText('Keep this pull').closest('button')).toBeDisabled();
    const broke = within(holds).getByRole('textbox', { name: 'Broke at' });
    fireEvent.change(broke, { target: { value: '2.1 kg' } });
    fireEvent.blur(broke);
    fireEvent.click(within(holds).getByText('Keep this pull'));
    await waitFor(() => expect(row(/^Knot/)).toHaveTextContent('by a pull of yours'));
    for (const forget of within(within(holds).getByRole('list', { name: 'Pulls' })).getAllByText('Forget')) {
      fireEvent.click(forget);
    }
    await waitFor(() => expect(row(/^Snell/)).toHaveTextContent('90 %, typical'));
    expect(await workshop.rigs.pulls()).toEqual([]);
  });

  it('measures a length again', async () => {
    const { workshop } = await renderBench(<RollsPart />);
    fireEvent.click(screen.getByLabelText('Measure Cable 18 kg of 465 mm again'));
    fireEvent.change(screen.getByRole('textbox', { name: 'Now' }), { target: { value: '450' } });
    fireEvent.click(screen.getByText('Set'));
    await screen.findByText(/450 mm, cut from/);
    const [last] = (await workshop.shelf.ledger()).lengthEntries.filter(({ kind }) => kind === 'counted');
    expect(last?.qty).toBeCloseTo(-15, 9);
  });

  it('packs a kit and books it back', async () => {
    const { workshop } = await renderBench(<KitPart />);
    fireEvent.change(screen.getByLabelText('Outing'), { target: { value: 'Weir pool' } });
    expect(screen.getByText('Pack it').closest('button')).toBeDisabled();
    fireEvent.change(screen.getByLabelText('How many Pike set, 180 shad 1'), { target: { value: '2' } });
    fireEvent.click(screen.getByText('Pack it'));
    const kit = await screen.findByLabelText('Kit 2');
    fireEvent.click(within(kit).getByText('Book it back'));
    await waitFor(async () => expect((await workshop.kits.all()).at(-1)?.state).toBe('back'));
    expect(await screen.findByText('Kit 2, Weir pool: 0 used or lost of 2')).toBeInTheDocument();
  });
});
