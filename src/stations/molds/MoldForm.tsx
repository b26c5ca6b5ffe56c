'use client';

import { stack } from '@/ui/layout/layout';
import { DeleteOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useId, useState } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import type { Mold } from '@/records/mold';
import { pouredMetal } from '@/reference/poured-metal';
import { DrilledFields } from '@/ui/mold-design/DrilledFields';
import { InsertFields } from './InsertFields';
import { PouringFields } from './PouringFields';
import { SlotFields } from './SlotFields';
import { SpinFields, USUAL_SPIN } from '@/ui/mold-block/SpinFields';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { numberText } from '@/text/number-text';
import { MassField } from '@/ui/unit-field/MassField';
import { markText, durationText } from '@/text/words';
import { guessVolume } from '@/model/molds/guess-volume';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import {
  blankMold,
  nextCavity,
  findMoldProblems,
  readHookSizes,
  toMold,
  withKind,
  type DraftCavity,
  type DraftMold,
  type MoldProblems,
} from './mold-draft';
import styles from './molds.module.css';
import { inBackground } from '@/station-kit/in-background';

/** A block's own facts, and a row a cavity. */
export function MoldForm(props: { mold: Mold | null; onClose: () => void; onSaved: (id: string) => void }) {
  const { workshop } = useBench();
  const [draft, setDraft] = useState<DraftMold>(() => props.mold ?? blankMold());
  const [isPressed, setIsPressed] = useState(false);
  const id = useId();
  const problems = findMoldProblems(draft);
  const told = (problem: string | null | undefined) => (isPressed ? (problem ?? null) : null);
  const set = (change: Partial<DraftMold>) => setDraft({ ...draft, ...change });
  const setCavity = (index: number, change: Partial<DraftCavity>) =>
    set({ cavities: draft.cavities.map((each, at) => (at === index ? { ...each, ...change } : each)) });
  const save = async () => {
    setIsPressed(true);
    const mold = toMold(draft);
    if (!mold) return;
    props.onSaved(await workshop.molds.save(mold));
    props.onClose();
  };
  return (
    <Dialog
      open
      title={props.mold ? `Change ${props.mold.name}` : 'New block'}
      width={820}
      onCancel={props.onClose}
      onOk={() => inBackground(save())}
      okText="Save block"
    >
      <div className={styles.formGrid}>
        <TextField
          label="Name"
          problem={told(problems.name)}
          value={draft.name}
          onChange={(text) => set({ name: text })}
        />
        <TextField label="Where it lies" value={draft.place} onChange={(text) => set({ place: text })} />
        <FieldShell id={`${id}kind`} label="Kind">
          <Segmented<Mold['kind']>
            id={`${id}kind`}
            block
            value={draft.kind}
            options={[
              { value: 'bar', label: 'Bar' },
              { value: 'spun', label: 'Disc' },
              { value: 'frame', label: 'Frame' },
              { value: 'board', label: 'Board' },
            ]}
            onChange={(kind) =>
              set({ ...withKind(draft, kind), spin: kind === 'spun' ? (draft.spin ?? USUAL_SPIN) : null })
            }
          />
        </FieldShell>
        <UnitField
          label="A pour takes"
          quantity="duration"
          assume="s"
          value={draft.secondsPerPour}
          write={(s) => `${numberText(s)} s`}
          onChange={(secondsPerPour) => set({ secondsPerPour })}
          problem={told(problems.secondsPerPour)}
        />
        <UnitField
          label="To set up and warm"
          quantity="duration"
          assume="min"
          value={draft.setupSeconds}
          write={durationText}
          onChange={(setupSeconds) => set({ setupSeconds })}
          problem={told(problems.setupSeconds)}
        />
        <MassField
          label="Sprue of a pour"
          value={draft.spruePerPourG}
          onChange={(spruePerPourG) => set({ spruePerPourG })}
          problem={told(problems.spruePerPourG)}
        />
      </div>
      <PouringFields draft={draft} onChange={set} />
      {draft.spin ? <SpinFields spin={draft.spin} onChange={(spin) => set({ spin })} /> : null}
      {draft.cavities.map((cavity, index) => (
        <CavityRow
          key={index}
          index={index}
          cavity={cavity}
          kind={draft.kind}
          problems={{ ...problems.cavities[index], isTold: isPressed }}
          onChange={(change) => setCavity(index, change)}
          onRemove={
            draft.cavities.length === 1
              ? null
              : () => set({ cavities: draft.cavities.filter((_, at) => at !== index) })
          }
        />
      ))}
      <Button onClick={() => set({ cavities: [...draft.cavities, nextCavity(draft)] })}>+ cavity</Button>
    </Dialog>
  );
}

interface CavityRowProps {
  readonly index: number;
  readonly cavity: DraftCavity;
  readonly kind: Mold['kind'];
  /** What is wrong with it; what was not filled in yet is told once the block was to be saved. */
  readonly problems: Partial<MoldProblems['cavities'][number]> & { readonly isTold: boolean };
  readonly onChange: (change: Partial<DraftCavity>) => void;
  /** Null for the last one left. */
  readonly onRemove: (() => void) | null;
}

/** A cavity: its head, its mark, the hooks it takes, what it holds. */
function CavityRow({ index, cavity, kind, problems, onChange, onRemove }: CavityRowProps) {
  const { mass } = useUnits();
  const id = useId();
  const told = (problem: string | null | undefined) => (problems.isTold ? (problem ?? null) : null);
  return (
    <fieldset className={stack(10, styles.cavityRow)}>
      <legend className="unseen">Cavity {index + 1}</legend>
      <span className={styles.cavityNo}>{index + 1}</span>
      <FieldShell id={`${id}style${index}`} label="Head">
        <Select
          id={`${id}style${index}`}
          value={cavity.style}
          style={{ width: '100%' }}
          options={HEAD_STYLES.map((style) => ({ value: style.key, label: style.name }))}
          onChange={(style) =>
            onChange({
              style,
              hookShare: findStyle(style)?.hookShare ?? 0,
              hookSizes: findStyle(style)?.isHooked ? cavity.hookSizes : [],
            })
          }
        />
      </FieldShell>
      <MassField
        label="Marked"
        value={cavity.nominalG}
        write={(g) => markText(g, mass)}
        onChange={(nominalG) =>
          onChange({
            nominalG,
            ...(cavity.volumeBasis === 'guess'
              ? { volumeCm3: nominalG === null ? null : guessVolume({ nominalG }) }
              : {}),
          })
        }
        problem={told(problems.nominalG)}
      />
      <FieldShell id={`${id}hooks${index}`} label="Hooks it takes" problem={problems.hookSizes ?? null}>
        <Select
          id={`${id}hooks${index}`}
          mode="tags"
          value={cavity.hookSizes}
          disabled={!findStyle(cavity.style)?.isHooked}
          placeholder={findStyle(cavity.style)?.isHooked ? '2/0, 3/0' : 'none'}
          style={{ width: '100%' }}
          tokenSeparators={[',', ' ']}
          open={false}
          suffixIcon={null}
          onChange={(sizes: string[]) => onChange({ hookSizes: readHookSizes(sizes) })}
        />
      </FieldShell>
      <QuantityField
        label="Cavity volume"
        of="room"
        value={cavity.volumeCm3}
        least={0.001}
        most={2000}
        onChange={(volumeCm3) => onChange({ volumeCm3, volumeBasis: 'weighed', standardErrorCm3: null })}
        hint={cavity.volumeBasis === 'guess' ? 'a guess from the mark, in soft lead' : undefined}
        problem={told(problems.volumeCm3)}
      />
      {kind === 'board' ? (
        <div className={stack(10, styles.cavityMore)}>
          <DrilledFields
            onDrilled={(volumeCm3) =>
              onChange({
                volumeCm3,
                nominalG: volumeCm3 * pouredMetal('soft-lead').gPerCm3,
                volumeBasis: 'guess',
              })
            }
          />
        </div>
      ) : null}
      {findStyle(cavity.style)?.isHooked ? (
        <div className={stack(10, styles.cavityMore)}>
          <SlotFields cavity={cavity} onChange={onChange} />
        </div>
      ) : null}
      <InsertFields index={index} isFrame={kind === 'frame'} cavity={cavity} onChange={onChange} />
      <Button
        type="text"
        icon={<DeleteOutlined />}
        aria-label={`Remove cavity ${index + 1}`}
        disabled={onRemove === null}
        className={styles.removeCavity}
        onClick={() => onRemove?.()}
      />
    </fieldset>
  );
}
