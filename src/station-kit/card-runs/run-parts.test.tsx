/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import type { CardStep } from '@/core/card-runs/card-step';
import { backCard, passStep, pressCard, type CardWay } from '@/core/card-runs/turn-card';
import { renderBench } from '../../../tests/support/render-bench';
import { KeepDraft } from '../KeepDraft';
import { PartsStation } from '../PartsStation';
import { plainAmount, plainBack } from './card-run-kind';
import { EndRun } from './EndRun';
import { KitTable } from './KitTable';
import { HowMany, PaceNote, WhichWay } from './RunFields';
import { RunsSoFar, ShelfGives } from './RunLists';
import { RunSide } from './RunSide';
import { StepCard } from './StepCard';

const step = (id: string, more: Partial<CardStep> = {}): CardStep => ({
  id,
  title: `Do ${id}`,
  how: `How ${id} is done.`,
  count: null,
  dries: null,
  mistakes: [],
  ...more,
});
const STEPS = [
  step('cut', { count: { of: 'cuts', times: 2 }, mistakes: ['Cut too short.'] }),
  step('glue', { dries: { what: 'Glue', minutes: 20 } }),
];

/** A card over steps that turns as the bench would turn it. */
function Card({ way, count }: { readonly way: CardWay; readonly count: number }) {
  const [card, setCard] = useState({ step: 0, piece: 0, counted: 0 });
  const [isThrough, setThrough] = useState(false);
  const turn = (how: typeof pressCard) => {
    const next = how(card, [2, 0], count, way);
    if (next) setCard(next);
    else setThrough(true);
  };
  return (
    <StepCard
      piece="Rig"
      last="Made"
      run={{ card, count, way, isThrough }}
      steps={STEPS}
      through={{ title: 'All made', how: 'Look them over.' }}
      picture={({ id }, at) => <p>{`picture of ${id}, ${at}`}</p>}
      onGo={() => turn(pressCard)}
      onPass={() => turn(passStep)}
      onBack={() => setCard(backCard(card, STEPS.length, count, way))}
      onTurn={(to) => setCard({ ...card, step: to, counted: 0 })}
    />
  );
}

describe('the step card', () => {
  it('takes a step that was done in one go with one press, by button and by key', async () => {
    await renderBench(<Card way="by-station" count={20} />);
    const at = () => screen.getByLabelText('Step card').querySelector('header p');
    fireEvent.click(screen.getByRole('button', { name: /^This step is done for all 20/ }));
    expect(at()).toHaveTextContent('Step 2 of 2, rig 1 of 20');
    fireEvent.keyDown(window, { key: 'a' });
    expect(screen.getByRole('heading', { name: 'All made' })).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /done for all/ })).toBeNull();
  });

  it('skips what is left to count of one piece, where there is anything left', async () => {
    await renderBench(<Card way="one-by-one" count={2} />);
    fireEvent.click(screen.getByRole('button', { name: /^All 2 are counted/ }));
    expect(screen.getByLabelText('Step card').querySelector('header p')).toHaveTextContent('step 2 of 2');
    expect(screen.queryByRole('button', { name: /are counted/ })).toBeNull();
  });

  it('is read aloud where the browser speaks and the maker wants it: each step, then each count', async () => {
    const said: string[] = [];
    const speechSynthesis = {
      cancel: () => undefined,
      speak: ({ text }: { text: string }) => said.push(text),
    };
    class Utterance {
      lang = '';
      constructor(readonly text: string) {}
    }
    Object.assign(window, { speechSynthesis, SpeechSynthesisUtterance: Utterance });
    try {
      await renderBench(<Card way="one-by-one" count={2} />);
      expect(said).toEqual([]);
      const voice = screen.getByRole('button', { name: 'Read aloud' });
      expect(voice).toHaveAttribute('aria-pressed', 'false');
      fireEvent.click(voice);
      expect(said).toEqual(['Do cut. How cut is done. 2 times.']);
      fireEvent.keyDown(window, { key: ' ' });
      fireEvent.keyDown(window, { key: ' ' });
      expect(said.slice(1)).toEqual(['1', 'Do glue. How glue is done.']);
      fireEvent.click(voice);
      fireEvent.keyDown(window, { key: ' ' });
      expect(said).toHaveLength(3);
    } finally {
      Reflect.deleteProperty(window, 'speechSynthesis');
      Reflect.deleteProperty(window, 'SpeechSynthesisUtterance');
    }
  });

  it('offers no voice where the browser has none', async () => {
    await renderBench(<Card way="one-by-one" count={2} />);
    expect(screen.queryByRole('button', { name: 'Read aloud' })).toBeNull();
  });

  it('counts, goes on and comes back by key, and says what goes wrong and what dries', async () => {
    await renderBench(<Card way="one-by-one" count={2} />);
    const at = () => screen.getByLabelText('Step card').querySelector('header p');
    expect(at()).toHaveTextContent('Rig 1 of 2, step 1 of 2');
    expect(screen.getByText('Cut too short.')).toBeInTheDocument();
    expect(screen.getByText('picture of cut, 0')).toBeInTheDocument();
    expect(screen.getByText('Count 1')).toBeInTheDocument();
    fireEvent.keyDown(window, { key: ' ' });
    expect(screen.getByText('Count 2')).toBeInTheDocument();
    fireEvent.keyDown(window, { key: 'Backspace' });
    expect(screen.getByText('Count 1')).toBeInTheDocument();
    fireEvent.keyDown(window, { key: ' ' });
    fireEvent.keyDown(window, { key: ' ' });
    expect(at()).toHaveTextContent('Rig 1 of 2, step 2 of 2');
    expect(screen.getByText(/Glue: 20 min\. A clock starts/)).toBeInTheDocument();
    fireEvent.keyDown(window, { key: 'ArrowLeft' });
    expect(at()).toHaveTextContent('Rig 1 of 2, step 1 of 2');
    fireEvent.click(screen.getByLabelText('Step 2: Do glue'));
    expect(at()).toHaveTextContent('Rig 1 of 2, step 2 of 2');
    fireEvent.keyDown(window, { key: ' ', altKey: true });
    expect(at()).toHaveTextContent('Rig 1 of 2, step 2 of 2');
  });

  it('keeps Space for the count after any of its buttons was clicked', async () => {
    await renderBench(<Card way="by-station" count={3} />);
    const at = () => screen.getByLabelText('Step card').querySelector('header p');
    const all = screen.getByRole('button', { name: /^This step is done for all 3/ });
    all.focus();
    fireEvent.click(all, { detail: 1 });
    expect(at()).toHaveTextContent('Step 2 of 2, rig 1 of 3');
    expect(all).not.toHaveFocus();
    fireEvent.keyDown(document.activeElement!, { key: ' ' });
    expect(at()).toHaveTextContent('Step 2 of 2, rig 2 of 3');
  });

  it('goes step by step for all, and ends', async () => {
    await renderBench(<Card way="by-station" count={2} />);
    const at = () => screen.getByLabelText('Step card').querySelector('header p');
    expect(at()).toHaveTextContent('Step 1 of 2, rig 1 of 2');
    expect(screen.getByLabelText('One back')).toBeDisabled();
    for (let press = 0; press < 4; press += 1) fireEvent.keyDown(window, { key: ' ' });
    expect(at()).toHaveTextContent('Step 2 of 2, rig 1 of 2');
    fireEvent.click(screen.getByText('Done, next'));
    fireEvent.click(screen.getByText('Done, next'));
    expect(screen.getByText('All made')).toBeInTheDocument();
    expect(screen.getByText('Done, next')).toBeDisabled();
  });
});

describe('the end of a run', () => {
  const run = {
    count: 4,
    taken: [
      { binId: 'part-swivels-1', qty: 8 },
      { binId: 'gone', qty: 4 },
    ],
  };

  it('reckons what goes back by what was used', () => {
    expect(plainBack(run, 4)).toEqual([]);
    expect(plainBack(run, 3)).toEqual([
      { binId: 'part-swivels-1', qty: 2 },
      { binId: 'gone', qty: 1 },
    ]);
  });

  it('books what passed, refuses more failures than pieces, strips or does not', async () => {
    const ended: unknown[] = [];
    await renderBench(
      <EndRun
        made="Made"
        goOn="Go on"
        count={run.count}
        done={3}
        canStrip
        backOf={(used) => plainBack(run, used)}
        amountText={plainAmount}
        checks={['Nothing slips']}
        reasons={['knot slipped', 'crooked']}
        note="What is cut stays cut."
        onClose={() => undefined}
        onEnd={(end) => ended.push(end)}
      />,
    );
    expect(
      screen.getByText(/Back on the shelf: 2 Barrel swivel #12; 1 of a bin gone\. What is cut stays cut\./),
    ).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Failed: crooked'), { target: { value: '4' } });
    expect(screen.getByText('4 failed of 3 made: no more can fail than were made.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Failed: crooked'), { target: { value: '1' } });
    expect(screen.getByText(/4 Barrel swivel #12/)).toBeInTheDocument();
    fireEvent.click(screen.getByText(/Strip the failed ones/));
    fireEvent.click(screen.getByText('Book 2 made'));
    expect(ended).toEqual([
      {
        passed: 2,
        failed: [{ reason: 'crooked', count: 1 }],
        putBack: [
          { binId: 'part-swivels-1', qty: 2 },
          { binId: 'gone', qty: 1 },
        ],
      },
    ]);
  });
});

describe('what a run is told', () => {
  function Fields() {
    const [count, setCount] = useState(6);
    const [way, setWay] = useState<CardWay>('one-by-one');
    return (
      <>
        <HowMany count={count} onChange={setCount} />
        <WhichWay way={way} one="One at a time" onChange={setWay} />
        <p>{`${count} ${way}`}</p>
        <PaceNote pace={{ secondsEach: 120, isOwn: way === 'by-station' }} count={count} />
      </>
    );
  }

  it('is how many, which way, and how long that takes', async () => {
    await renderBench(<Fields />);
    expect(screen.getByText(/^As a rule/)).toHaveTextContent('As a rule 2 min each, 12 min for all.');
    fireEvent.change(screen.getByLabelText('How many'), { target: { value: '20' } });
    fireEvent.click(screen.getByText('Each step for all'));
    expect(screen.getByText('20 by-station')).toBeInTheDocument();
    expect(screen.getByText(/^By your own runs/)).toHaveTextContent(
      'By your own runs 2 min each, 40 min for all.',
    );
  });

  it('names what is short in its kit', async () => {
    const line = { binId: 'a', name: 'Hook', place: 'Tin 1', needed: 40, onHand: 21 };
    await renderBench(
      <KitTable
        lines={[line, { ...line, binId: 'b', name: 'Line', needed: 3, onHand: 9 }]}
        text={(qty) => `${qty} x`}
      />,
    );
    expect(screen.getByText('19 x short: 21 x there')).toBeInTheDocument();
    expect(screen.getByText('of 9 x')).toBeInTheDocument();
  });
});

describe('lists of runs', () => {
  it('put what the shelf gives most first, and make it', async () => {
    const made: string[] = [];
    const row = (id: string, count: number, limiting: string[]) => ({
      id,
      name: id,
      picture: null,
      gives: { count, limiting, needs: [] },
      onMake: () => made.push(id),
    });
    await renderBench(
      <ShelfGives verb="Make" none="Nothing yet." rows={[row('few', 0, ['hooks']), row('many', 7, [])]} />,
    );
    const items = screen.getAllByRole('listitem');
    expect(items[0]).toHaveTextContent('many7 from the shelf');
    expect(items[1]).toHaveTextContent('Can’t make one: short of hooks');
    fireEvent.click(screen.getByLabelText('Make few: what is short'));
    expect(made).toEqual(['few']);
  });

  it('say that nothing is kept, and show no past where there is none', async () => {
    await renderBench(
      <>
        <ShelfGives verb="Make" none="Nothing yet." rows={[]} />
        <RunsSoFar runs={[]} nameOf={() => ''} actionsOf={() => null} />
      </>,
    );
    expect(screen.getByText('Nothing yet.')).toBeInTheDocument();
    expect(screen.queryByText('Runs so far')).toBeNull();
  });

  it('tell past runs, the latest first, eight at most', async () => {
    const runs = Array.from({ length: 10 }, (_, nth) => ({
      id: `r${nth}`,
      no: nth + 1,
      passed: 3,
      startedAt: 0,
      seconds: 480,
      failed: nth === 9 ? [{ reason: 'crooked', count: 1 }] : [],
    }));
    await renderBench(
      <RunsSoFar runs={runs} nameOf={({ id }) => id} actionsOf={() => <button>print</button>} />,
    );
    const items = screen.getAllByRole('listitem');
    expect(items).toHaveLength(8);
    expect(items[0]).toHaveTextContent('Run 10: 3 × r9');
    expect(items[0]).toHaveTextContent('2 min each');
    expect(items[0]).toHaveTextContent('1 failed: crooked');
    expect(within(items[1]!).getByText('print')).toBeInTheDocument();
  });

  it('say beside a run how far it is and lay it aside', async () => {
    const told: unknown[] = [];
    await renderBench(
      <RunSide
        name="Pike set 1"
        word="made"
        run={{ count: 20, seconds: 600, inHand: null, taken: [{ binId: 'gone', qty: 3 }] }}
        done={4}
        amountText={plainAmount}
        checks={['Nothing slips']}
        tools={['pliers', 'cutter']}
        onEnd={() => told.push('end')}
        onRest={(isResting) => told.push(isResting)}
      >
        <p>the card</p>
      </RunSide>,
    );
    expect(screen.getByText('20 × Pike set 1')).toBeInTheDocument();
    expect(screen.getByText('4 of 20').parentElement).toHaveTextContent(
      '4 of 20 made, 10 min at it, 3 min each',
    );
    expect(screen.getByText('3 of a bin gone')).toBeInTheDocument();
    fireEvent.click(screen.getByText('Take it in hand'));
    fireEvent.click(screen.getByText('End the run'));
    expect(told).toEqual([false, 'end']);
  });
});

describe('a draft to keep', () => {
  function Keep({ problem }: { readonly problem?: string }) {
    const [draft, setDraft] = useState({ name: '', note: '', family: null as string | null });
    const [said, setSaid] = useState('');
    return (
      <>
        <p>{said}</p>
        <KeepDraft
          what="rig"
          draft={draft}
          taken={['Pike set']}
          example="Pike set"
          problem={problem ?? null}
          mind="It does not fit yet."
          onChange={(to) => setDraft({ ...draft, ...to })}
          onKeep={() => setSaid(`kept ${draft.name}, ${draft.note}`)}
          onLetGo={() => setSaid('let go')}
        />
      </>
    );
  }

  it('wants a name of its own, then is kept with its note', async () => {
    await renderBench(<Keep />);
    const keep = () => screen.getByText('Keep it').closest('button');
    expect(keep()).toBeDisabled();
    expect(screen.getByText('Give it a name, such as Pike set.')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: ' Pike set ' } });
    expect(screen.getByText('There is a rig Pike set already. Call this one otherwise.')).toBeInTheDocument();
    fireEvent.submit(screen.getByLabelText('Keep the rig'));
    expect(screen.queryByText(/^kept/)).toBeNull();
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Eel set' } });
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'short bites' } });
    fireEvent.submit(screen.getByLabelText('Keep the rig'));
    expect(screen.getByText('kept Eel set, short bites')).toBeInTheDocument();
    expect(screen.getByText('It does not fit yet.')).toBeInTheDocument();
    fireEvent.click(screen.getByText('Discard'));
    expect(screen.getByText('let go')).toBeInTheDocument();
  });

  it('is not kept while something else is wrong', async () => {
    await renderBench(<Keep problem="There is nothing on it yet." />);
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Eel set' } });
    expect(screen.getByText('There is nothing on it yet.')).toBeInTheDocument();
    expect(screen.getByText('Keep it').closest('button')).toBeDisabled();
  });
});

describe('a station of parts', () => {
  it('turns between them, says what was done, and folds its slip on this screen', async () => {
    function Parts() {
      const [part, setPart] = useState<'a' | 'b'>('a');
      return (
        <PartsStation
          heading={[`Part ${part}`, 'what it is for']}
          parts={[
            { value: 'a', label: 'First' },
            { value: 'b', label: 'Second' },
          ]}
          part={part}
          onTurn={setPart}
          said={part === 'b' ? 'Done.' : null}
          slip={<p>on paper</p>}
        >
          <p>{`inside ${part}`}</p>
        </PartsStation>
      );
    }
    await renderBench(<Parts />);
    expect(screen.queryByText('Done.')).toBeNull();
    fireEvent.click(screen.getByText('Second'));
    expect(screen.getByText('Part b')).toBeInTheDocument();
    expect(screen.getByText('inside b')).toBeInTheDocument();
    expect(screen.getByText('Done.')).toBeInTheDocument();
    const fold = screen.getByLabelText(/fold/i);
    fireEvent.click(fold);
    await waitFor(() =>
      expect(JSON.parse(localStorage.getItem('ruvek-screen') ?? '{}')).toMatchObject({ isSlipFolded: true }),
    );
  });
});
