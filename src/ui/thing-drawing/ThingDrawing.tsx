'use client';

import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { PLAIN_GAUGE, type PartGauge } from '@/core/parts/part-roles';
import { partShapes, type DrawnPart } from '@/drawing/things/part-shapes';
import type { HookPattern } from '@/drawing/hook/hook-path';
import { hookThing } from '@/drawing/things/hook-shapes';
import { headShapes } from '@/drawing/things/head-shapes';
import { stuffShapes } from '@/drawing/things/stuff-shapes';
import { DrawnShape } from '../materials/DrawnShape';
import { findThingKind, findTypicalSize } from '@/reference/typical';
import type { ThingKind, TypicalSize } from '@/reference/typical/thing-kind';
import styles from './thing-drawing.module.css';

interface ThingDrawingProps {
  readonly kind: ThingKind;
  readonly size: TypicalSize;
  /** The box it is fitted into, pixels. */
  readonly width: number;
  readonly height: number;
  /** Drawn no larger than this many pixels a millimeter, so that small things stay small beside large ones. */
  readonly mostPxPerMm?: number;
  /** The color of what has one. */
  readonly hex?: string;
}

/** How the kinds of hooks are bent that are not bent round. */
const PATTERNS: Readonly<Partial<Record<string, HookPattern>>> = {
  'sickle-hook': 'sickle',
  'wide-hook': 'wide',
  'circle-hook': 'circle',
};

function hookOf({ wireMm, lengthMm, gapeMm }: TypicalSize['sizes']): HookDimensions | null {
  return wireMm && lengthMm && gapeMm ? { wireMm, shankMm: lengthMm - gapeMm / 2, gapeMm } : null;
}

/** What a hook of that size measures, in a head. */
function hookIn(size: string | undefined): HookDimensions | null {
  const { sizes } = findTypicalSize(findThingKind('jig-hook'), size ?? '');
  const hook = hookOf(sizes);
  return hook && { ...hook, shankMm: sizes.lengthMm ?? hook.shankMm };
}

/** What a part of that kind and size measures. */
function gaugeOf(kind: ThingKind, { sizes }: TypicalSize): PartGauge {
  const plain = { ...PLAIN_GAUGE, basis: 'guess', sizes } as const;
  if (kind.makes !== 'part') return { ...plain, as: 'hook' };
  const { as, form, plastic, shape, bend, line } = kind;
  return { ...plain, as, form, plastic, shape, bend, line };
}

function drawnOf(kind: ThingKind, size: TypicalSize): DrawnPart {
  const hook = kind.makes === 'hook' || kind.id in PATTERNS ? hookOf(size.sizes) : null;
  if (hook) return hookThing(hook, PATTERNS[kind.id] ?? 'round', kind.makes === 'hook');
  switch (kind.makes) {
    case 'metal':
    case 'powder':
      return stuffShapes(kind.makes);
    case 'strand':
      return stuffShapes(kind.form);
    case 'head':
      return headShapes(kind.style, size.massG ?? 7, hookIn(kind.hookBySize[size.key]));
    default:
      return kind.makes === 'part' && kind.as === 'glue'
        ? stuffShapes('glue')
        : partShapes(gaugeOf(kind, size));
  }
}

/** A thing of the shelf, fitted into a box: what says what it is before its name is read. */
export function ThingDrawing({ kind, size, width, height, mostPxPerMm = 6, hex }: ThingDrawingProps) {
  const {
    shapes,
    box: [left, top, long, high],
  } = drawnOf(kind, size);
  const margin = 1;
  const scale = Math.min(width / (long + 2 * margin), height / (high + 2 * margin), mostPxPerMm);
  const [wide, tall] = [width / scale, height / scale];
  return (
    <svg
      className={styles.thing}
      width={width}
      height={height}
      viewBox={`${left + long / 2 - wide / 2} ${top + high / 2 - tall / 2} ${wide} ${tall}`}
      aria-hidden="true"
    >
      {shapes.map((shape, nth) => (
        <DrawnShape
          key={nth}
          shape={shape}
          paint={styles}
          thinMm={0.8 / scale}
          leastWireMm={1 / scale}
          hex={shape.is === 'body' || shape.is === 'soft' ? hex : undefined}
        />
      ))}
    </svg>
  );
}
