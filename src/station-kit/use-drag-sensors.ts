'use client';

import { MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';

/** Dragging by mouse and finger. A press that does not move is a tap on the thing, not a drag. */
export function useDragSensors() {
  return useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  );
}
