/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { CLOSED_BOOKS } from '../../../tests/support/gap-facts';
import { renderBench } from '../../../tests/support/render-bench';
import { useBench } from '@/station-kit/BenchProvider';
import { GapNote } from '@/ui/pour-drawing/GapNote';
import { metalOf, NOTHING_ON_SCALE } from './EndWeights';
import { BackInPot } from './BackInPot';
import { RunView } from './RunView';
import type { NewRun } from '@/records/run';
import { SafetyCheck } from './SafetyCheck';

beforeAll(() => {
  window.scrollTo = () => undefined;
});

const FACTS = { ...CLOSED_BOOKS, unaccountedG: 8 };

describe('GapNote', () => {
  it('names the usual reasons for a gap of that size', async () => {
    await renderBench(<GapNote facts={FACTS} />);
    const balance = screen.getByRole('region', { name: 'The balance' });
    expect(balance).toHaveTextContent('8.00 g went in and did not come out, 0.8 % of what was poured.');
    expect(balance).toHaveTextContent('Drops on the bench');
  });

  it('lets books that close be', async () => {
    await renderBench(<GapNote facts={{ ...FACTS, unaccountedG: 0.4 }} />);
    expect(screen.getByRole('region')).toHaveTextContent('0.40 g left over: the books close.');
    expect(screen.queryByRole('list')).not.toBeInTheDocument();
  });

  it('takes the hooks off what was weighed with them', () => {
    expect(metalOf({ ...NOTHING_ON_SCALE, goodWithHooksG: 100 }, 12)).toMatchObject({
      goodG: 88,
      potEndG: null,
    });
  });
});

describe('SafetyCheck', () => {
  it('lets nobody past before every line is answered, and remembers for as long as asked', async () => {
    const answered = jest.fn();
    const { workshop } = await renderBench(<SafetyCheck onAnswered={answered} onClose={() => undefined} />);
    const button = screen.getByRole('button', { name: 'All of it is so' });
    const boxes = screen.getAllByRole('checkbox');
    for (const box of boxes) {
      expect(button).toBeDisabled();
      fireEvent.click(box);
    }
    fireEvent.click(screen.getByText('for 2 hours'));
    fireEvent.click(button);
    await waitFor(() => expect(answered).toHaveBeenCalled());
    const { safety } = await workshop.bench.read();
    expect((safety?.until ?? 0) - (safety?.answeredAt ?? 0)).toBe(2 * 3_600_000);
  });
});

/** A run of two pours on one block. */
const oneBlock = (moldId: string): NewRun => ({
  metalBinId: 'lot-14',
  chargedG: 900,
  topUps: [],
  drossShare: 0.02,
  blocks: [
    {
      moldId,
      fillAll: false,
      spruePerPourG: 7.5,
      copies: 1,
      plannedPours: 2,
      fills: [{ cavities: [0, 1], filled: [{ key: 'k', count: 4 }] }],
    },
  ],
  heads: [{ key: 'k', style: 'round', nominalG: 10, hookBinId: 'hook-2-0' }],
  cells: [0, 1].map((cavity) => ({ moldId, cavity, key: 'k', metalG: 9, finishedG: 10 })),
  wants: [],
  plannedSeconds: 100,
  isProven: true,
});

function BackInPotOfRun() {
  const { view } = useBench();
  return view.run ? <BackInPot run={view.run} /> : <p>no run</p>;
}

describe('RunView', () => {
  function Shown() {
    const { view } = useBench();
    return view.run ? <RunView run={view.run} /> : <p>no run</p>;
  }

  it('says what becomes of misfills and sprues, and the pot’s level follows', async () => {
    const { workshop } = await renderBench(<BackInPotOfRun />);
    const [mold] = (await workshop.molds.all()).filter(({ name }) => name === 'Block F');
    await workshop.runs.start(oneBlock(mold!.id));
    fireEvent.click(await screen.findByText('back into the pot'));
    await waitFor(async () => expect((await workshop.runs.current())?.backInPot).toBe(true));
    await waitFor(() => expect(screen.getByRole('radio', { name: 'back into the pot' })).toBeChecked());
    fireEvent.click(screen.getByText('laid aside'));
    await waitFor(async () => expect((await workshop.runs.current())?.backInPot).toBe(false));
  });

  it('goes through the beat, marks the warm-up, and says what is wrong with a casting', async () => {
    const { workshop } = await renderBench(<Shown />);
    // It freezes for longer than the slowest machine takes for this test.
    const freezeTrial = { modulusMm: 2, seconds: 3000, exponent: 1 };
    await workshop.bench.save({ ...(await workshop.bench.read()), freezeTrial });
    const [mold] = (await workshop.molds.all()).filter(({ name }) => name === 'Block F');
    await workshop.molds.save({ ...mold!, warmUpPours: 1 });
    await workshop.runs.start(oneBlock(mold!.id));
    const press = async (word: RegExp) => fireEvent.click(await screen.findByRole('button', { name: word }));
    await press(/^Load warm-up 1 of 1/);
    await press(/^Close/);
    await press(/^Pour warm-up/);
    expect(await screen.findByText(/A warm-up pour: all of it goes back/)).toBeInTheDocument();
    expect(await screen.findByRole('button', { name: /seconds? of \d+$/ })).toHaveAttribute(
      'aria-disabled',
      'true',
    );
    fireEvent.click(screen.getByRole('button', { name: 'It filled: count it' }));
    expect(await screen.findByText(/This pour counts/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Cavity 2, 10 g, cast' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Short' }));
    expect(await screen.findByText('10 g did not come good: short')).toBeInTheDocument();
    await press(/^It is frozen, open it now/);
    await press(/^Load 2 left/);
    const run = await workshop.runs.current();
    const [pour] = await workshop.runs.pours(run!.id);
    expect(pour).toMatchObject({
      isWarmUp: false,
      castings: [{ good: true }, { good: false, flaw: 'short' }],
    });
  });
});
