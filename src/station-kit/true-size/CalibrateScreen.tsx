'use client';

import { Button, Slider } from 'antd';
import { useState } from 'react';
import { setPreferences, usePreferences } from '../preferences-store';
import styles from './calibrate.module.css';

/** A bank card, as every bank makes them, mm. */
const CARD_MM = 85.6;

/** The screen's own scale, set by a bank card or a ruler held against it. */
export function CalibrateScreen() {
  const { screenPxPerMm } = usePreferences();
  const [isOpen, setOpen] = useState(false);
  const pxPerMm = screenPxPerMm ?? 96 / 25.4;
  return (
    <div className={styles.calibrate}>
      <p className={screenPxPerMm === null ? styles.mind : 'quiet'}>
        {screenPxPerMm === null
          ? 'This screen was never measured: outlines may be off in size.'
          : 'Outlines are of true size on this screen, as you set it.'}{' '}
        <Button size="small" onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Done' : 'Set by a bank card'}
        </Button>
      </p>
      {isOpen ? (
        <>
          <div className={styles.bankCard} style={{ width: CARD_MM * pxPerMm, height: 53.98 * pxPerMm }}>
            {CARD_MM} mm
          </div>
          <Slider
            ariaLabelForHandle="As wide as the card"
            min={2}
            max={12}
            step={0.01}
            tooltip={{ open: false }}
            value={pxPerMm}
            onChange={(value) => setPreferences({ screenPxPerMm: value })}
          />
          <p className="quiet">
            Hold a bank card, or a ruler, against it and slide until both are equally wide.
          </p>
        </>
      ) : null}
    </div>
  );
}
