'use client';

import { stack } from '@/ui/layout/layout';
import { DeleteOutlined } from '@ant-design/icons';
import { Button, Modal, Segmented, Select } from 'antd';
import { useId, useState } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import type { Mold } from '@/records/mold';
import { InsertFields } from './InsertFields';
import { PouringFields } from './PouringFields';
import { SpinFields, USUAL_SPIN } from '@/ui/mold-block/SpinFields';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { numberText } from '@/text/number-text';
import { MassField } from '@/ui/unit-field/MassField';
import { markText, minutesText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import {
  blankMold,
  nextCavity,
  findMoldProblems,
  guessVolume,
  readHookSizes,
  toMold,
  type DraftCavity,
  type DraftMold,
} from './mold-draft';
import styles from './molds.module.css';
import { inBackground } from '@/station-kit/in-background';

/** A block's own facts, and a row a cavity. */
export function MoldForm(props: { mold: Mold | null; onClose: () => void; onSaved: (id: string) => void }) {
  const { workshop } = useBench();
  const { mass } = useUnits();
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
    <Modal
      open
      title={props.mold ? `Change ${props.mold.name}` : 'New block'}
      width={820}
      onCancel={props.onClose}
      onOk={() => inBackground(save())}
      okText="Save block"
      cancelText="Leave"
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
            onChange={(kind) => set({ kind, spin: kind === 'spun' ? (draft.spin ?? USUAL_SPIN) : null })}
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
          write={minutesText}
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
        <fieldset key={index} className={stack(10, styles.cavityRow)}>
          <legend className="unseen">Cavity {index + 1}</legend>
          <span className={styles.cavityNo}>{index + 1}</span>
          <FieldShell id={`${id}style${index}`} label="Head">
            <Select
              id={`${id}style${index}`}
              value={cavity.style}
              style={{ width: '100%' }}
              options={HEAD_STYLES.map((style) => ({ value: style.key, label: style.name }))}
              onChange={(style) =>
                setCavity(index, {
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
              setCavity(index, {
                nominalG,
                ...(cavity.volumeBasis === 'guess'
                  ? { volumeCm3: nominalG === null ? null : guessVolume(nominalG) }
                  : {}),
              })
            }
            problem={told(problems.cavities[index]?.nominalG)}
          />
          <FieldShell
            id={`${id}hooks${index}`}
            label="Hooks it takes"
            problem={problems.cavities[index]?.hookSizes ?? null}
          >
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
              onChange={(sizes: string[]) => setCavity(index, { hookSizes: readHookSizes(sizes) })}
            />
          </FieldShell>
          <UnitField
            label="Cavity volume"
            quantity="volume"
            assume="cm3"
            value={cavity.volumeCm3}
            write={(cm3) => `${numberText(cm3, 4)} cm3`}
            onChange={(volumeCm3) =>
              setCavity(index, { volumeCm3, volumeBasis: 'weighed', standardErrorCm3: null })
            }
            hint={cavity.volumeBasis === 'guess' ? 'a guess from the mark, in soft lead' : undefined}
            problem={told(problems.cavities[index]?.volumeCm3)}
          />
          <InsertFields
            index={index}
            isFrame={draft.kind === 'frame'}
            cavity={cavity}
            onChange={(change) => setCavity(index, change)}
          />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={`Remove cavity ${index + 1}`}
            disabled={draft.cavities.length === 1}
            className={styles.removeCavity}
            onClick={() => set({ cavities: draft.cavities.filter((_, at) => at !== index) })}
          />
        </fieldset>
      ))}
      <Button onClick={() => set({ cavities: [...draft.cavities, nextCavity(draft)] })}>+ cavity</Button>
    </Modal>
  );
}
