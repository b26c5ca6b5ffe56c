import { headView } from '@/drawing/head-view';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { Lit } from '../materials/Lit';
import { HookShape } from './HookShape';
import type { HeadStyle } from '@/core/cavities/styles/definition';

interface HeadDrawingProps {
  /** Empty where words beside it say it all. */
  readonly name: string;
  readonly style: HeadStyle;
  readonly volumeCm3: number;
  readonly hook: HookDimensions | null;
  /** One scale for all heads on a page, so that they compare. */
  readonly pxPerMm: number;
  readonly maxWidthPx?: number;
}

/** A head on its hook, drawn to scale. */
export function HeadDrawing({ name, style, volumeCm3, hook, pxPerMm, maxWidthPx = 170 }: HeadDrawingProps) {
  const view = headView(style, volumeCm3, hook);
  const [, , width, height] = view.viewBox;
  const scale = Math.min(pxPerMm, maxWidthPx / width);
  return (
    <svg
      role={name ? 'img' : undefined}
      aria-label={name || undefined}
      aria-hidden={name ? undefined : true}
      width={width * scale}
      height={height * scale}
      viewBox={view.viewBox.join(' ')}
    >
      {view.hook ? <HookShape hook={view.hook} /> : null}
      <Lit d={view.body} fill="var(--old-lead)" finish="dull" stroke="var(--ink)" strokeWidth={0.3} />
    </svg>
  );
}
