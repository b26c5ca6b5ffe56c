/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen, within } from '@testing-library/react';
import { useState } from 'react';
import type { CutLength } from '@/records/rig';
import { renderBench } from '../../../tests/support/render-bench';
import { rigOf } from '@/model/bills/rig-uses';
import { useBench } from '@/station-kit/BenchProvider';
import { CutBars } from '@/ui/rig-drawing/CutBars';
import { rigDraftOf } from '@/model/rigs/rig-draft';
import { FeederPlate } from './FeederPlate';
import { RigSlip } from './RigSlip';
import { rollText } from '@/text/roll-text';
import { TemplateBar } from './TemplateBar';
import { WantsBar } from './WantsBar';

function useRigNamed(name: string) {
  const { view } = useBench();
  const record = view.rigs.find((rig) => rig.name === name)!;
  return { draft: rigDraftOf(record), rig: rigOf(record, view) };
}

describe('rollText', () => {
  it('says long lengths in meters or feet and loses no millimeter', () => {
    expect(rollText(465, 'mm')).toBe('465 mm');
    expect(rollText(46_201, 'mm')).toBe('46.201 m');
    expect(rollText(254, 'in')).toBe('10 in');
    expect(rollText(3048, 'in')).toBe('10 ft');
  });
});

describe('CutBars', () => {
  const cut = (to: Partial<CutLength>): CutLength => ({
    binId: 'b',
    lengthId: 'r',
    fromMm: 1e3,
    leftMm: 100,
    isKept: false,
    cuts: [
      { name: 'a', lengthMm: 300, count: 2 },
      { name: 'b', lengthMm: 150, count: 2 },
    ],
    ...to,
  });

  it('draws every piece to scale and says what is left', async () => {
    await renderBench(<CutBars cut={[cut({})]} nameOf={() => 'Cable'} unit="mm" />);
    const bar = screen.getByLabelText('2 of 300 mm, 2 of 150 mm; 100 mm left');
    const widths = [...bar.querySelectorAll('rect')].map((rect) => Number(rect.getAttribute('width')));
    expect(widths).toEqual([180, 180, 90, 90, expect.closeTo(60, 6)]);
    expect(screen.getByText('100 mm left, too short to keep')).toBeInTheDocument();
  });

  it('draws a long roll broken, what is kept as kept, what ends flush without a rest', async () => {
    const roll = cut({ fromMm: 20_000, leftMm: 19_100, isKept: true });
    await renderBench(
      <CutBars cut={[roll, cut({ fromMm: 900, leftMm: 0 })]} nameOf={() => 'Cable'} unit="mm" />,
    );
    expect(screen.getByText('19.1 m left, kept')).toBeInTheDocument();
    expect(screen.getByText('nothing left')).toBeInTheDocument();
    const bar = screen.getByLabelText(/19.1 m left, kept/);
    expect(Number(bar.querySelector('rect')?.getAttribute('width'))).toBeCloseTo((600 * 0.72 * 300) / 900, 6);
  });
});

describe('what a rig is for', () => {
  function Wants() {
    const { draft } = useRigNamed('Flounder two-up');
    const [told, setTold] = useState('');
    return (
      <>
        <p>{told}</p>
        <WantsBar
          draft={draft}
          onWants={(wants) => setTold(Object.entries(wants).flat().join(' '))}
          onPick={(id, value) => setTold(`${id} ${value}`)}
        />
      </>
    );
  }

  it('is told in any unit and refused out of range', async () => {
    await renderBench(<Wants />);
    fireEvent.change(screen.getByLabelText('Each dropper'), { target: { value: '10 in' } });
    expect(screen.getByText('dropMm 254')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Each dropper'), { target: { value: '9 m' } });
    expect(screen.getByText('From 30 mm to 1500 mm.')).toBeInTheDocument();
    expect(screen.getByText('dropMm 254')).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Droppers'), { target: { value: '3' } });
    expect(screen.getByText('droppers 3')).toBeInTheDocument();
    fireEvent.click(screen.getByText('solid rings'));
    expect(screen.getByText('join loop')).toBeInTheDocument();
  });
});

describe('a feeder’s plate', () => {
  function Plate() {
    const { draft, rig } = useRigNamed('Bream cap');
    return <FeederPlate draft={draft} rig={rig} />;
  }

  it('is as thick as its weight wants, is refused without a face, and becomes a board', async () => {
    const { workshop } = await renderBench(<Plate />);
    expect(screen.getByLabelText(/^Plate of 29 mm by 20 mm/)).toBeInTheDocument();
    fireEvent.change(screen.getByLabelText('Plate wide'), { target: { value: '4' } });
    fireEvent.change(screen.getByLabelText('Rivet hole'), { target: { value: '8' } });
    expect(screen.getByText(/The holes leave no plate/)).toBeInTheDocument();
    expect(screen.getByText('Send it to Molds').closest('button')).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Rivet hole'), { target: { value: '2' } });
    fireEvent.click(screen.getByText('Send it to Molds'));
    await screen.findByText('Send it to Molds');
    const kept = await workshop.molds.all();
    expect(kept.find(({ name }) => name === 'Board, Bream cap plate')?.cavities[0]?.inserts).toMatchObject([
      { name: 'rivet pin', count: 2, removed: true },
    ]);
  });
});

describe('beside the rig', () => {
  function Beside() {
    const { draft, rig } = useRigNamed('Pike set, 180 shad');
    return (
      <>
        <TemplateBar draft={draft} rig={rig} />
        <RigSlip draft={draft} />
        <div data-testid="none">
          <RigSlip draft={null} />
        </div>
      </>
    );
  }

  it('the paper is chosen once for all templates, and the slip says what is on the bench', async () => {
    await renderBench(<Beside />);
    fireEvent.click(screen.getByText('Letter'));
    expect(JSON.parse(localStorage.getItem('ruvek-screen') ?? '{}')).toMatchObject({ paper: 'letter' });
    expect(screen.getAllByText('Cable hook set')).toHaveLength(1);
    expect(within(screen.getByTestId('none')).getByText('Nothing on the bench')).toBeInTheDocument();
  });
});
