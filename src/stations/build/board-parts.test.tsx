/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import { useBench } from '@/station-kit/BenchProvider';
import { BeginBuilding } from './BeginBuilding';
import { BoardPart } from './BoardPart';
import { CompareBuilds } from './CompareBuilds';
import { CupEditor } from './CupEditor';
import { MeasurePart } from '@/station-kit/measure/MeasurePart';
import { newPlastic, type PlasticDraft } from '@/model/plastics/plastic-draft';
import { BuildRuns } from './BuildRuns';
import { useState } from 'react';

beforeAll(() => {
  Element.prototype.scrollIntoView = () => undefined;
  window.scrollTo = () => undefined;
});

const spies = () => ({
  onChoose: jest.fn(),
  onChange: jest.fn(),
  onBuild: jest.fn(),
  onStrip: jest.fn(),
  onFirst: jest.fn(),
});

describe('the board', () => {
  it('finds baits by name and kind, and says where none is called that', async () => {
    await renderBench(<BoardPart chosenId={null} {...spies()} />);
    const baits = screen.getByLabelText('Baits');
    expect(within(baits).getAllByRole('listitem')).toHaveLength(10);
    const search = screen.getByLabelText('Search baits');
    fireEvent.change(search, { target: { value: 'spinnerbait' } });
    expect(within(baits).getAllByRole('listitem')).toHaveLength(2);
    fireEvent.change(search, { target: { value: 'spinnerbait lock' } });
    expect(within(baits).getByText('Lock thumper 1')).toBeInTheDocument();
    fireEvent.change(search, { target: { value: 'kite' } });
    expect(screen.getByText('None is called that. Take a word out.')).toBeInTheDocument();
  });

  it('sets two to six side by side, no fewer and no more', async () => {
    await renderBench(<BoardPart chosenId={null} {...spies()} />);
    const boxes = screen.getAllByLabelText(/with others$/);
    const beside = () => screen.getByText(/^Side by side/).closest('button')!;
    fireEvent.click(boxes[0]!);
    expect(beside()).toBeDisabled();
    for (const box of boxes.slice(1, 6)) fireEvent.click(box);
    expect(beside()).toHaveTextContent('Side by side (6)');
    expect(boxes[6]).toBeDisabled();
    fireEvent.click(beside());
    const compared = screen.getByLabelText('Side by side');
    expect(within(compared).getAllByRole('article')).toHaveLength(6);
    fireEvent.click(within(compared).getByText('Close'));
    expect(screen.getByLabelText('Baits')).toBeInTheDocument();
  });

  it('shows the one chosen, and what can be done with it', async () => {
    const done = spies();
    const { workshop } = await renderBench(<BoardPart chosenId="build-quay-tandem-1" {...done} />);
    const detail = screen.getByLabelText('Quay tandem 1', { selector: 'section' });
    expect(within(detail).getByText(/^Spinnerbait\./)).toBeInTheDocument();
    fireEvent.click(within(detail).getByText('Build'));
    fireEvent.click(within(detail).getByText('Change it'));
    fireEvent.click(within(detail).getByText('Strip an old one'));
    for (const spy of [done.onBuild, done.onChange, done.onStrip]) {
      expect(spy).toHaveBeenCalledWith(expect.objectContaining({ name: 'Quay tandem' }));
    }
    fireEvent.click(within(detail).getByText('Put away'));
    await waitFor(async () =>
      expect((await workshop.builds.all()).filter(({ retired }) => retired).map(({ name }) => name)).toEqual([
        'Quay tandem',
      ]),
    );
  });

  it('takes a speed that was seen, and goes by it', async () => {
    const { workshop } = await renderBench(<BoardPart chosenId="build-lock-thumper-1" {...spies()} />);
    const detail = () => screen.getByLabelText('Lock thumper 1', { selector: 'section' });
    expect(detail()).toHaveTextContent('an estimate');
    const field = within(detail()).getByLabelText('Slowest speed seen');
    fireEvent.change(field, { target: { value: '0.7' } });
    fireEvent.blur(field);
    await waitFor(() => expect(detail()).toHaveTextContent('0.7 m/s, as you saw it'));
    expect((await workshop.builds.all()).find(({ name }) => name === 'Lock thumper')?.seenMs).toBe(0.7);
  });

  it('grades stingers for a grub', async () => {
    await renderBench(<BoardPart chosenId="build-winter-stinger-1" {...spies()} />);
    expect(screen.getByText(/^A graded set of stingers/)).toHaveTextContent(
      /^A graded set of stingers: [\d.]+ mm \(cut [\d.]+ mm\), /,
    );
  });
});

function Beside({ names }: { readonly names: readonly string[] }) {
  const { view } = useBench();
  const builds = names.map((name) => view.builds.find((each) => each.name === name)!);
  return <CompareBuilds builds={builds} onClose={jest.fn()} />;
}

describe('baits side by side', () => {
  it('are drawn to one scale, and told apart row by row', async () => {
    await renderBench(<Beside names={['Quay tandem', 'Slip crawler']} />);
    const widths = ['Quay tandem 1, drawn', 'Slip crawler 1, drawn'].map((name) => {
      const svg = screen.getByLabelText(name);
      const [, , box] = svg.getAttribute('viewBox')!.split(' ').map(Number);
      return Number(svg.getAttribute('width')) / box!;
    });
    expect(widths[0]).toBeCloseTo(widths[1]!, 9);
    const row = (name: string) => screen.getByText(name, { selector: 'th' }).closest('tr')!;
    expect(row('Kind')).toHaveTextContent('KindSpinnerbaitDressed jig');
    expect(row('Kind')).toHaveAttribute('data-differs', 'true');
    expect(row('Speed, of the fastest')).toHaveTextContent('100 %, seenno blade');
    expect(row('Arm')).toHaveTextContent('Arm72 mmnone');
  });
});

function Begin({ name, count }: { readonly name: string; readonly count: number }) {
  const { view } = useBench();
  const build = view.builds.find((each) => each.name === name)!;
  return <BeginBuilding build={build} count={count} onClose={jest.fn()} onBegun={jest.fn()} />;
}

describe('the kit of a run', () => {
  it('says what is short, and does not begin before it is there', async () => {
    const { workshop } = await renderBench(<Begin name="Quay tandem" count={8} />);
    const begin = (await screen.findByText('Take the kit and begin')).closest('button')!;
    expect(screen.getByText('3 short: 5 there')).toBeInTheDocument();
    expect(begin).toBeDisabled();
    fireEvent.change(screen.getByLabelText('How many'), { target: { value: '5' } });
    await waitFor(() => expect(begin).toBeEnabled());
    fireEvent.click(begin);
    await waitFor(async () =>
      expect((await workshop.buildings.all()).find(({ state }) => state === 'building')).toMatchObject({
        count: 5,
        way: 'one-by-one',
      }),
    );
    expect((await workshop.shelf.ledger()).levels.get('loose-skirt-roach-1')).toBe(0);
  });

  it('wants heads from the rack where no such head lies there', async () => {
    await renderBench(<Begin name="Slip crawler" count={1} />);
    expect(await screen.findByText(/No such head lies on the rack/)).toBeInTheDocument();
  });
});

describe('the runs', () => {
  it('list what the shelf gives, what was built, and plastics to keep apart', async () => {
    const build = jest.fn();
    await renderBench(<BuildRuns onBuild={build} onFirst={jest.fn()} />);
    fireEvent.click(screen.getByLabelText('Build Lock thumper 1'));
    expect(build).toHaveBeenCalledWith(expect.objectContaining({ name: 'Lock thumper' }), 6);
    const past = screen.getByLabelText('Runs so far');
    expect(past).toHaveTextContent('Run 2: 5 × Lock thumper 1');
    expect(past).toHaveTextContent('1 failed: does not run true');
  });
});

describe('parts as they were measured', () => {
  it('are found, changed to another role, and kept with what they weigh and cost', async () => {
    const { workshop } = await renderBench(<MeasurePart />);
    fireEvent.change(screen.getByLabelText('Search parts'), { target: { value: 'eye, pearl 3' } });
    const form = screen.getByLabelText('Eye, pearl 3 mm', { selector: 'section' });
    expect(within(form).getByText('Keep these measures').closest('button')).toBeDisabled();
    fireEvent.change(within(form).getByLabelText('Across'), { target: { value: '3.1' } });
    fireEvent.change(within(form).getByLabelText(/^Costs each/), { target: { value: '0.07' } });
    expect(form).toHaveTextContent(/nearest to Bead, brass 3\.2 mm, 0\.1 mm off/);
    fireEvent.click(within(form).getByText('Keep these measures'));
    await within(form).findByText(/^Kept\./);
    expect((await workshop.shelf.bins()).find(({ name }) => name === 'Eye, pearl 3 mm')).toMatchObject({
      costEach: 0.07,
      gauge: { as: 'bead', sizes: { diameterMm: 3.1 }, basis: 'measured' },
    });
  });

  it('may be a line with its strength, a tube that shrinks, a hook of three points', async () => {
    const { workshop } = await renderBench(<MeasurePart />);
    const of = async (name: string) => {
      fireEvent.change(screen.getByLabelText('Search parts'), { target: { value: name } });
      fireEvent.click(screen.getByText(name, { selector: 'button' }));
      return screen.findByLabelText(name, { selector: 'section' });
    };
    const keep = async (form: HTMLElement) => {
      fireEvent.click(within(form).getByText('Keep these measures'));
      await within(form).findByText(/^Kept\./);
    };
    const gaugeOf = async (name: string) => {
      const bin = (await workshop.shelf.bins()).find((each) => each.name === name);
      return bin?.kind === 'part' ? bin.gauge : null;
    };
    const cable = await of('Cable 9 kg');
    fireEvent.change(within(cable).getByLabelText('Breaks at'), { target: { value: '11' } });
    await keep(cable);
    expect(await gaugeOf('Cable 9 kg')).toMatchObject({ as: 'line', line: 'cable', sizes: { breakKgf: 11 } });
    const tube = await of('Shrink tube 2.4 mm');
    fireEvent.change(within(tube).getByLabelText('Shrinks, times'), { target: { value: '2' } });
    await keep(tube);
    expect(await gaugeOf('Shrink tube 2.4 mm')).toMatchObject({ as: 'tube', sizes: { shrinkRatio: 2 } });
    const treble = await of('Treble #4');
    expect(within(treble).getByLabelText('Points')).toHaveValue('3');
    expect(within(treble).queryByLabelText('Length on the wire')).toBeNull();
  });

  it('say where the screen was never measured', async () => {
    await renderBench(<MeasurePart />);
    expect(screen.getByText(/This screen was never measured/)).toBeInTheDocument();
    fireEvent.click(screen.getByText('Set by a bank card'));
    expect(screen.getByText('85.6 mm')).toBeInTheDocument();
  });
});

function Cups({ onKept }: { readonly onKept: (name: string) => void }) {
  const [draft, setDraft] = useState<PlasticDraft>(newPlastic);
  return <CupEditor draft={draft} onChange={setDraft} onKept={({ name }) => onKept(name)} />;
}

describe('the cup', () => {
  it('takes drops and flake step by step, one back, and a second color beside the first', async () => {
    const kept = jest.fn();
    await renderBench(<Cups onKept={kept} />);
    const cup = () => screen.getByLabelText('Cup', { selector: '[role=group]' });
    const went = () => within(cup()).getByLabelText('Cup, what went in');
    fireEvent.click(within(cup()).getByLabelText('Red'));
    fireEvent.click(within(cup()).getByText('+ 2 drops'));
    fireEvent.click(within(cup()).getByText('+ a drop'));
    expect(
      within(went())
        .getAllByRole('listitem')
        .map((item) => item.textContent),
    ).toEqual(['2 drops Redone too many', '1 drop Redone too many']);
    fireEvent.click(within(cup()).getByText('Remove the last'));
    fireEvent.click(within(cup()).getByText('Flake'));
    fireEvent.click(within(cup()).getByText('+ 1/4 tsp'));
    expect(went()).toHaveTextContent('1/4 tsp Black flake, 0.4 mm');
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Red fleck' } });
    fireEvent.click(screen.getByText('Two, laid together'));
    expect(screen.getByText('Keep the color').closest('button')).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Back, share of the bait'), { target: { value: '70' } });
    expect(screen.getByLabelText('Belly, share of the bait')).toHaveValue('30');
    const belly = screen.getByLabelText('Belly', { selector: '[role=group]' });
    fireEvent.click(within(belly).getByText('+ 5 drops'));
    fireEvent.click(screen.getByText('Keep the color'));
    await waitFor(() => expect(kept).toHaveBeenCalledWith('Red fleck'));
  });
});
