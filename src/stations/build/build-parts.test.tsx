/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { judgeBuild } from '@/core/builds/judge-build';
import { demoBench } from '@/demo/demo-bench';
import type { BenchContents } from '@/records/bench-file';
import { renderBench, TODAY } from '../../../tests/support/render-bench';
import { useBench } from '@/station-kit/BenchProvider';
import { ArmList } from '@/ui/bait-drawing/ArmList';
import { BaitFields } from './BaitFields';
import { BatchForm } from './BatchForm';
import { moveOn, swapAt, takeOff } from '@/model/baits/put-on';
import { draftOf, type BuildDraft } from '@/model/baits/build-draft';
import { BuildRuns } from './BuildRuns';
import { asRecord } from './as-record';
import { buildOf, weightLines, runOf } from '@/model/baits/bait-facts';
import { Findings } from './Findings';
import { KeepBar } from './KeepBar';
import { SalvageForm } from './SalvageForm';
import { Tray } from './Tray';
import { WeightPanel } from './WeightPanel';

const TANDEM = 'build-quay-tandem-1';

beforeAll(() => {
  Element.prototype.scrollIntoView = () => undefined;
});

/** A bait of the made-up bench, changed before it is shown. */
function useDraft(change: (draft: BuildDraft) => BuildDraft = (draft) => draft) {
  const { view } = useBench();
  return useState(() => change(draftOf(view.buildById.get(TANDEM)!)));
}

function Bench({ change }: { readonly change?: (draft: BuildDraft) => BuildDraft }) {
  const { view } = useBench();
  const [draft, setDraft] = useDraft(change);
  const [chosen, setChosen] = useState<string | null>(null);
  const build = buildOf(draft, view);
  const { findings } = judgeBuild(build);
  return (
    <>
      <Findings
        build={build}
        findings={findings}
        onSwap={(at, bin) => setDraft(swapAt(draft, at, bin))}
        onThread={(behind) => setChosen(behind)}
        onTakeOff={(at) => setDraft(takeOff(draft, at))}
        onChoose={setChosen}
        onPut={() => undefined}
      />
      <ArmList
        build={build}
        skirt={draft.skirtId === null ? null : 'Pale roach 1'}
        marked={findings.flatMap(({ at }) => at)}
        chosen={chosen}
        onChoose={setChosen}
        onMove={(at, by) => setDraft(moveOn(draft, at, by))}
        onTakeOff={(at) => setDraft(takeOff(draft, at))}
      />
      <WeightPanel
        lines={weightLines(draft, view)}
        style={draft.head?.style ?? null}
        reach={{ wholeMm: 118, bendMm: null }}
        run={runOf(asRecord(draft), view)}
      />
    </>
  );
}

const withLargeSwivel = (draft: BuildDraft): BuildDraft => ({
  ...draft,
  end: { ...draft.end, binId: 'part-swivels-9' },
});

describe('does it fit', () => {
  it('says why not, offers what would, and fits once that is taken', async () => {
    await renderBench(<Bench change={withLargeSwivel} />);
    const fit = screen.getByLabelText('Does it fit');
    expect(within(fit).getByText(/Ball swivel #1 needs 3\.8 mm to turn in it/)).toBeInTheDocument();
    fireEvent.click(within(fit).getByText(/^Swap for Barrel swivel #2/));
    expect(within(fit).getByText('It fits.')).toBeInTheDocument();
  });

  it('takes a bead off where only play is missing', async () => {
    await renderBench(<Bench change={(draft) => ({ ...draft, armMm: 45 })} />);
    const fit = screen.getByLabelText('Does it fit');
    expect(within(fit).getByText(/stay free/)).toBeInTheDocument();
    fireEvent.click(within(fit).getByText('Take off Spacer tube 14 mm'));
    expect(within(screen.getByLabelText('On the bait')).queryByText(/Spacer tube 14 mm/)).toBeNull();
  });
});

describe('what is on the bait', () => {
  it('is chosen, moved along and taken off', async () => {
    await renderBench(<Bench />);
    const list = screen.getByLabelText('On the bait');
    const rows = () =>
      within(list)
        .getAllByRole('listitem')
        .map((row) => row.textContent);
    expect(rows()[4]).toContain('Spacer tube 14 mm');
    fireEvent.click(within(list).getByLabelText('Spacer tube 14 mm, toward the eye'));
    expect(rows()[3]).toContain('Spacer tube 14 mm');
    fireEvent.click(within(list).getByLabelText('Take off Drop blade, copper 22 mm'));
    expect(rows()[0]).toContain('Clevis, folded small');
    fireEvent.click(within(list).getByLabelText('Take off Clevis, folded small'));
    expect(rows()[0]).toContain('Bead');
    fireEvent.click(within(list).getByLabelText('Take off Skirt, Pale roach 1'));
    expect(within(list).queryByText(/Pale roach/)).toBeNull();
    const [first] = within(list).getAllByRole('listitem');
    fireEvent.click(within(first!).getAllByRole('button')[0]!);
    expect(first).toHaveAttribute('data-chosen', 'true');
  });
});

describe('what it weighs', () => {
  it('is told part by part, with the head that gives a wanted weight', async () => {
    await renderBench(<Bench />);
    const panel = screen.getByLabelText('Finished weight');
    expect(within(panel).getByText(/% over the 14 g mark/)).toBeInTheDocument();
    expect(within(panel).getByText(/overall length/)).toHaveTextContent('118 mm overall length');
    const field = within(panel).getByLabelText('What head gives a finished');
    fireEvent.change(field, { target: { value: '18 g' } });
    const heads = within(panel).getByLabelText('Heads for it');
    expect(within(heads).getAllByRole('listitem')[0]).toHaveTextContent(/^10 g marked: 17\.\d+ g/);
    fireEvent.change(field, { target: { value: '0' } });
    expect(within(panel).getByText('A bait weighs more than nothing.')).toBeInTheDocument();
  });
});

function Fields() {
  const [draft, setDraft] = useDraft();
  return (
    <>
      <BaitFields draft={draft} onChange={setDraft} />
      <p data-testid="arm">{String(draft.armMm)}</p>
      <KeepBar draft={draft} stops={2} onChange={setDraft} onBegin={jest.fn()} onKept={jest.fn()} />
    </>
  );
}

describe('what the drawing cannot be asked', () => {
  it('cuts the arm in any unit, and says what it comes as', async () => {
    await renderBench(<Fields />);
    fireEvent.click(screen.getByText(/^Kind, head, skirt/));
    const arm = await screen.findByLabelText('Arm, cut to');
    fireEvent.change(arm, { target: { value: '2 in' } });
    expect(screen.getByTestId('arm')).toHaveTextContent('50.8');
    fireEvent.change(arm, { target: { value: '90 mm' } });
    expect(screen.getByText(/From 10 mm to 72 mm/)).toBeInTheDocument();
    fireEvent.change(arm, { target: { value: '72 mm' } });
    expect(screen.getByTestId('arm')).toHaveTextContent('null');
  });

  it('is not kept without a name of its own, and warns of what does not fit', async () => {
    await renderBench(<Fields />);
    const name = screen.getByLabelText('Called');
    fireEvent.change(name, { target: { value: '' } });
    expect(screen.getByText('Give it a name, such as Quay tandem.')).toBeInTheDocument();
    fireEvent.change(name, { target: { value: 'Lock thumper' } });
    expect(
      screen.getByText('There is a bait Lock thumper already. Call this one otherwise.'),
    ).toBeInTheDocument();
    expect(screen.getByText(/It does not fit yet/)).toBeInTheDocument();
  });
});

function Shelf({ onPut }: { readonly onPut: (name: string) => void }) {
  const [draft] = useDraft();
  return <Tray draft={draft} onPut={({ name }) => onPut(name)} onSkirt={({ id }) => onPut(id)} />;
}

describe('the tray', () => {
  it('shows the parts of a role that suit the kind, finds by name, and puts on by a press', async () => {
    const put = jest.fn();
    await renderBench(<Shelf onPut={put} />);
    const tray = screen.getByLabelText('From the shelf');
    fireEvent.click(within(tray).getByText('Wire'));
    expect(within(tray).queryByText(/buzz wire/)).toBeNull();
    expect(within(tray).getByText('Head on wire, 14 g, long arm')).toBeInTheDocument();
    fireEvent.click(within(tray).getByText('Blade'));
    expect(within(tray).queryByText(/^Winged|^Plate/)).toBeNull();
    fireEvent.change(within(tray).getByLabelText('Search parts'), { target: { value: 'leaf 46' } });
    fireEvent.click(within(tray).getByLabelText('Put on Leaf blade, nickel 46 mm'));
    expect(put).toHaveBeenCalledWith('Leaf blade, nickel 46 mm');
    fireEvent.click(within(tray).getByText('Skirt'));
    fireEvent.click(within(tray).getByLabelText('Put on Skirt, Night eel 1'));
    expect(put).toHaveBeenCalledWith('skirt-night-eel-1');
    fireEvent.change(within(tray).getByLabelText('Search parts'), { target: { value: 'kite' } });
    expect(within(tray).getByText('No part here is called that.')).toBeInTheDocument();
  });
});

function Strip({ name, onDone }: { readonly name: string | null; readonly onDone: (said: string) => void }) {
  const { view } = useBench();
  const build = view.builds.find((each) => each.name === name) ?? null;
  return <SalvageForm build={build} onClose={jest.fn()} onDone={onDone} />;
}

describe('stripping', () => {
  it('says where nothing of a bait goes back', async () => {
    await renderBench(<Strip name="Canal swimmer" onDone={jest.fn()} />);
    expect(await screen.findByText(/what is on it is soft or glued/)).toBeInTheDocument();
  });

  it('leaves out what is soft, and says how many parts came back', async () => {
    const done = jest.fn();
    const { workshop } = await renderBench(<Strip name="Quay tandem" onDone={done} />);
    const parts = await screen.findByLabelText('Parts to keep');
    expect(within(parts).queryByText(/Trailer/)).toBeNull();
    fireEvent.click(screen.getByText('Put the parts on the shelf'));
    await waitFor(() =>
      expect(done).toHaveBeenCalledWith(expect.stringMatching(/^On the shelf: \d+ parts of one bait\.$/)),
    );
    const salvaged = await workshop.shelf.bins();
    expect(salvaged.filter((bin) => bin.kind === 'part' && bin.condition === 'used').length).toBeGreaterThan(
      0,
    );
  });
});

describe('stripping what the bench never knew', () => {
  it('takes any part, a worn hook and the head, told one by one', async () => {
    const demo = demoBench(TODAY);
    const done = jest.fn();
    const { workshop } = await renderBench(<Strip name={null} onDone={done} />, undefined, {
      ...demo,
      builds: [],
    });
    expect(screen.getByText(/Say below what comes off it/)).toBeInTheDocument();
    const take = async (text: string, name: string) => {
      const box = screen.getByRole('combobox', { name: 'And what else comes off it' });
      fireEvent.mouseDown(box);
      fireEvent.change(box, { target: { value: text } });
      fireEvent.click(await screen.findByTitle(name));
      await screen.findByLabelText(`${name}, how many`);
    };
    const hook = demo.bins.find(({ kind }) => kind === 'hook')!;
    const head = demo.bins.find((bin) => bin.kind === 'head' && bin.coatId === null)!;
    const swivel = demo.bins.find((bin) => bin.kind === 'part' && bin.gauge?.as === 'swivel')!;
    await take(swivel.name, swivel.name);
    await take(hook.name, hook.name);
    await take(head.name, head.name);
    fireEvent.change(screen.getByLabelText(`${swivel.name}, how many`), { target: { value: '3' } });
    fireEvent.click(within(screen.getByLabelText(`${hook.name}, condition`)).getByText('Worn'));
    expect(screen.queryByLabelText(`${head.name}, condition`)).toBeNull();
    const before = (await workshop.shelf.ledger()).levels.get(head.id) ?? 0;
    fireEvent.click(screen.getByText('Put the parts on the shelf'));
    await waitFor(() => expect(done).toHaveBeenCalledWith('On the shelf: 5 parts of one bait.'));
    const bins = await workshop.shelf.bins();
    const { levels } = await workshop.shelf.ledger();
    const worn = bins.find(({ name }) => name === `${hook.name}, worn`)!;
    expect([worn.kind, levels.get(worn.id)]).toEqual(['hook', 1]);
    const used = bins.find(({ name }) => name === `${swivel.name}, used`)!;
    expect(levels.get(used.id)).toBe(3);
    expect(levels.get(head.id)).toBe(before + 1);
    await workshop.history.undo();
    expect((await workshop.shelf.ledger()).levels.get(head.id) ?? 0).toBe(before);
  });
});

/** The made-up bench with its first run of baits all built and not ended yet. */
function allBuilt(): BenchContents {
  const demo = demoBench(TODAY);
  const [first, ...rest] = demo.buildings;
  return {
    ...demo,
    buildings: [{ ...first!, state: 'building', failed: [], passed: 0, endedAt: null }, ...rest],
  };
}

describe('looking them over', () => {
  it('counts what failed by its reason, and puts the parts of stripped ones back', async () => {
    await renderBench(<BuildRuns onBuild={jest.fn()} onFirst={jest.fn()} />, undefined, allBuilt());
    fireEvent.click(screen.getByText('End the run'));
    expect(await screen.findByText('Nothing is left over.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Failed: crooked'), { target: { value: '2' } });
    expect(screen.getByText('Book 4 built')).toBeInTheDocument();
    expect(screen.getByText(/^Back on the shelf: .*6 Bead, brass 3\.2 mm/)).toBeInTheDocument();
    fireEvent.click(screen.getByText(/Strip the failed ones/));
    expect(screen.getByText('Nothing is left over.')).toBeInTheDocument();
    // A count that cannot be read books nothing until it is mended.
    const booking = screen.getByText(/^Book \d+ built$/).closest('button');
    expect(booking).toBeEnabled();
    fireEvent.change(screen.getByLabelText('Failed: crooked'), { target: { value: '99' } });
    expect(screen.getByRole('alert')).toHaveTextContent('99 is out of range');
    expect(screen.getByText(/^(Book \d+ built|Put all back)$/).closest('button')).toBeDisabled();
  });
});

function Batch({ onPoured }: { readonly onPoured: (said: string) => void }) {
  const { view } = useBench();
  return <BatchForm plastic={view.plastics.find(({ name }) => name === 'Weir green')!} onPoured={onPoured} />;
}

describe('a batch', () => {
  it('begins as the last of its color was, and is not logged with more good ones than were shot', async () => {
    const poured = jest.fn();
    await renderBench(<Batch onPoured={poured} />);
    expect(screen.getByLabelText('How many baits')).toHaveValue('24');
    fireEvent.change(screen.getByLabelText('Came out well'), { target: { value: '30' } });
    expect(screen.getByText('Only 24 were shot.')).toBeInTheDocument();
    expect(screen.getByText('Log the batch').closest('button')).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Came out well'), { target: { value: '23' } });
    fireEvent.click(screen.getByText('Log the batch'));
    await waitFor(() => expect(poured).toHaveBeenCalledWith('Batch 2 is logged: 23 good.'));
  });

  it('starts a clock for a stage of its heat', async () => {
    const { workshop } = await renderBench(<Batch onPoured={jest.fn()} />);
    fireEvent.click(screen.getByText('4 min clock'));
    await waitFor(async () =>
      expect((await workshop.clocks.all()).map(({ name }) => name)).toEqual([
        'Shoot, and let it set, Weir green',
      ]),
    );
  });
});
