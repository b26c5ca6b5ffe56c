'use client';

import { CoatedHead, type CoatLook } from '@/ui/head-drawing/CoatedHead';
import type { BenchView } from '@/model/bench/bench-view';
import { viewOf } from './head-view-of';
import type { HeadOf } from '@/model/heads/head-facts';

interface CoatSwatchProps {
  readonly name: string;
  readonly head: HeadOf;
  readonly look: CoatLook | null;
  readonly view: Pick<BenchView, 'molds' | 'hooks' | 'metals'>;
  readonly pxPerMm: number;
  readonly maxWidthPx?: number;
}

/** A head drawn to scale in a color. */
export function CoatSwatch({ name, head, look, view, pxPerMm, maxWidthPx = 170 }: CoatSwatchProps) {
  const drawn = viewOf(head, view);
  if (!drawn) return null;
  const [, , width, height] = drawn.viewBox;
  const scale = Math.min(pxPerMm, maxWidthPx / width);
  return (
    <svg
      role={name ? 'img' : undefined}
      aria-label={name || undefined}
      aria-hidden={name ? undefined : true}
      width={width * scale}
      height={height * scale}
      viewBox={drawn.viewBox.join(' ')}
    >
      <CoatedHead view={drawn} look={look} />
    </svg>
  );
}
