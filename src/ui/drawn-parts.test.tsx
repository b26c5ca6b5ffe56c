/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { egg } from '@/core/cavities/styles/egg';
import { round } from '@/core/cavities/styles/round';
import { layOutBar, layOutDisc } from '@/drawing/block-layout';
import { Line, type Stop } from './frame/Line';
import { Slip, SlipNote, SlipRow } from './frame/Slip';
import { HeadDrawing } from './head-drawing/HeadDrawing';
import type { CavityMark } from './mold-block/cavity-mark';
import { MoldBlock } from './mold-block/MoldBlock';

const HOOK = { wireMm: 1.1, shankMm: 31.5, gapeMm: 12.5 };

const mark = (index: number, change: Partial<CavityMark> = {}): CavityMark => ({
  mark: '10 g',
  state: 'idle',
  name: `Cavity ${index + 1}`,
  ...change,
});

beforeAll(() => {
  // jsdom does not lay out, and so cannot scroll anything into view.
  Element.prototype.scrollIntoView = () => undefined;
});

describe('MoldBlock', () => {
  const layout = layOutBar([1, 1, 1.4].map((volumeCm3) => ({ style: round, volumeCm3, hook: HOOK })));

  it('is tapped, and worked by Enter and Space, where a cavity can be marked', () => {
    const tapped: number[] = [];
    render(
      <MoldBlock
        title="Block A"
        layout={layout}
        marks={[mark(0), mark(1), mark(2)]}
        onTap={(index) => tapped.push(index)}
        isTappable={(index) => index !== 1}
        pressed={(index) => index === 2}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Cavity 1' }));
    fireEvent.keyDown(screen.getByRole('button', { name: 'Cavity 3' }), { key: 'Enter' });
    fireEvent.keyDown(screen.getByRole('button', { name: 'Cavity 3' }), { key: ' ' });
    fireEvent.keyDown(screen.getByRole('button', { name: 'Cavity 3' }), { key: 'x' });
    expect(tapped).toEqual([0, 2, 2]);
    expect(screen.queryByRole('button', { name: 'Cavity 2' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Cavity 3' })).toHaveAttribute('aria-pressed', 'true');
  });

  it('writes what is asked and what hook, and shows a misfill by a cross, not by color alone', () => {
    const { container } = render(
      <MoldBlock
        title="Block A"
        layout={layout}
        marks={[
          mark(0, { state: 'lit', flag: '60 asked', foot: 'hook 2/0' }),
          mark(1, { state: 'misfilled' }),
          mark(2),
        ]}
      />,
    );
    expect(screen.getByText('60 asked')).toBeInTheDocument();
    expect(screen.getByText('hook 2/0')).toBeInTheDocument();
    const misfilled = screen.getByRole('img', { name: 'Cavity 2' });
    const idle = screen.getByRole('img', { name: 'Cavity 3' });
    expect(misfilled.querySelectorAll('path').length).toBe(idle.querySelectorAll('path').length + 1);
    expect(container.querySelectorAll('circle').length).toBeGreaterThanOrEqual(3);
  });

  it('draws a disc round', () => {
    const disc = layOutDisc(Array.from({ length: 6 }, () => ({ style: egg, volumeCm3: 1, hook: null })));
    render(
      <MoldBlock title="Disc" layout={disc} marks={Array.from({ length: 6 }, (_, index) => mark(index))} />,
    );
    expect(screen.getByRole('group', { name: 'Disc' })).toHaveAttribute(
      'viewBox',
      `0 0 ${disc.widthMm} ${disc.heightMm}`,
    );
    expect(screen.getAllByRole('img')).toHaveLength(6);
  });
});

describe('HeadDrawing', () => {
  it('draws to the scale given, and no wider than it may', () => {
    const { rerender } = render(
      <HeadDrawing name="head" style={round} volumeCm3={1} hook={HOOK} pxPerMm={2} maxWidthPx={900} />,
    );
    const width = () => Number(screen.getByRole('img', { name: 'head' }).getAttribute('width'));
    const twice = width();
    rerender(
      <HeadDrawing name="head" style={round} volumeCm3={1} hook={HOOK} pxPerMm={1} maxWidthPx={900} />,
    );
    expect(twice / width()).toBeCloseTo(2, 9);
    rerender(
      <HeadDrawing name="head" style={round} volumeCm3={1} hook={HOOK} pxPerMm={9} maxWidthPx={120} />,
    );
    expect(width()).toBeCloseTo(120, 9);
  });
});

describe('Line', () => {
  const stops: Stop[] = [
    { key: 'ticket', name: 'Ticket', href: '/ticket', glyph: 'M4 2.5h8v11z', waits: '6 open', tone: 'calm' },
    { key: 'pour', name: 'Pour', href: '/pour', glyph: 'M3 3.5h7.5z', waits: '184 to pour', tone: 'act' },
  ];

  it('shows every stop with what waits there, and which one is open', () => {
    render(<Line stops={stops} here="pour" />);
    expect(screen.getByRole('link', { name: /Ticket\s*6 open/ })).toHaveAttribute('href', '/ticket');
    expect(screen.getByRole('link', { name: /Pour/ })).toHaveAttribute('aria-current', 'page');
    expect(screen.getByRole('link', { name: /Ticket/ })).not.toHaveAttribute('aria-current');
  });
});

describe('Slip', () => {
  it('folds away and back', () => {
    const folds: boolean[] = [];
    const { rerender } = render(
      <Slip isFolded={false} onFold={(isFolded) => folds.push(isFolded)}>
        <SlipRow name="Hooks">60</SlipRow>
      </Slip>,
    );
    expect(screen.getByText('Hooks')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Fold the slip away' }));
    rerender(
      <Slip isFolded onFold={(isFolded) => folds.push(isFolded)}>
        <SlipRow name="Hooks">60</SlipRow>
      </Slip>,
    );
    expect(screen.queryByText('Hooks')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Unfold the slip' }));
    expect(folds).toEqual([true, false]);
  });

  it('says in words what its colored edge means', () => {
    render(
      <>
        <SlipNote tone="stop">five short</SlipNote>
        <SlipNote tone="mind">near the edge</SlipNote>
      </>,
    );
    expect(screen.getByText(/five short/)).toHaveTextContent('Held up: five short');
    expect(screen.getByText(/near the edge/)).toHaveTextContent('Mind: near the edge');
  });
});
