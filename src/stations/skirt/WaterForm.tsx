'use client';

import { wrap } from '@/ui/layout/layout';
import { Button, InputNumber } from 'antd';
import { useId, useState } from 'react';
import { PLAIN_NOTE } from '@/records/water-note';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './board.module.css';
import { inBackground } from '@/station-kit/in-background';

/** What the water said, in a few words and figures. */
export function WaterForm({ skirtId, onDone }: { readonly skirtId: string; readonly onDone: () => void }) {
  const { workshop } = useBench();
  const id = useId();
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
      <FieldShell id={`${id}hours`} label="Hours fished">
        <InputNumber id={`${id}hours`} min={0} max={1000} step={0.5} value={hours} onChange={setHours} />
      </FieldShell>
      <CountField label="Fish" value={fish} onChange={setFish} />
      <CountField label="Lost" value={lost} onChange={setLost} />
      <TextField label="Where" value={place} onChange={setPlace} />
      <TextField label="What was seen" value={note} most={400} onChange={setNote} />
      <span className={wrap(8, styles.hands)}>
        <Button type="primary" size="small" htmlType="submit" disabled={!isReady}>
          Note it
        </Button>
        <Button size="small" onClick={onDone}>
          Leave
        </Button>
      </span>
    </form>
  );
}
