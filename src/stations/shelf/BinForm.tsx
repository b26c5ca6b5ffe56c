'use client';

import { KindChange } from '@/station-kit/put-down/KindChange';
import { AmountField } from '@/station-kit/put-down/AmountField';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useRef, useState } from 'react';
import type { Bin, PartBin } from '@/records/bin';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { keepsakeOf } from '@/station-kit/photo/pictures';
import { useBench } from '@/station-kit/BenchProvider';
import { KEPT_APART, measuredAs, type KeptApart } from '@/model/stock/kept-apart';
import styles from './shelf.module.css';
import { inBackground } from '@/station-kit/in-background';

/** What a bin says of itself: name, place and drawer, when it is low and how far it is filled, its picture. */
export function BinForm({ bin, onClose }: { readonly bin: Bin; readonly onClose: () => void }) {
  const { view, workshop } = useBench();
  const id = useId();
  const chooser = useRef<HTMLInputElement>(null);
  const [name, setName] = useState(bin.name);
  const [place, setPlace] = useState(bin.place);
  const [note, setNote] = useState(bin.note);
  const [drawerId, setDrawerId] = useState(bin.drawerId);
  const [lowAt, setLowAt] = useState(bin.lowAt);
  const [fillTo, setFillTo] = useState(bin.fillTo);
  const [keepApart, setKeepApart] = useState(bin.kind === 'part' ? bin.keepApart : null);
  const [asKind, setAsKind] = useState<Partial<PartBin>>({});
  const [photoProblem, setPhotoProblem] = useState<string | null>(null);
  const nameProblem = name.trim() === '' ? 'Give it a name.' : null;
  const fillProblem =
    fillTo !== null && lowAt !== null && fillTo <= lowAt ? 'Fill it to more than where it is low.' : null;
  const save = async () => {
    if (nameProblem || fillProblem) return;
    const common = { name: name.trim(), place: place.trim(), note: note.trim(), drawerId, lowAt, fillTo };
    // What was said of it elsewhere meanwhile, as a picture, is not to be lost.
    const now = view.binById.get(bin.id) ?? bin;
    await workshop.shelf.edit(
      now.kind === 'part' ? { ...now, ...common, ...asKind, keepApart } : { ...now, ...common },
    );
    onClose();
  };
  const photograph = async (file: File) => {
    const kept = await keepsakeOf(file);
    setPhotoProblem(
      kept ? null : `${file.name} is no picture this browser can read. A JPEG or PNG would do.`,
    );
    if (kept) await workshop.cabinet.photograph(bin.id, kept);
  };
  const hasPhoto = (view.binById.get(bin.id) ?? bin).photoId !== null;
  const unit = { unit: bin.unit, isDivided: bin.kind === 'strand', isOptional: true } as const;
  return (
    <Dialog
      open
      title={bin.name}
      width={460}
      okText="Save"
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div className={stack(10)}>
        <TextField label="Name" value={name} onChange={setName} problem={nameProblem} />
        <TextField label="Where it lies" value={place} onChange={setPlace} />
        <ChoiceField
          label="Drawer"
          value={drawerId}
          none="in no drawer"
          options={view.drawers.map((drawer) => ({ value: drawer.id, label: drawer.name }))}
          onChange={setDrawerId}
        />
        <div className={stack(10, styles.pair)}>
          <AmountField {...unit} label="Low at" value={lowAt} onChange={setLowAt} />
          <AmountField
            {...unit}
            label="Fill up to"
            value={fillTo}
            onChange={setFillTo}
            problem={fillProblem}
          />
        </div>
        {bin.kind === 'part' ? <KindChange bin={{ ...bin, ...asKind }} onChange={setAsKind} /> : null}
        {bin.kind === 'part' ? (
          <ChoiceField
            label="To be kept apart as"
            value={keepApart}
            none={measuredAs(bin)}
            options={KEPT_APART}
            onChange={(next) => setKeepApart(next as KeptApart | null)}
          />
        ) : null}
        <TextField label="Note" value={note} most={200} onChange={setNote} />
        <FieldShell id={`${id}photo`} label="Picture" problem={photoProblem}>
          <div className={styles.photoRow}>
            <Button onClick={() => chooser.current?.click()}>
              {hasPhoto ? 'Another picture' : 'Take a picture'}
            </Button>
            {hasPhoto ? (
              <Button onClick={() => inBackground(workshop.cabinet.photograph(bin.id, null))}>
                Take it away
              </Button>
            ) : null}
          </div>
          <input
            ref={chooser}
            id={`${id}photo`}
            type="file"
            accept="image/*"
            capture="environment"
            className="unseen"
            tabIndex={-1}
            aria-label={`Picture of ${bin.name}`}
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) inBackground(photograph(file));
            }}
          />
        </FieldShell>
      </div>
    </Dialog>
  );
}
