'use client';

import { useMemo } from 'react';
import type { Skirt } from '@/records/skirt';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { jigOf, type JigChoice } from '@/station-kit/looks/jig-look';
import { useBench } from '@/station-kit/BenchProvider';

interface SkirtThumbProps {
  readonly skirt: Skirt;
  /** On another head, with another guard or collar than the recipe's. */
  readonly choice?: JigChoice;
  readonly pxPerMm: number;
  readonly maxWidthPx: number;
  readonly maxHeightPx?: number;
}

const AT_REST = { is: 'rest' } as const;

/** A recipe drawn small at rest, beside words that say what it is. */
export function SkirtThumb({ skirt, choice, ...size }: SkirtThumbProps) {
  const { view } = useBench();
  const jig = useMemo(() => jigOf(skirt, view, choice), [skirt, view, choice]);
  return jig ? <SkirtDrawing name="" jig={jig} state={AT_REST} view="side" {...size} /> : <span />;
}
