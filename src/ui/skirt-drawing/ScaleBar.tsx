'use client';

import { line } from '../layout/layout';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './skirt-drawing.module.css';

/** A round length in the maker's own unit. */
const BAR_MM = { mm: 20, in: 12.7 } as const;

/** How long twenty millimeters, or half an inch, are in the drawing above. */
export function ScaleBar({ pxPerMm }: { readonly pxPerMm: number }) {
  const { length } = useUnits();
  const barMm = BAR_MM[length];
  return (
    <span className={line(6, styles.scaleBar)}>
      <i style={{ width: barMm * pxPerMm }} /> {lengthText(barMm, length)}
    </span>
  );
}
