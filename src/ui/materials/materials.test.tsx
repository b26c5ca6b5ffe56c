/** @jest-environment ./tests/support/browser-environment.ts */
import { render } from '@testing-library/react';
import type { ThingShape } from '@/drawing/things/part-shapes';
import { stuffShapes } from '@/drawing/things/stuff-shapes';
import { DrawnShape } from './DrawnShape';
import { Lights } from './Lights';
import { Lit, litBy, type Finish } from './Lit';
import { Steel } from './Steel';
import { Strand } from './Strand';

const PAINT = { wire: 'wire', body: 'body', soft: 'soft', dark: 'dark', mark: 'mark', point: 'point' };
const WIRE: ThingShape = { d: 'M0 0H10', is: 'wire', strokeMm: 1 };

function drawn(shape: ThingShape, hex?: string): SVGSVGElement {
  const { container } = render(
    <svg>
      <DrawnShape shape={shape} paint={PAINT} thinMm={0.2} hex={hex} />
    </svg>,
  );
  return container.querySelector('svg')!;
}

describe('materials', () => {
  it('each finish is a light that the page lays out', () => {
    const { container } = render(<Lights />);
    const ids = [...container.querySelectorAll('defs > *')].map(({ id }) => `url(#${id})`);
    const finishes: Finish[] = ['dull', 'bright', 'gloss', 'matte', 'plate'];
    expect(finishes.map(litBy).sort()).toEqual(ids.sort());
  });

  it('wire is three strokes, each narrower and nearer to the light than the one under it', () => {
    const { container } = render(
      <svg>
        <Steel d="M0 0H10" wireMm={2} />
      </svg>,
    );
    const paths = [...container.querySelectorAll('path')];
    const widths = paths.map((path) => Number(path.getAttribute('stroke-width')));
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(widths[0]).toBe(2);
    const up = paths.map((path) =>
      Number(/ (-[\d.]+)\)/.exec(path.getAttribute('transform') ?? '')?.[1] ?? 0),
    );
    expect(up[0]).toBe(0);
    expect(up[2]).toBeLessThan(up[1]!);
    // The highlight stays within the wire.
    expect(-up[2]! + widths[2]! / 2).toBeLessThan(1);
  });

  it('a body lies in its color under the light', () => {
    const { container } = render(
      <svg>
        <Lit d="M0 0H1V1Z" fill="#123456" finish="gloss" stroke="#000000" />
      </svg>,
    );
    const [body, light] = [...container.querySelectorAll('path')];
    expect([body!.getAttribute('fill'), light!.getAttribute('fill')]).toEqual(['#123456', 'url(#lit-gloss)']);
    expect(light!.getAttribute('stroke')).toBeNull();
  });

  it('what is metal is round, what is a strand is not', () => {
    expect(drawn(WIRE).querySelector('[data-light]')).not.toBeNull();
    expect(drawn({ ...WIRE, strokeMm: 0.3 }).querySelector('[data-light]')).toBeNull();
    expect(drawn({ ...WIRE, finish: 'matte' }).querySelector('[data-light]')).toBeNull();
    const colored = drawn(WIRE, '#aa3311');
    expect(colored.querySelector('[data-light]')).toBeNull();
    expect(colored.querySelector('path')!.style.stroke).toBe('#aa3311');
    for (const stuff of ['tab', 'hair', 'fur', 'sheet'] as const) {
      const strands = stuffShapes(stuff).shapes.filter(({ is }) => is === 'wire');
      expect(strands.length).toBeGreaterThan(0);
      for (const shape of strands) expect(drawn(shape).querySelector('[data-light]')).toBeNull();
    }
  });

  it('plate takes its own light, a body that of what it is', () => {
    const light = (shape: ThingShape) => drawn(shape).querySelector('[data-light]')?.getAttribute('fill');
    expect(light({ d: 'M0 0H1V1Z', is: 'body' })).toBe('url(#lit-bright)');
    expect(light({ d: 'M0 0H1V1Z', is: 'body', finish: 'plate' })).toBe('url(#lit-plate)');
    expect(light({ d: 'M0 0H1V1Z', is: 'soft' })).toBe('url(#lit-gloss)');
    expect(light({ d: 'M0 0H1', is: 'mark' })).toBeUndefined();
  });

  it.each([
    ['cable', 3],
    ['cord', 2],
    ['strand', 1],
    ['hollow', 0],
  ] as const)('a %s has %i strokes of its own make on it', (form, strokes) => {
    const { container } = render(
      <svg>
        <Strand d="M0 0H10" form={form} acrossMm={0.8} />
      </svg>,
    );
    expect(container.querySelectorAll('path')).toHaveLength(strokes);
  });
});
