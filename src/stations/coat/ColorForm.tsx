'use client';

import { Button, Checkbox, ColorPicker, Segmented, Select, Slider } from 'antd';
import { useId, useState } from 'react';
import type { PowderBin } from '@/records/bin';
import { TONE_PLACES } from '@/records/coat';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { lookOf } from '@/station-kit/looks/coat-look';
import { useBench } from '@/station-kit/BenchProvider';
import { ColorVerdicts } from './ColorVerdicts';
import { SWATCH_HEAD, type DraftCoat } from './draft-coat';
import styles from './colors.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ColorFormProps {
  readonly coat: DraftCoat;
  readonly onSaved: (id: string) => void;
  readonly onLeave: () => void;
}

const PLACE_WORDS = { back: 'Back', belly: 'Belly', nose: 'Nose', tail: 'Tail' } as const;
const EYE = { hex: '#1a1a1a', ringHex: '#e4c04a' };
const SECOND_SHARE = 0.4;

/** A recipe of color: base, second tone, clear, eye; drawn as it is chosen, with what it may go on. */
export function ColorForm({ coat, onSaved, onLeave }: ColorFormProps) {
  const { view, workshop } = useBench();
  const id = useId();
  const [draft, setDraft] = useState(coat);
  const set = (change: Partial<DraftCoat>) => setDraft({ ...draft, ...change });
  const powders = view.bins.filter((bin): bin is PowderBin => bin.kind === 'powder');
  const options = powders.map((bin) => ({
    value: bin.id,
    label: bin.name.replace(/^Powder, /, ''),
    hex: bin.hex,
  }));
  const clears = powders.filter(({ finish }) => finish === 'clear');
  const isChanged = draft !== coat || draft.id === null;
  const nameProblem =
    isChanged && draft.name.trim() === ''
      ? 'Give it a name, such as Reed shiner.'
      : view.coats.some((each) => each.id !== draft.id && !each.retired && each.name === draft.name.trim())
        ? `There is a color ${draft.name.trim()} already. Call this one otherwise.`
        : null;
  const save = async () => {
    if (nameProblem) return;
    onSaved(await workshop.coats.save({ ...draft, name: draft.name.trim() }));
  };
  const powderSelect = (label: string, value: string | null, onChange: (next: string) => void) => (
    <Select
      aria-label={label}
      value={value}
      style={{ width: '100%' }}
      options={options}
      optionRender={(option) => (
        <span className={styles.option}>
          <i style={{ background: String(option.data.hex) }} /> {option.label}
        </span>
      )}
      onChange={onChange}
    />
  );
  return (
    <form
      className={styles.form}
      aria-label={draft.id === null ? 'New color' : draft.name}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(save());
      }}
    >
      <div className={styles.big}>
        <CoatSwatch
          name={`${draft.name || 'New color'} on a head`}
          head={SWATCH_HEAD}
          look={lookOf(draft, view)}
          view={view}
          pxPerMm={8}
          maxWidthPx={330}
        />
      </div>
      <TextField
        label="Called"
        value={draft.name}
        most={80}
        placeholder="Reed shiner"
        problem={nameProblem}
        onChange={(name) => set({ name })}
      />
      <FieldShell id={`${id}kind`} label="Hardens">
        <Segmented<'powder' | 'air'>
          id={`${id}kind`}
          block
          value={draft.base.kind}
          options={[
            { value: 'powder', label: 'Powder, in the oven' },
            { value: 'air', label: 'Paint, in the air' },
          ]}
          onChange={(kind) =>
            set(
              kind === 'air'
                ? {
                    base: { kind, paint: 'Air-dry paint', hex: lookOf(draft, view).base.hex },
                    second: null,
                    clearBinId: null,
                  }
                : { base: { kind, powderBinId: powders[0]?.id ?? '' } },
            )
          }
        />
      </FieldShell>
      {draft.base.kind === 'powder' ? (
        <FieldShell id={`${id}base`} label="Base">
          {powderSelect('Base', draft.base.powderBinId, (powderBinId) =>
            set({ base: { kind: 'powder', powderBinId } }),
          )}
        </FieldShell>
      ) : (
        <div className={styles.pair}>
          <TextField
            label="Paint"
            value={draft.base.paint}
            most={80}
            onChange={(paint) => draft.base.kind === 'air' && set({ base: { ...draft.base, paint } })}
          />
          <FieldShell id={`${id}hex`} label="Color">
            <ColorPicker
              value={draft.base.hex}
              disabledAlpha
              showText
              onChangeComplete={(color) =>
                draft.base.kind === 'air' &&
                set({ base: { ...draft.base, hex: color.toHexString().slice(0, 7) } })
              }
            />
          </FieldShell>
        </div>
      )}
      {draft.base.kind === 'powder' ? (
        <>
          <Checkbox
            checked={draft.second !== null}
            onChange={({ target }) =>
              set({
                second: target.checked
                  ? { powderBinId: powders[0]?.id ?? '', place: 'back', share: SECOND_SHARE }
                  : null,
              })
            }
          >
            A second tone
          </Checkbox>
          {draft.second ? (
            <div className={styles.second}>
              {powderSelect(
                'Second tone',
                draft.second.powderBinId,
                (powderBinId) => draft.second && set({ second: { ...draft.second, powderBinId } }),
              )}
              <Segmented
                aria-label="Where the second tone goes"
                value={draft.second.place}
                options={TONE_PLACES.map((place) => ({ value: place, label: PLACE_WORDS[place] }))}
                onChange={(place) => draft.second && set({ second: { ...draft.second, place } })}
              />
              <Slider
                ariaLabelForHandle="How much of the side"
                min={10}
                max={80}
                step={5}
                value={Math.round(draft.second.share * 100)}
                tooltip={{ formatter: (value) => `${value} % of the side` }}
                onChange={(value) => draft.second && set({ second: { ...draft.second, share: value / 100 } })}
              />
            </div>
          ) : null}
          <Checkbox
            checked={draft.clearBinId !== null}
            disabled={clears.length === 0}
            onChange={({ target }) => set({ clearBinId: target.checked ? (clears[0]?.id ?? null) : null })}
          >
            Clear over all{clears.length === 0 ? ' (no clear powder on the shelf)' : ''}
          </Checkbox>
        </>
      ) : null}
      <Checkbox
        checked={draft.eye !== null}
        onChange={({ target }) => set({ eye: target.checked ? EYE : null })}
      >
        Eyes, painted on after
      </Checkbox>
      {draft.eye ? (
        <span className={styles.eyes}>
          <ColorPicker
            value={draft.eye.hex}
            disabledAlpha
            onChangeComplete={(color) =>
              draft.eye && set({ eye: { ...draft.eye, hex: color.toHexString().slice(0, 7) } })
            }
          />
          <Checkbox
            checked={draft.eye.ringHex !== null}
            onChange={({ target }) =>
              draft.eye && set({ eye: { ...draft.eye, ringHex: target.checked ? EYE.ringHex : null } })
            }
          >
            ring
          </Checkbox>
          {draft.eye.ringHex ? (
            <ColorPicker
              value={draft.eye.ringHex}
              disabledAlpha
              onChangeComplete={(color) =>
                draft.eye && set({ eye: { ...draft.eye, ringHex: color.toHexString().slice(0, 7) } })
              }
            />
          ) : null}
        </span>
      ) : null}
      <TextField label="Note" value={draft.note} most={200} onChange={(note) => set({ note })} />
      <ColorVerdicts coat={draft} />
      <div className={styles.foot}>
        {draft.id === null ? (
          <Button onClick={onLeave}>Leave</Button>
        ) : (
          <Button
            onClick={async () => {
              await workshop.coats.save({ ...draft, retired: true });
              onLeave();
            }}
          >
            Put away
          </Button>
        )}
        <Button type="primary" htmlType="submit" disabled={!isChanged || nameProblem !== null}>
          {draft.id === null ? 'Keep this color' : 'Change it'}
        </Button>
      </div>
    </form>
  );
}
