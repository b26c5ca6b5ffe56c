/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { PLAIN_GAUGE, type PartGauge } from '@/core/parts/part-roles';
import type { RigItem } from '@/core/rigs/rig';
import { RigDrawing } from './RigDrawing';

const gauge = (
  as: PartGauge['as'],
  sizes: PartGauge['sizes'],
  line: PartGauge['line'] = null,
): PartGauge => ({ ...PLAIN_GAUGE, as, sizes, basis: 'measured', line });
const item = (id: string, of: PartGauge, to: Partial<RigItem> = {}): RigItem => ({
  id,
  place: null,
  part: { binId: id, name: `the ${id}`, gauge: of, massG: 1 },
  on: null,
  lengthMm: null,
  ends: null,
  atMm: null,
  count: 1,
  isTurned: false,
  ...to,
});
const RIG = {
  kind: 'leader',
  items: [
    item('swivel', gauge('swivel', { lengthMm: 10 })),
    item('cable', gauge('line', { diameterMm: 0.5 }, 'cable'), {
      lengthMm: 300,
      ends: ['crimp-loop', 'crimp-loop'],
    }),
    item('crimp', gauge('crimp', { holeMm: 1, lengthMm: 8 }), { atMm: 12 }),
    item('hook', gauge('hook', { lengthMm: 30, gapeMm: 12, wireMm: 1, eyeMm: 1.6 })),
    item('floss', gauge('line', { diameterMm: 0.2 }, 'floss'), { lengthMm: 200, ends: ['plain', 'plain'] }),
  ],
};
const size = { maxWidthPx: 900, maxHeightPx: 300, pxPerMm: 5 };

function draw(more: Partial<React.ComponentProps<typeof RigDrawing>> = {}) {
  return render(<RigDrawing name="The rig" rig={RIG} isBroken={false} hasNumbers {...size} {...more} />);
}
const drawing = () => screen.getByRole('img', { name: 'The rig', hidden: true });
const placed = (id: string) => drawing().querySelector(`[data-item="${id}"]`);

describe('RigDrawing', () => {
  it('is to scale: parts at their millimeters, lengths written', () => {
    draw();
    const [, , width] = drawing().getAttribute('viewBox')!.split(' ').map(Number);
    expect(Number(drawing().getAttribute('width')) / width!).toBeCloseTo(900 / width!, 6);
    expect(placed('hook')).toHaveAttribute('data-at-mm', '310');
    expect(placed('hook')!.getAttribute('transform')).toBe('translate(310 0)');
    expect(placed('crimp')!.getAttribute('transform')).toBe('translate(22 0)');
    expect(drawing().querySelector('[data-dimension="cable"] text')).toHaveTextContent('300');
  });

  it('draws long line broken and keeps the number', () => {
    draw({ isBroken: true });
    const [, , width] = drawing().getAttribute('viewBox')!.split(' ').map(Number);
    expect(width).toBeLessThan(150);
    expect(placed('hook')).toHaveAttribute('data-at-mm', '310');
    expect(drawing().querySelector('[data-dimension="cable"] text')).toHaveTextContent('300');
  });

  it('lets a part be taken, shows which is in hand and which is wrong', () => {
    const taken: string[] = [];
    draw({ onChoose: (id) => taken.push(id), chosen: 'hook', marked: ['crimp'] });
    fireEvent.click(placed('crimp')!);
    fireEvent.click(placed('cable')!);
    fireEvent.click(placed('floss')!);
    expect(taken).toEqual(['crimp', 'cable', 'floss']);
    expect(placed('hook')).toHaveAttribute('data-chosen', 'true');
    expect(placed('crimp')).toHaveAttribute('data-marked', 'true');
  });

  it('lets the line in hand be lengthened by key', () => {
    const told: [string, number, boolean][] = [];
    draw({ chosen: 'cable', onLength: (...args) => told.push(args) });
    const handle = screen.getByRole('slider', { name: 'the cable, its lower end: 300 mm', hidden: true });
    for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowUp', 'ArrowDown', 'Enter'])
      fireEvent.keyDown(handle, { key });
    expect(told).toEqual([
      ['cable', 301, true],
      ['cable', 299, true],
      ['cable', 310, true],
      ['cable', 290, true],
    ]);
  });

  it('has no handle where no line is in hand, and no words where it is only a picture', () => {
    draw({ chosen: 'hook', onLength: () => undefined, name: '', hasNumbers: false });
    expect(screen.queryByRole('slider', { hidden: true })).toBeNull();
    expect(screen.queryByRole('img', { name: 'The rig', hidden: true })).toBeNull();
    expect(document.querySelector('svg[data-rig]')).toHaveAttribute('aria-hidden', 'true');
    expect(document.querySelector('[data-dimension]')).toBeNull();
  });
});
