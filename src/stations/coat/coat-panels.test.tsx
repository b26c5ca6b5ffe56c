/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { renderBench } from '../../../tests/support/render-bench';
import type { PowderBin } from '@/records/bin';
import type { Rack } from '@/records/rack';
import { useBench } from '@/station-kit/BenchProvider';
import { CoatNotes } from '@/station-kit/coats/CoatNotes';
import { CoatSlip } from './CoatSlip';
import { CuringPanel } from './CuringPanel';
import { EveningStrip } from './EveningStrip';
import { HangFromShelf } from '@/station-kit/coats/HangFromShelf';
import { HeatPart } from './HeatPart';
import { HeatTrial } from './HeatTrial';
import { PowdersPart } from './PowdersPart';
import { WeighJar } from './WeighJar';

const BULLET = 'head-bullet-10-hook-2-0-lot-14';
const OVEN = 'shed-oven';

const rackOf = (
  count: number,
): Pick<Rack, 'ovenId' | 'school' | 'partC' | 'minutes' | 'startC' | 'hung'> => ({
  ovenId: OVEN,
  school: 'card',
  partC: 177,
  minutes: 15,
  startC: 20,
  hung: Array.from({ length: count }, (_, index) => ({
    rod: 0,
    slot: 2 * index,
    slotsEach: 2,
    headBinId: BULLET,
    coatId: 'coat-night-eel',
    ticketId: null,
    lineId: null,
  })),
});

describe('the slip', () => {
  it('says what waits by color, what powder it takes, and which jar holds too little', async () => {
    const { workshop } = await renderBench(<CoatSlip />);
    expect(screen.getByRole('heading', { name: '66 heads wait' })).toBeInTheDocument();
    expect(screen.getByText('Silt flounder').parentElement).toHaveTextContent('24');
    expect(screen.queryByText(/in the jar/)).toBeNull();
    await workshop.shelf.count('powder-straw', 0.5);
    expect(await screen.findByText(/^Powder, straw: \d.*wanted, 0.50 g in the jar/)).toBeInTheDocument();
  });
});

describe('a ticket line in a color', () => {
  it('is refused in words where an oven would ruin it, and let be where none would', async () => {
    const line = {
      id: 'line',
      style: 'round',
      nominalG: 10,
      count: 5,
      hookBinId: 'hook-2-0',
      skirtId: null,
      guardBinId: null,
      collarBinId: null,
      dueOn: null,
      metalBinId: 'lot-19',
      coatId: 'coat-mussel',
    };
    const { rerender } = await renderBench(<CoatNotes lines={[line]} />);
    expect(
      screen.getByText(/Round 10 g, 2\/0 in Mussel: Oven at 177 °C would melt Lot 19/),
    ).toBeInTheDocument();
    rerender(<p>gone</p>);
    await renderBench(
      <CoatNotes
        lines={[
          { ...line, metalBinId: 'lot-14' },
          { ...line, id: 'bare', coatId: null },
          { ...line, id: 'air', coatId: 'coat-brushed-green' },
        ]}
      />,
    );
    expect(screen.queryByText(/would melt/)).toBeNull();
  });
});

describe('heat', () => {
  it('gives each way its time, marks guesses, and draws the way that is chosen', async () => {
    await renderBench(<HeatPart onSetUp={jest.fn()} />);
    const ways = screen.getAllByRole('article');
    expect(ways.map((way) => within(way).getByRole('radio').textContent)).toEqual([
      'Flame and dip',
      'Fluid bed and dip',
      'Oven and dust',
    ]);
    // The gun was never timed, the oven was.
    expect(within(ways[0]!).getByRole('button', { name: /^In the heat: .*, a guess/ })).toBeInTheDocument();
    expect(within(ways[2]!).getByRole('button', { name: /^In the heat: / })).not.toHaveAccessibleName(
      /a guess/,
    );
    expect(screen.getByRole('img', { name: /^Out of the heat at 185 °C/ })).toBeInTheDocument();
    fireEvent.click(within(ways[1]!).getByRole('radio'));
    expect(await screen.findByRole('img', { name: /^Out of the heat at 175 °C/ })).toBeInTheDocument();
  });

  it('keeps what a maker is used to beside what is reckoned, and says what it comes to', async () => {
    await renderBench(<HeatPart onSetUp={jest.fn()} />);
    const way = () => screen.getAllByRole('article')[0]!;
    const used = () => within(way()).getByLabelText('I am used to, seconds');
    fireEvent.change(used(), { target: { value: '1' } });
    expect(await within(way()).findByText(/Powder would not stick yet/)).toBeInTheDocument();
    fireEvent.change(used(), { target: { value: '30000' } });
    expect(
      await within(way()).findByText(/the metal would be soft|longer than worked out/),
    ).toBeInTheDocument();
    // It is kept for this way, this heat and this head alone.
    expect(within(screen.getAllByRole('article')[1]!).getByLabelText('I am used to, seconds')).toHaveValue(
      '',
    );
    fireEvent.change(used(), { target: { value: '' } });
    expect(within(way()).queryByText(/worked out/)).toBeNull();
  });

  it('a trial says what it makes of the time, and refuses what tells nothing', async () => {
    function Trial() {
      const { view } = useBench();
      const heater = view.heaters.find(({ kind }) => kind === 'gun')!;
      const powder = view.binById.get('powder-night-eel') as PowderBin;
      // A head of the size that the guess stands for.
      const piece = {
        massG: 10,
        specificHeatJkgK: 140,
        areaCm2: 5,
        volumeCm3: (5 * 0.9) / 4.51,
        thicknessMm: 8,
        skin: 'cavity' as const,
      };
      return (
        <HeatTrial
          question={{ piece, wayId: 'flame-dip', heater, powder, solidusC: 252, ambientC: 20 }}
          what="Round 10 g"
          onClose={jest.fn()}
        />
      );
    }
    const { workshop } = await renderBench(<Trial />);
    const set = screen.getByRole('button', { name: 'Set the heat by it' });
    expect(set).toBeDisabled();
    fireEvent.change(screen.getByRole('textbox', { name: 'It took' }), { target: { value: '10 s' } });
    // 1.4 J/K over 5 cm2 and 10 s, times ln(400 / 305)
    expect(screen.getByRole('status')).toHaveTextContent(
      'That makes 76 W/m²K; the guess for its size was 70',
    );
    fireEvent.change(screen.getByRole('textbox', { name: 'Hot enough at' }), { target: { value: '20 C' } });
    expect(screen.getByRole('alert')).toHaveTextContent('nothing was heated');
    expect(set).toBeDisabled();
    fireEvent.change(screen.getByRole('textbox', { name: 'Hot enough at' }), { target: { value: '115 C' } });
    fireEvent.click(set);
    await waitFor(async () => {
      const gun = (await workshop.coats.heaters()).find(({ kind }) => kind === 'gun');
      expect(gun?.trial).toMatchObject({ what: 'Round 10 g', seconds: 10, targetC: 115, hWm2K: gun!.hWm2K });
      expect(gun?.hWm2K).toBeCloseTo((0.01 * 140 * Math.log(400 / 305)) / (5e-4 * 10), 9);
    });
  });
});

describe('jars', () => {
  it('tell how many heads they make, and what waits wants of them', async () => {
    await renderBench(<PowdersPart />);
    fireEvent.click(screen.getByRole('button', { name: /^straw/ }));
    const card = screen.getByRole('region', { name: 'Powder, straw' });
    expect(card).toHaveTextContent('150 °C for 20 min');
    expect(card).toHaveTextContent('never over180 °C');
    const row = within(card).getByRole('row', { name: /^Egg 30 g/ });
    const [eachG, left, full] = within(row)
      .getAllByRole('cell')
      .map((cell) => Number.parseFloat(cell.textContent ?? ''));
    // What one takes is shown to a hundredth of a gram.
    expect((left! * eachG!) / 48).toBeCloseTo(1, 1);
    expect((full! * eachG!) / 250).toBeCloseTo(1, 1);
  });

  it('are set by the scale; where too little was used, nothing is learned', async () => {
    function Weigh() {
      const { view } = useBench();
      return <WeighJar powder={view.binById.get('powder-night-eel') as PowderBin} onClose={jest.fn()} />;
    }
    const { workshop } = await renderBench(<Weigh />);
    const before = (await workshop.shelf.ledger()).levels.get('powder-night-eel')!;
    const field = await screen.findByRole('textbox', { name: 'Powder in the jar' });
    fireEvent.change(field, { target: { value: `${before - 16} g` } });
    fireEvent.click(screen.getByRole('button', { name: /Take it/ }));
    expect(await screen.findByText(/Too little was used since the last weighing/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Set the jar by it' }));
    await waitFor(async () =>
      expect((await workshop.shelf.ledger()).levels.get('powder-night-eel')).toBeCloseTo(before - 16, 9),
    );
    const bin = (await workshop.shelf.bins()).find((each) => each.id === 'powder-night-eel');
    expect(bin?.kind === 'powder' && bin.utilization).toBeNull();
  });
});

describe('heads from the shelf', () => {
  it('are only those that no ticket was given, and no more than lie there', async () => {
    const picked = jest.fn();
    await renderBench(<HangFromShelf taken={[]} onClose={jest.fn()} onPick={picked} />);
    fireEvent.change(screen.getByRole('textbox', { name: 'Pieces' }), { target: { value: '900' } });
    expect(screen.getByText(/^Only \d+ are free\./)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Lay them by the rack' })).toBeDisabled();
    fireEvent.change(screen.getByRole('textbox', { name: 'Pieces' }), { target: { value: '2' } });
    fireEvent.click(screen.getByRole('button', { name: 'Lay them by the rack' }));
    expect(picked).toHaveBeenCalledWith(expect.objectContaining({ count: 2, ticketId: null, lineId: null }));
  });
});

describe('the evening', () => {
  it('lies on one line, hands above and oven below, and goes on paper', async () => {
    const chose = jest.fn();
    const { workshop } = await renderBench(
      <EveningStrip chosen={null} ovenId={OVEN} waiting={[]} onChoose={chose} />,
    );
    expect(screen.queryByRole('region', { name: 'The evening' })).toBeNull();
    const [id] = await workshop.racks.hang([rackOf(4), rackOf(2)]);
    const strip = await screen.findByRole('region', { name: 'The evening' });
    expect(within(strip).getAllByTitle(/at heat: 15 min/)).toHaveLength(2);
    expect(strip).toHaveTextContent(/From lighting the oven: \d+ min/);
    fireEvent.click(within(strip).getAllByTitle(/^Rack 6, dip and hang/)[0]!);
    expect(chose).toHaveBeenCalledWith(id);
  });
});

describe('a rack in the oven', () => {
  function Curing() {
    const { view } = useBench();
    const rack = view.racks.find(({ state }) => state === 'curing');
    const oven = view.heaters.find(({ id }) => id === OVEN);
    return rack && oven ? <CuringPanel rack={rack} oven={oven} onOut={jest.fn()} /> : <p>nothing in it</p>;
  }

  it('asks before it comes out early, and lets the thermometer say how hot the heads are', async () => {
    const { workshop } = await renderBench(<Curing />);
    const [id] = await workshop.racks.hang([rackOf(4)]);
    await workshop.racks.goIn(id!, { tauS: 100, warmS: 300, used: [], clockName: 'Rack 6 out' });
    const panel = await screen.findByRole('region', { name: 'Rack 6' });
    expect(panel).toHaveTextContent('warming up, then 15 min at 177 °C');
    fireEvent.click(within(panel).getByRole('button', { name: 'Stand-in thermometer' }));
    await waitFor(() =>
      expect(within(panel).getByRole('status')).toHaveTextContent(/^Oven 17\d °C, heads \d+ °C/),
    );
    fireEvent.click(within(panel).getByRole('button', { name: 'Unplug' }));
    expect(within(panel).getByRole('status')).toHaveTextContent('The thermometer went silent.');
    fireEvent.click(within(panel).getByRole('button', { name: 'Take it out of the oven' }));
    expect(within(panel).getByRole('button', { name: 'Stand-in thermometer' })).toBeInTheDocument();

    fireEvent.click(within(panel).getByRole('button', { name: /warming up|at 177/ }));
    expect(await screen.findByText(/What comes out too soon is not cured and chips/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take it out' }));
    await waitFor(async () =>
      expect((await workshop.racks.all()).find((rack) => rack.id === id)?.state).toBe('out'),
    );
    expect(await screen.findByText('nothing in it')).toBeInTheDocument();
  });
});
