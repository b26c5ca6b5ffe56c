'use client';

import { useLayoutEffect, useMemo, useRef, useState, type RefObject } from 'react';

const taskOf = (target: EventTarget | null): string | null =>
  target instanceof Element ? (target.closest<HTMLElement>('[data-task]')?.dataset.task ?? null) : null;

/** From the end of one piece to the beginning of another, as a soft bend. */
function linkPath(from: DOMRect, to: DOMRect, home: DOMRect): string {
  const [x1, y1] = [from.right - home.left, from.top + from.height / 2 - home.top];
  const [x2, y2] = [to.left - home.left, to.top + to.height / 2 - home.top];
  const bend = Math.max(24, Math.abs(x2 - x1) / 3);
  return `M${x1.toFixed(1)} ${y1.toFixed(1)}C${(x1 + bend).toFixed(1)} ${y1.toFixed(1)} ${(x2 - bend).toFixed(1)} ${y2.toFixed(1)} ${x2.toFixed(1)} ${y2.toFixed(1)}`;
}

/** Lines between a piece and what it waits for and what waits for it: of the one pointed at, the focused, or the picked one. */
export function useLinks(
  board: RefObject<HTMLElement | null>,
  pickedId: string | null,
  links: readonly (readonly [string, string])[],
  drawn: unknown,
) {
  const [pointedId, setPointedId] = useState<string | null>(null);
  const path = useRef<SVGPathElement>(null);
  const id = pointedId ?? pickedId;
  useLayoutEffect(() => {
    const home = board.current?.getBoundingClientRect();
    const pieces = new Map(
      [...(board.current?.querySelectorAll<HTMLElement>('[data-task]') ?? [])].map((piece) => [
        piece.dataset.task ?? '',
        piece,
      ]),
    );
    const lines = links.flatMap(([earlier, later]) => {
      const [from, to] = [pieces.get(earlier), pieces.get(later)];
      return home && from && to && (earlier === id || later === id)
        ? [linkPath(from.getBoundingClientRect(), to.getBoundingClientRect(), home)]
        : [];
    });
    path.current?.setAttribute('d', lines.join(''));
  }, [board, id, links, drawn]);
  const point = useMemo(
    () => ({
      onPointerOver: (event: { target: EventTarget | null }) => setPointedId(taskOf(event.target)),
      onPointerLeave: () => setPointedId(null),
      onFocus: (event: { target: EventTarget | null }) => setPointedId(taskOf(event.target)),
      onBlur: () => setPointedId(null),
    }),
    [],
  );
  return { path, point };
}
