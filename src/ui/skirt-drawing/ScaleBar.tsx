'use client';

import { line } from '../layout/layout';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './skirt-drawing.module.css';

const BAR_MM = 20;

/** How long twenty millimeters are in the drawing above. */
export function ScaleBar({ pxPerMm }: { readonly pxPerMm: number }) {
  const { length } = useUnits();
  return (
    <span className={line(6, styles.scaleBar)}>
      <i style={{ width: BAR_MM * pxPerMm }} /> {lengthText(BAR_MM, length)}
    </span>
  );
}
