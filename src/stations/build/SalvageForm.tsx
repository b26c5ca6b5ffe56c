'use client';

import { countText } from '@/text/count-text';
import { CountField } from '@/ui/unit-field/CountField';
import { fields, stack } from '@/ui/layout/layout';
import { Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { comesOff, kindComesOff, MOST_SALVAGED, salvageOf, type Salvageable } from '@/model/baits/salvage';
import { StockField } from '@/station-kit/put-down/StockField';
import type { BuildRecord } from '@/records/build';
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
  /** Null where what is written is no count. */
  readonly qty: number | null;
  readonly condition: Condition;
}

const CONDITIONS = [
  { value: 'new', label: 'As new' },
  { value: 'used', label: 'Used' },
  { value: 'worn', label: 'Worn' },
] as const;

/**
 * Strips old baits: which, how many, and what of each part is still good and how it looks. A bait need not be known here:
 * whatever comes off it is told part by part.
 */
export function SalvageForm({ build: first, onClose, onDone }: SalvageFormProps) {
  const { view, workshop, carryOut } = useBench();
  const [buildId, setBuildId] = useState(first?.id ?? newestByFamily(view.builds)[0]?.id ?? null);
  const [baits, setBaits] = useState(1);
  const [isFromBox, setFromBox] = useState(true);
  const [kept, setKept] = useState<Readonly<Record<string, Kept>>>({});
  const [others, setOthers] = useState<readonly string[]>([]);
  const build = view.buildById.get(buildId ?? '') ?? null;
  const baitBinId = build ? `bait-${build.id}` : '';
  const inBox = view.levels.get(baitBinId) ?? 0;
  const parts = salvageOf(build, baits, others, view);
  const of = ({ bin, qty, most }: Salvageable): Kept => {
    const said = kept[bin.id];
    const keeps = said === undefined ? qty : said.qty;
    return { condition: said?.condition ?? 'used', qty: keeps === null ? null : Math.min(most, keeps) };
  };
  const set = (part: Salvageable, to: Partial<Kept>) =>
    setKept({ ...kept, [part.bin.id]: { ...of(part), ...to } });
  const takesFromBox = isFromBox && inBox > 0;
  const isShort = takesFromBox && baits > inBox;
  const told = parts.map((part) => ({ binId: part.bin.id, ...of(part) }));
  const back = told.flatMap(({ qty, ...part }) => (qty ? [{ ...part, qty }] : []));
  const isUnread = told.some(({ qty }) => qty === null);
  return (
    <Dialog
      open
      width={640}
      title="Strip an old bait"
      okText="Put the parts on the shelf"
      okButtonProps={{ disabled: back.length === 0 || isShort || isUnread }}
      onCancel={onClose}
      onOk={async () => {
        const done = await carryOut(
          workshop.buildings.salvage({ baitBinId: takesFromBox ? baitBinId : null, baits, parts: back }),
        );
        if (done) {
          onDone(
            `On the shelf: ${countText(
              back.reduce((so, { qty }) => so + qty, 0),
              'part',
            )} of ${baits === 1 ? 'one bait' : `${baits} baits`}.`,
          );
        }
      }}
    >
      <div className={stack(12)}>
        <div className={fields(10)}>
          <ChoiceField
            label="Which bait"
            value={buildId}
            none="a bait not on this bench"
            options={newestByFamily(view.builds).map((each) => ({
              value: each.id,
              label: versionText(each),
            }))}
            onChange={(next) => {
              setBuildId(next);
              setKept({});
            }}
          />
          <CountField
            label="How many baits"
            min={1}
            max={200}
            value={baits}
            onChange={(next) => next !== null && setBaits(next)}
          />
        </div>
        {!build ? (
          <p className="quiet">Say below what comes off it, part by part.</p>
        ) : inBox > 0 ? (
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
          <p role="alert">
            Nothing of it goes back by itself: what is on it is soft or glued. Say below what does.
          </p>
        ) : null}
        <ul className={styles.salvage} aria-label="Parts to keep">
          {parts.map((part) => {
            const { bin, qty, most } = part;
            const { qty: keeps, condition } = of(part);
            return (
              <li key={bin.id}>
                <CountField
                  isBare
                  label={`${bin.name}, how many`}
                  max={most}
                  value={keeps}
                  onChange={(next) => set(part, { qty: next })}
                />
                <span>
                  {most === MOST_SALVAGED ? '' : `of ${qty} × `}
                  {bin.name}
                </span>
                {bin.kind === 'head' ? null : (
                  <Segmented<Condition>
                    size="small"
                    aria-label={`${bin.name}, condition`}
                    value={condition}
                    options={[...CONDITIONS]}
                    onChange={(next) => set(part, { condition: next })}
                  />
                )}
              </li>
            );
          })}
        </ul>
        <StockField
          label="And what else comes off it"
          value={null}
          placeholder="a blade, a swivel, its hook, its head"
          there={view.bins
            .filter((bin) => comesOff(bin) && parts.every((part) => part.bin.id !== bin.id))
            .map(({ id, name }) => ({ value: id, label: name }))}
          suits={kindComesOff}
          onChange={(id) => setOthers([...others, id])}
        />
        <p className="quiet">
          Used and worn parts get bins of their own in the salvage box. Old hooks and wire ends: pliers,
          gloves and eye protection.
        </p>
      </div>
    </Dialog>
  );
}
