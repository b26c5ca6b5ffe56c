/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { demoBench } from '@/demo/demo-bench';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { viewOf } from '../../../tests/support/view-of';
import { BaitDrawing } from './BaitDrawing';
import type { BaitLook } from './bait-look';
import { boxOf, reachBehind } from './box-of';

const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
const look = (name: string): BaitLook => {
  const build = view.builds.find((each) => each.name === name);
  if (!build) throw new Error(`no ${name}`);
  return lookOfBuild(build, view);
};
const draw = (name: string, more: Partial<React.ComponentProps<typeof BaitDrawing>> = {}) => {
  const { container, unmount } = render(
    <BaitDrawing name={name} look={look(name)} pose="pulled" pxPerMm={2} {...more} />,
  );
  const count = (selector: string) => container.querySelectorAll(selector).length;
  const attribute = (selector: string, of: string) => container.querySelector(selector)?.getAttribute(of);
  return { count, attribute, unmount };
};

describe('BaitDrawing', () => {
  it('draws a part for each on the arm, a blade for each that hangs, and the wire as long as it is', () => {
    const { count, attribute } = draw('Quay tandem');
    expect(screen.getByRole('img', { name: 'Quay tandem' })).toBeInTheDocument();
    expect([count('[data-arm-part]'), count('[data-blade]'), count('[data-layer]')]).toEqual([
      5,
      2,
      expect.any(Number),
    ]);
    expect(attribute('[data-arm]', 'data-arm')).toBe('72');
    expect(attribute('[data-arm-part]', 'data-length')).toBe('3');
  });

  it('keeps its scale unless it would be too wide or too high', () => {
    const [, , width] = boxOf(look('Quay tandem'), 'pulled');
    const wide = (more: object) => {
      const { attribute, unmount } = draw('Quay tandem', more);
      const px = Number(attribute('svg', 'width'));
      unmount();
      return px;
    };
    expect(wide({})).toBeCloseTo(2 * width, 3);
    expect(wide({ maxWidthPx: 100 })).toBeCloseTo(100, 3);
    expect(wide({ maxHeightPx: 20 })).toBeLessThan(100);
    expect(wide({ box: [0, 0, 50, 50] })).toBeCloseTo(100, 3);
  });

  it('turns as it hangs, and draws a line to hang from', () => {
    const { attribute, count } = draw('Quay tandem', { pose: 'hanging' });
    expect(attribute('svg > g', 'transform')).toBe(`rotate(${look('Quay tandem').hangsDeg.toFixed(2)})`);
    expect(count('svg > path')).toBe(1);
  });

  it('marks what does not fit and what is chosen', () => {
    const { attribute } = draw('Quay tandem', { marked: ['end'], chosen: null });
    expect(attribute('[data-blade="end"] path', 'stroke')).toBe('var(--alarm)');
  });

  it('draws a plate with its holes, a stinger on its cord, a hook on its strap, a wire under a head', () => {
    expect(draw('Weir shaker').count('[data-slot="plate"] ellipse')).toBe(3);
    expect(draw('Winter stinger').attribute('[data-slot="cord"]', 'data-length')).toBe('60');
    expect(draw('Winter stinger').count('[data-dipped]')).toBe(0);
    expect(draw('Rope walker').attribute('[data-slot="strap"]', 'data-length')).toBe('15');
    expect(draw('Pearl underspin').count('[data-blade="end"]')).toBe(1);
    expect(draw('Ebb spinner').count('[data-arm-part]')).toBe(4);
    expect(draw('Dawn buzzer').count('[data-blade]')).toBe(1);
  });

  it('is silent where words beside it say it all, and mirrored for a left hand', () => {
    const { container } = render(
      <BaitDrawing name="" look={look('Lock thumper')} pose="pulled" pxPerMm={1} isMirrored />,
    );
    const svg = container.querySelector('svg')!;
    expect(svg).toHaveAttribute('aria-hidden', 'true');
    expect(svg).toHaveStyle({ transform: 'scaleX(-1)' });
  });
});

describe('what holds a bait', () => {
  it.each(view.builds.map(({ name }) => name))(
    '%s: reaches behind its nose no further than its box',
    (name) => {
      const each = look(name);
      const [x, , width] = boxOf(each, 'pulled');
      expect(each.laid.nose.x + reachBehind(each)).toBeLessThanOrEqual(x + width + 1e-6);
      expect(reachBehind(each)).toBeGreaterThan(10);
    },
  );

  it('turned, is a box round the turned one', () => {
    const each = look('Quay tandem');
    const [, , , pulled] = boxOf(each, 'pulled');
    const [, , , hanging] = boxOf(each, 'hanging');
    expect(hanging).toBeGreaterThan(pulled);
  });
});
