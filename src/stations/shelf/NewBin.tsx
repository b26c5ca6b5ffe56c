'use client';

import { stack } from '@/ui/layout/layout';
import { Modal, Segmented, Select } from 'antd';
import { useId, useState } from 'react';
import { guessHookMass } from '@/core/cavities/guess-hook-mass';
import { hookRank } from '@/core/units/hook-rank';
import { numberText } from '@/text/number-text';
import { TYPICAL_JIG_HOOKS } from '@/reference/hooks';
import { REFERENCE_METALS } from '@/reference/metals';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { newBinOf } from './new-bin';
import { inBackground } from '@/station-kit/in-background';

type Kind = 'metal' | 'hook' | 'part';

const UNKNOWN = 'unknown';
/** A new place on the shelf: a metal lot, hooks, or another part. */
export function NewBin({ onClose, onAdded }: { onClose: () => void; onAdded: (id: string) => void }) {
  const { workshop } = useBench();
  const [kind, setKind] = useState<Kind>('metal');
  const [name, setName] = useState('');
  const [place, setPlace] = useState('');
  const [sort, setSort] = useState('');
  const [keptBy, setKeptBy] = useState<'pieces' | 'mm'>('pieces');
  const [metalKey, setMetalKey] = useState('lead-4');
  const [size, setSize] = useState('2/0');
  const [hookMassG, setHookMassG] = useState<number | null>(null);
  const [qty, setQty] = useState<number | null>(null);
  const [isPressed, setIsPressed] = useState(false);
  const id = useId();

  const add = async () => {
    setIsPressed(true);
    const bin = newBinOf({ kind, name, place, sort, keptBy, metalKey, size, hookMassG });
    if (!bin || qty === null) return;
    onAdded(await workshop.shelf.add(bin, qty));
    onClose();
  };
  return (
    <Modal
      open
      title="New bin"
      width={440}
      okText="Put on the shelf"
      cancelText="Leave"
      onCancel={onClose}
      onOk={() => inBackground(add())}
    >
      <div className={stack(10)}>
        <Segmented<Kind>
          block
          aria-label="What is in it"
          value={kind}
          options={[
            { value: 'metal', label: 'Metal' },
            { value: 'hook', label: 'Hooks' },
            { value: 'part', label: 'Parts' },
          ]}
          onChange={(next) => {
            setKind(next);
            setQty(null);
          }}
        />
        <TextField
          label="Name"
          problem={isPressed && name.trim() === '' ? 'Give it a name, such as Lot 22, hard lead.' : null}
          value={name}
          onChange={setName}
        />
        <TextField label="Where it lies" value={place} onChange={setPlace} />
        {kind === 'metal' ? (
          <FieldShell id={`${id}metal`} label="What it is">
            <Select
              id={`${id}metal`}
              value={metalKey}
              style={{ width: '100%' }}
              options={[
                ...REFERENCE_METALS.map((metal) => ({ value: metal.key, label: metal.name })),
                { value: UNKNOWN, label: 'Scrap nobody knows' },
              ]}
              onChange={setMetalKey}
            />
          </FieldShell>
        ) : null}
        {kind === 'hook' ? (
          <>
            <FieldShell
              id={`${id}size`}
              label="Size"
              hint="typical measures of that size; makers differ by some 10 %"
            >
              <Select
                id={`${id}size`}
                value={size}
                style={{ width: '100%' }}
                options={Object.keys(TYPICAL_JIG_HOOKS)
                  .sort((a, b) => (hookRank(a)?.rank ?? 0) - (hookRank(b)?.rank ?? 0))
                  .map((each) => ({ value: each, label: each }))}
                onChange={setSize}
              />
            </FieldShell>
            <MassField
              label="Weighs each"
              value={hookMassG}
              onChange={setHookMassG}
              hint={`leave empty for a guess of ${numberText(guessHookMass(TYPICAL_JIG_HOOKS[size] ?? { wireMm: 1, shankMm: 30, gapeMm: 12 }), 2)} g; better weigh ten`}
              check={(grams) => (grams <= 0 ? 'A hook weighs more than nothing.' : null)}
            />
          </>
        ) : null}
        {kind === 'part' ? (
          <>
            <TextField
              label="Sort"
              hint="beads, swivels, collars"
              value={sort}
              most={60}
              onChange={setSort}
            />
            <FieldShell id={`${id}kept`} label="Kept by">
              <Segmented
                id={`${id}kept`}
                aria-label="Kept by"
                value={keptBy}
                options={[
                  { value: 'pieces', label: 'the piece' },
                  { value: 'mm', label: 'its length: line, cable, tube' },
                ]}
                onChange={(next) => setKeptBy(next as 'pieces' | 'mm')}
              />
            </FieldShell>
          </>
        ) : null}
        {kind === 'metal' ? (
          <MassField
            label="How much"
            value={qty}
            onChange={setQty}
            problem={isPressed && qty === null ? 'Weigh it: such as 4 kg.' : null}
          />
        ) : (
          <CountField
            key={`${kind} ${keptBy}`}
            label={kind === 'part' && keptBy === 'mm' ? 'How long, mm' : 'How many'}
            value={qty}
            onChange={setQty}
            problem={isPressed && qty === null ? 'Count them: such as 50.' : null}
          />
        )}
      </div>
    </Modal>
  );
}
