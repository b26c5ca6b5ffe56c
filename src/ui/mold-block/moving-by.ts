import type { KeyboardEvent, PointerEvent } from 'react';

/** A cavity in the hand. */
export interface Drag {
  readonly index: number;
  readonly fromPx: { readonly x: number; readonly y: number };
  readonly byMm: { readonly x: number; readonly y: number };
}

const KEY_STEP_MM = 1;
const ARROWS: Readonly<Record<string, { readonly x: number; readonly y: number }>> = {
  ArrowLeft: { x: -KEY_STEP_MM, y: 0 },
  ArrowRight: { x: KEY_STEP_MM, y: 0 },
  ArrowUp: { x: 0, y: -KEY_STEP_MM },
  ArrowDown: { x: 0, y: KEY_STEP_MM },
};

/** What a cavity needs to be dragged, or moved a millimeter by an arrow key. */
export function movingBy(
  index: number,
  scale: number,
  drag: Drag | null,
  setDrag: (drag: Drag | null) => void,
  onMoved: (byMm: Drag['byMm']) => void,
) {
  return {
    role: 'button',
    tabIndex: 0,
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ index, fromPx: { x: event.clientX, y: event.clientY }, byMm: { x: 0, y: 0 } });
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      if (drag?.index !== index) return;
      const byMm = { x: (event.clientX - drag.fromPx.x) / scale, y: (event.clientY - drag.fromPx.y) / scale };
      setDrag({ ...drag, byMm });
    },
    onPointerUp: () => {
      if (drag?.index === index && Math.hypot(drag.byMm.x, drag.byMm.y) > 0.3) onMoved(drag.byMm);
      setDrag(null);
    },
    onPointerCancel: () => setDrag(null),
    onKeyDown: (event: KeyboardEvent) => {
      const step = ARROWS[event.key];
      if (!step) return;
      event.preventDefault();
      onMoved(step);
    },
  };
}
