'use client';

import { useNotice } from '@/station-kit/use-notice';
import { AutoComplete, Button, InputNumber, Select } from 'antd';
import { useId, useMemo, useRef, useState } from 'react';
import { BOTTOMS, CLARITIES, FEELS, LOSSES, SKIES, WATER_LEVELS } from '@/records/water-note';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { codeIn, keepsakeOf } from '@/station-kit/photo/pictures';
import { MassField } from '@/station-kit/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { useDraftBench } from '@/station-kit/use-draft-bench';
import { ChipRow } from './ChipRow';
import { groundOf, newNote, noteProblem, readLengths, type NoteDraft } from './draft-note';
import { Tally } from './Tally';
import { fishableThings, keyOf, placesOf, readCode } from './things';
import styles from './water.module.css';
import { inBackground } from '@/station-kit/in-background';

const readNote = (kept: unknown): NoteDraft | null =>
  typeof kept === 'object' && kept !== null && 'hours' in kept && 'lostTo' in kept && 'place' in kept
    ? (kept as NoteDraft)
    : null;

const MEASURES = [
  ['depthM', 'Depth, m', 0, 500, 0.5],
  ['waterC', 'Water, °C', -3, 45, 0.5],
  ['currentMs', 'Current, m/s', 0, 10, 0.1],
  ['castM', 'Cast, m', 0, 300, 1],
  ['lineMm', 'Line, mm', 0.05, 5, 0.01],
] as const;
const MOST_PHOTOS = 6;

/** A note in seconds: what, where, how long, fish, losses; the rest where there is time. Kept on this screen until written. */
export function NotePart({ onNoted }: { readonly onNoted: () => void }) {
  const { view, workshop } = useBench();
  const notice = useNotice();
  const id = useId();
  const fallback = useMemo(() => newNote(view), [view]);
  const bench = useDraftBench<NoteDraft>('water-note', readNote, fallback);
  const draft = bench.draft ?? fallback;
  const set = (change: Partial<NoteDraft>) => bench.change({ ...draft, ...change });
  const [lengths, setLengths] = useState('');
  const [isPressed, setPressed] = useState(false);
  const [pictures, setPictures] = useState<readonly string[]>([]);
  const codeRef = useRef<HTMLInputElement>(null);
  const pictureRef = useRef<HTMLInputElement>(null);
  const things = useMemo(() => fishableThings(view), [view]);
  const groups = ['Baits', 'Heads', 'Rigs', 'Skirts'] as const;
  const read = readLengths(lengths);
  const whole = { ...draft, fishMm: read ?? draft.fishMm };
  const problem = read === null ? 'Lengths are numbers: 42, 510 mm, 38 cm.' : noteProblem(whole);

  const choose = (key: string) => {
    const thing = things.find(({ of }) => keyOf(of) === key);
    if (thing) set({ of: thing.of, weightG: thing.weightG ?? draft.weightG });
  };
  const scan = async (file: File | undefined) => {
    if (!file) return;
    const code = await codeIn(file);
    const of = code === null ? null : readCode(code, view);
    if (of) choose(keyOf(of));
    else notice.warning('No code of this bench in that picture. Hold the label flat and fill the frame.');
  };
  const addPicture = async (file: File | undefined) => {
    if (!file) return;
    const kept = await keepsakeOf(file);
    if (kept) setPictures([...pictures, kept]);
    else notice.warning('That file is no picture this device can read.');
  };
  const write = async () => {
    setPressed(true);
    const { hours } = whole;
    if (problem !== null || hours === null) return;
    await workshop.water.note({ ...whole, hours, place: whole.place.trim() }, pictures);
    bench.begin(null);
    setLengths('');
    setPictures([]);
    setPressed(false);
    onNoted();
  };
  return (
    <form
      className={styles.note}
      aria-label="Note from the water"
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(write());
      }}
    >
      <div className={styles.what}>
        <FieldShell id={`${id}of`} label="On the line">
          <Select
            id={`${id}of`}
            style={{ width: '100%' }}
            showSearch={{ optionFilterProp: 'label' }}
            value={draft.of ? keyOf(draft.of) : null}
            placeholder="What was fished"
            options={groups
              .map((group) => ({
                label: group,
                options: things
                  .filter((thing) => thing.group === group)
                  .map(({ of, name }) => ({ value: keyOf(of), label: name })),
              }))
              .filter(({ options }) => options.length > 0)}
            onChange={choose}
          />
        </FieldShell>
        <Button onClick={() => codeRef.current?.click()}>Read its bag</Button>
        <input
          ref={codeRef}
          className="unseen"
          type="file"
          accept="image/*"
          capture="environment"
          aria-label="Picture of a bag label"
          tabIndex={-1}
          onChange={(event) => {
            inBackground(scan(event.target.files?.[0]));
            event.target.value = '';
          }}
        />
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
        <FieldShell
          id={`${id}hours`}
          label="Hours"
          problem={isPressed && draft.hours === null ? 'How long? Such as 1.5.' : null}
        >
          <InputNumber
            id={`${id}hours`}
            min={0}
            max={1000}
            step={0.5}
            value={draft.hours}
            onChange={(hours) => set({ hours })}
          />
        </FieldShell>
      </div>
      <div className={styles.tallies}>
        <Tally label="fish" tone="fish" value={draft.fish} onChange={(fish) => set({ fish })} />
        <Tally
          label="lost"
          tone="lost"
          value={draft.lost}
          onChange={(lost) => set({ lost, lostTo: lost < draft.lost ? [] : draft.lostTo })}
        />
      </div>
      {draft.lost > 0 ? (
        <div className={styles.chips} role="group" aria-label="Lost to">
          <span>lost to</span>
          {LOSSES.map((how) => {
            const count = draft.lostTo.find((each) => each.how === how)?.count ?? 0;
            const others = draft.lostTo.filter((each) => each.how !== how);
            const told = draft.lostTo.reduce((so, each) => so + each.count, 0);
            const next = told < draft.lost ? count + 1 : 0;
            return (
              <button
                key={how}
                type="button"
                aria-pressed={count > 0}
                onClick={() => set({ lostTo: next > 0 ? [...others, { how, count: next }] : others })}
              >
                {how}
                {count > 0 ? ` ${count}` : ''}
              </button>
            );
          })}
        </div>
      ) : null}
      <ChipRow label="weight felt" options={FEELS} value={draft.feel} onChange={(feel) => set({ feel })} />
      <ChipRow label="bottom" options={BOTTOMS} value={draft.bottom} onChange={(bottom) => set({ bottom })} />
      <ChipRow
        label="water"
        options={CLARITIES}
        value={draft.clarity}
        onChange={(clarity) => set({ clarity })}
      />
      <ChipRow
        label="level"
        options={WATER_LEVELS}
        value={draft.level}
        onChange={(level) => set({ level })}
      />
      <ChipRow label="sky" options={SKIES} value={draft.sky} onChange={(sky) => set({ sky })} />
      <div className={styles.measures}>
        <MassField label="Weight" value={draft.weightG} onChange={(weightG) => set({ weightG })} />
        {MEASURES.map(([key, label, min, max, step]) => (
          <FieldShell key={key} id={`${id}${key}`} label={label}>
            <InputNumber
              id={`${id}${key}`}
              {...{ min, max, step }}
              value={draft[key]}
              onChange={(next) => set({ [key]: next })}
            />
          </FieldShell>
        ))}
      </div>
      <div className={styles.words}>
        <TextField
          label="Fish lengths"
          value={lengths}
          placeholder="42, 38 cm, 510 mm"
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
      <div className={styles.pictures}>
        {pictures.map((picture, nth) => (
          <button
            key={picture.slice(-40)}
            type="button"
            aria-label={`Picture ${nth + 1}, take away`}
            onClick={() => setPictures(pictures.filter((each) => each !== picture))}
          >
            <img src={picture} alt="" />
          </button>
        ))}
        {pictures.length < MOST_PHOTOS ? (
          <Button onClick={() => pictureRef.current?.click()}>Add a picture</Button>
        ) : null}
        <input
          ref={pictureRef}
          className="unseen"
          type="file"
          accept="image/*"
          aria-label="Picture from the water"
          tabIndex={-1}
          onChange={(event) => {
            inBackground(addPicture(event.target.files?.[0]));
            event.target.value = '';
          }}
        />
      </div>
      <div className={styles.send}>
        <Button type="primary" size="large" htmlType="submit">
          Note it
        </Button>
        {isPressed && problem ? <p role="alert">{problem}</p> : null}
      </div>
    </form>
  );
}
