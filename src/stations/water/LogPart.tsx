'use client';

import { Nothing } from '@/ui/frame/Nothing';
import { depthText, fishText } from '@/text/quantity-text';
import { hasWords } from '@/core/numeric/has-words';
import { dateText, dayText } from '@/text/date-text';
import { Button, Popconfirm } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { numberText } from '@/text/number-text';
import type { WaterNote } from '@/records/water-note';
import { TextField } from '@/ui/unit-field/TextField';
import { massText, temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { colorOf, fishedName } from '@/model/water/things';
import styles from './water.module.css';
import { inBackground } from '@/station-kit/in-background';

const PAGE = 40;

/** Every note, the latest first, found by any word in it. */
export function LogPart({ onFirst }: { readonly onFirst: () => void }) {
  const { view } = useBench();
  const [search, setSearch] = useState('');
  const [most, setMost] = useState(PAGE);
  const found = [...view.waterNotes].reverse().filter((note) => {
    const name = note.of ? `${fishedName(note.of, view)} ${colorOf(note.of, view) ?? ''}` : '';
    const { place, next, clarity, bottom } = note;
    return hasWords(`${name} ${place} ${note.note} ${next} ${clarity ?? ''} ${bottom ?? ''}`, search);
  });
  return (
    <>
      <div className={styles.search}>
        <TextField
          label="Search the notes"
          value={search}
          onChange={setSearch}
          placeholder="place, bait, word"
        />
        <p className="quiet">
          {found.length} of {view.waterNotes.length} notes
        </p>
      </div>
      {found.length > 0 ? null : view.waterNotes.length === 0 ? (
        <Nothing says="No note is written yet." mend="Write a note" onMend={onFirst} />
      ) : (
        <p className="empty">No note says that. Search by fewer words.</p>
      )}
      <ol className={styles.log}>
        {found.slice(0, most).map((note) => (
          <LogLine key={note.id} note={note} />
        ))}
      </ol>
      {found.length > most ? <Button onClick={() => setMost(most + PAGE)}>Show more</Button> : null}
    </>
  );
}

function LogLine({ note }: { readonly note: WaterNote }) {
  const { view, workshop } = useBench();
  const { mass, length, temperature, depth } = useUnits();
  const facts = [
    note.weightG === null ? null : massText(note.weightG, mass),
    note.depthM === null ? null : `${depthText(note.depthM, depth)} deep`,
    note.waterC === null ? null : temperatureText(note.waterC, temperature),
    note.clarity,
    note.level === null ? null : `${note.level} water`,
    note.sky,
    note.bottom,
    note.feel === null ? null : note.feel.replace('-', ' '),
  ].filter((fact) => fact !== null);
  return (
    <li>
      <time dateTime={new Date(note.at).toISOString()}>{dayText(note.at)}</time>
      <div>
        <b>{note.of ? fishedName(note.of, view) : 'not said'}</b> {note.place ? `at ${note.place}` : ''}
        <small>{facts.join(', ')}</small>
        {note.note ? <q>{note.note}</q> : null}
        {note.next ? <small>Next version: {note.next}</small> : null}
        {note.photoIds.map((id) => (
          <NotePicture key={id} id={id} />
        ))}
      </div>
      <p>
        <b>{note.fish}</b> in {numberText(note.hours, 3)} h
        {note.fishMm.length > 0 ? <small>longest {fishText(Math.max(...note.fishMm), length)}</small> : null}
        {note.lost > 0 ? <small className={styles.lost}>{note.lost} lost</small> : null}
      </p>
      <Popconfirm
        title="Take this note away? Undo brings it back."
        okText="Take away"
        onConfirm={() => inBackground(workshop.water.remove(note.id))}
      >
        <Button size="small" type="text" aria-label={`Take away the note of ${dayText(note.at)}`}>
          Take away
        </Button>
      </Popconfirm>
    </li>
  );
}

function NotePicture({ id }: { readonly id: string }) {
  const { workshop } = useBench();
  const photo = useLiveQuery(() => workshop.water.photo(id), [workshop, id]);
  return photo ? <img src={photo.dataUrl} alt={`Taken ${dateText(photo.at)}`} /> : null;
}
