'use client';

import { NumberField } from '@/ui/unit-field/NumberField';
import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { PLAIN_NOTE } from '@/records/water-note';
import { CountField } from '@/ui/unit-field/CountField';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './board.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Notes from the water, in a few words and figures. */
export function WaterForm({ skirtId, onDone }: { readonly skirtId: string; readonly onDone: () => void }) {
  const { workshop } = useBench();
  const [hours, setHours] = useState<number | null>(null);
  const [fish, setFish] = useState<number | null>(0);
  const [lost, setLost] = useState<number | null>(0);
  const [place, setPlace] = useState('');
  const [note, setNote] = useState('');
  const isReady = hours !== null && fish !== null && lost !== null;
  return (
    <form
      className={styles.waterForm}
      aria-label="Note from the water"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isReady) return;
        const said = { hours, fish, lost, place: place.trim(), note: note.trim() };
        inBackground(
          workshop.water.note({ ...PLAIN_NOTE, ...said, of: { kind: 'skirt', id: skirtId } }).then(onDone),
        );
      }}
    >
      <NumberField label="Hours fished" most={1000} step={0.5} value={hours} onChange={setHours} />
      <CountField label="Fish" value={fish} onChange={setFish} />
      <CountField label="Lost" value={lost} onChange={setLost} />
      <TextField label="Where" value={place} onChange={setPlace} />
      <TextField label="What was seen" value={note} most={400} onChange={setNote} />
      <span className={wrap(8, styles.hands)}>
        <Button type="primary" size="small" htmlType="submit" disabled={!isReady}>
          Note it
        </Button>
        <Button size="small" onClick={onDone}>
          Cancel
        </Button>
      </span>
    </form>
  );
}
