'use client';

import { NumberField } from '@/ui/unit-field/NumberField';
import { useUnits } from '@/ui/units/use-units';
import { apart, row, stack } from '@/ui/layout/layout';
import { AutoComplete, Button } from 'antd';
import { useId, useMemo, useState } from 'react';
import { readNoteDraft } from '@/records/drafts';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import { useDraft } from '@/station-kit/use-draft';
import { groundOf, newNote, noteProblem, readLengths, type NoteDraft } from './draft-note';
import { LostTo } from './LostTo';
import { NoteConditions } from './NoteConditions';
import { NotePictures } from './NotePictures';
import { NoteSubject } from './NoteSubject';
import { Tally } from '@/ui/water-drawing/Tally';
import { placesOf } from '@/model/water/things';
import styles from './water.module.css';
import { inBackground } from '@/station-kit/in-background';

const LENGTHS_LIKE = { mm: '42, 38 cm, 510 mm', in: '17 1/2, 15 in, 2 ft' } as const;

/** A note in seconds: what, where, how long, fish, losses; the rest where there is time. Kept on this screen until written. */
export function NotePart({ onNoted }: { readonly onNoted: () => void }) {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const id = useId();
  const fallback = useMemo(() => newNote(view), [view]);
  const inHand = useDraft<NoteDraft>('water-note', readNoteDraft, fallback);
  const draft = inHand.draft ?? fallback;
  const set = (change: Partial<NoteDraft>) => inHand.change({ ...draft, ...change });
  const [lengths, setLengths] = useState('');
  const [isPressed, setPressed] = useState(false);
  const [pictures, setPictures] = useState<readonly string[]>([]);
  const read = readLengths(lengths, length);
  const whole = { ...draft, fishMm: read ?? draft.fishMm };
  const problem = read === null ? `Lengths are numbers: ${LENGTHS_LIKE[length]}.` : noteProblem(whole);

  const write = async () => {
    setPressed(true);
    const { hours } = whole;
    if (problem !== null || hours === null) return;
    await workshop.water.note({ ...whole, hours, place: whole.place.trim() }, pictures);
    inHand.begin(null);
    setLengths('');
    setPictures([]);
    setPressed(false);
    onNoted();
  };
  return (
    <form
      className={stack(14, styles.note)}
      aria-label="Note from the water"
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(write());
      }}
    >
      <div className={stack(10, styles.what)}>
        <NoteSubject draft={draft} set={set} />
        <FieldShell id={`${id}place`} label="Where">
          <AutoComplete
            id={`${id}place`}
            style={{ width: '100%' }}
            value={draft.place}
            maxLength={120}
            placeholder="your own name for it"
            options={placesOf(view).map((value) => ({ value }))}
            showSearch={{
              filterOption: (typed, option) =>
                (option?.value ?? '').toLowerCase().includes(typed.toLowerCase()),
            }}
            onChange={(place: string) => set({ place })}
            onSelect={(place: string) => set({ place, ...groundOf(place, view) })}
          />
        </FieldShell>
        <NumberField
          label="Hours"
          problem={isPressed && draft.hours === null ? 'How long? Such as 1.5.' : null}
          most={1000}
          step={0.5}
          value={draft.hours}
          onChange={(hours) => set({ hours })}
        />
      </div>
      <div className={stack(14, styles.tallies)}>
        <Tally label="fish" tone="fish" value={draft.fish} onChange={(fish) => set({ fish })} />
        <Tally
          label="lost"
          tone="lost"
          value={draft.lost}
          onChange={(lost) => set({ lost, lostTo: lost < draft.lost ? [] : draft.lostTo })}
        />
      </div>
      {draft.lost > 0 ? <LostTo draft={draft} set={set} /> : null}
      <NoteConditions draft={draft} set={set} />
      <div className={apart(10, styles.words)}>
        <TextField
          label="Fish lengths"
          value={lengths}
          placeholder={LENGTHS_LIKE[length]}
          onChange={setLengths}
          problem={isPressed && read === null ? problem : null}
        />
        <TextField label="What was seen" value={draft.note} most={400} onChange={(note) => set({ note })} />
        <TextField
          label="For the next version"
          value={draft.next}
          most={400}
          onChange={(next) => set({ next })}
        />
      </div>
      <NotePictures pictures={pictures} onChange={setPictures} />
      <div className={row(16, styles.send)}>
        <Button type="primary" size="large" htmlType="submit">
          Note it
        </Button>
        {isPressed && problem ? <p role="alert">{problem}</p> : null}
      </div>
    </form>
  );
}
