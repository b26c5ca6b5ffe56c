import type { ThingShape } from '@/drawing/things/part-shapes';
import { litBy, type Finish } from './Lit';
import { Steel } from './Steel';

interface DrawnShapeProps {
  readonly shape: ThingShape;
  /** Class names by what a shape is: how it is painted where it stands. */
  readonly paint: Readonly<Record<string, string | undefined>>;
  /** How wide an outline is, mm. */
  readonly thinMm: number;
  /** The color of what has one. */
  readonly hex?: string | undefined;
  /** Wire is drawn no thinner, mm, so that it is still seen. */
  readonly leastWireMm?: number;
}

const FINISHES: Readonly<Partial<Record<ThingShape['is'], Finish>>> = {
  body: 'bright',
  dark: 'dull',
  soft: 'gloss',
};

/** Thinner than this on the screen there is no side of a wire to be lit: hair, strands, thread. */
const ROUND_MM = 0.5;

/** One stroke or area of a thing, in the light of the page. */
export function DrawnShape({ shape, paint, thinMm, hex, leastWireMm = 0 }: DrawnShapeProps) {
  const { d, is, strokeMm = 0.6, at } = shape;
  const transform = at && `translate(${at.join(' ')})`;
  const painted = { d, transform, className: paint[is] };
  if (is === 'wire') {
    const wireMm = Math.max(strokeMm, leastWireMm);
    if (hex !== undefined || strokeMm < ROUND_MM || shape.finish === 'matte') {
      return (
        <path {...painted} strokeWidth={wireMm} style={hex === undefined ? undefined : { stroke: hex }} />
      );
    }
    return (
      <g transform={transform}>
        <path d={d} className={paint.wire} strokeWidth={wireMm} />
        <g data-light>
          <Steel d={d} wireMm={wireMm} />
        </g>
      </g>
    );
  }
  const finish = shape.finish ?? FINISHES[is];
  const colored = hex === undefined ? undefined : is === 'mark' ? { stroke: hex } : { fill: hex };
  return (
    <>
      <path {...painted} strokeWidth={thinMm} style={finish || is === 'mark' ? colored : undefined} />
      {finish ? <path d={d} transform={transform} fill={litBy(finish)} data-light /> : null}
    </>
  );
}
