'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { Checkbox, Modal, Segmented } from 'antd';
import { useState } from 'react';
import type { BuildRecord } from '@/records/build';
import { usesOf } from '@/model/bills/build-uses';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './run.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';

interface SalvageFormProps {
  readonly build: BuildRecord | null;
  readonly onClose: () => void;
  readonly onDone: (said: string) => void;
}

type Condition = 'new' | 'used' | 'worn';

interface Kept {
  readonly qty: number;
  readonly condition: Condition;
}

const CONDITIONS = [
  { value: 'new', label: 'As new' },
  { value: 'used', label: 'Used' },
  { value: 'worn', label: 'Worn' },
] as const;

/** Strips old baits: which, how many, and what of each part is still good and how it looks. */
export function SalvageForm({ build: first, onClose, onDone }: SalvageFormProps) {
  const { view, workshop, carryOut } = useBench();
  const [buildId, setBuildId] = useState(first?.id ?? newestByFamily(view.builds)[0]?.id ?? null);
  const [baits, setBaits] = useState(1);
  const [isFromBox, setFromBox] = useState(true);
  const [kept, setKept] = useState<Readonly<Record<string, Kept>>>({});
  const build = view.buildById.get(buildId ?? '') ?? null;
  const baitBinId = build ? `bait-${build.id}` : '';
  const inBox = view.levels.get(baitBinId) ?? 0;
  // What is soft or glued is not salvage; what the shelf knows is.
  const parts = build
    ? usesOf(build).flatMap(({ item, qty }) => {
        const bin = view.binById.get(item);
        const isHard =
          bin?.kind === 'part' &&
          bin.gauge !== null &&
          bin.gauge.as !== 'trailer' &&
          bin.gauge.as !== 'guard';
        return isHard ? [{ bin, qty: qty * baits }] : [];
      })
    : [];
  const of = (binId: string, most: number): Kept => {
    const said = kept[binId];
    return { condition: said?.condition ?? 'used', qty: Math.min(most, said?.qty ?? most) };
  };
  const set = (binId: string, most: number, to: Partial<Kept>) =>
    setKept({ ...kept, [binId]: { ...of(binId, most), ...to } });
  const takesFromBox = isFromBox && inBox > 0;
  const isShort = takesFromBox && baits > inBox;
  const back = parts
    .map(({ bin, qty }) => ({ binId: bin.id, ...of(bin.id, qty) }))
    .filter(({ qty }) => qty > 0);
  return (
    <Modal
      open
      width={640}
      title="Strip an old bait"
      okText="Put the parts on the shelf"
      cancelText="Leave it"
      okButtonProps={{ disabled: !build || back.length === 0 || isShort }}
      onCancel={onClose}
      onOk={async () => {
        const done = await carryOut(
          workshop.buildings.salvage({ baitBinId: takesFromBox ? baitBinId : null, baits, parts: back }),
        );
        if (done) {
          onDone(
            `${back.reduce((so, { qty }) => so + qty, 0)} parts of ${baits === 1 ? 'one bait' : `${baits} baits`} are on the shelf.`,
          );
        }
      }}
    >
      <div>
        <ChoiceField
          label="Which bait"
          value={buildId}
          options={newestByFamily(view.builds).map((each) => ({ value: each.id, label: versionText(each) }))}
          onChange={(next) => {
            setBuildId(next);
            setKept({});
          }}
        />
        <label className={styles.baits}>
          How many{' '}
          <CountField
            isBare
            label="How many baits"
            min={1}
            max={200}
            value={baits}
            onChange={(next) => next !== null && setBaits(next)}
          />
        </label>
      </div>
      {inBox > 0 ? (
        <Checkbox checked={isFromBox} onChange={({ target }) => setFromBox(target.checked)}>
          They come out of the bait box, where {inBox} lie
        </Checkbox>
      ) : (
        <p className="quiet">None of these is in the bait box: they come from the water.</p>
      )}
      {isShort ? (
        <p role="alert" className="wrong">
          Only {inBox} lie in the bait box. Strip fewer, or say they come from elsewhere.
        </p>
      ) : null}
      {build && parts.length === 0 ? (
        <p role="alert">Nothing of it goes back: what is on it is soft or glued. Choose another bait.</p>
      ) : null}
      <ul className={styles.salvage} aria-label="Parts to keep">
        {parts.map(({ bin, qty }) => {
          const { qty: keeps, condition } = of(bin.id, qty);
          return (
            <li key={bin.id}>
              <CountField
                isBare
                isOptional
                label={`${bin.name}, how many`}
                max={qty}
                value={keeps}
                onChange={(next) => set(bin.id, qty, { qty: next ?? 0 })}
              />
              <span>
                of {qty} × {bin.name}
              </span>
              <Segmented<Condition>
                size="small"
                aria-label={`${bin.name}, condition`}
                value={condition}
                options={[...CONDITIONS]}
                onChange={(next) => set(bin.id, qty, { condition: next })}
              />
            </li>
          );
        })}
      </ul>
      <p className="quiet">
        Used and worn parts get bins of their own in the salvage box. Old hooks and wire ends: pliers, gloves
        and eye protection.
      </p>
    </Modal>
  );
}
