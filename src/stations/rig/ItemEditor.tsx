'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { isPart } from '@/reference/typical/suits';
import { fields } from '@/ui/layout/layout';
import { DeleteOutlined, DownOutlined, UpOutlined } from '@ant-design/icons';
import { Button, Checkbox, Select } from 'antd';
import { useCallback, useState } from 'react';
import { RIG_ENDS, type RigEndId } from '@/core/rigs/ends';
import { findRole } from '@/core/parts/part-roles';
import { mayLie } from '@/core/rigs/choose-piece';
import { findRigKind } from '@/core/rigs/kinds';
import { isThreaded, type RigItem } from '@/core/rigs/rig';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import type { RigItemRecord } from '@/records/rig';
import { useBench } from '@/station-kit/BenchProvider';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { inBackground } from '@/station-kit/in-background';
import { useTypical } from '@/station-kit/put-down/use-typical';
import { rigPieceOf } from '@/records/rig-piece';
import { movedItem, withAdded, withItem, withoutItem, withPart, type RigDraft } from '@/model/rigs/rig-draft';
import { rigShelf } from '@/model/rigs/rig-facts';
import styles from './rig.module.css';

interface ItemEditorProps {
  readonly draft: RigDraft;
  readonly item: RigItem;
  readonly onChange: (draft: RigDraft) => void;
  readonly onChoose: (id: string | null) => void;
}

/** The chosen part in hand: another one, its length, its ends, its place; and what comes behind it. */
export function ItemEditor({ draft, item, onChange, onChoose }: ItemEditorProps) {
  const { view } = useBench();
  const shelf = rigShelf(view);
  const { as, line } = item.part.gauge;
  const suits = useCallback(
    (kind: ThingKind) => kind.makes === 'part' && kind.as === as && kind.line === line,
    [as, line],
  );
  const { take, withTypical } = useTypical(suits);
  const record = draft.items.find(({ id }) => id === item.id);
  if (!record) return null;
  const place = findRigKind(draft.kind).places.find(({ id }) => id === record.place);
  const alike = shelf.filter((piece) => piece.gauge.as === as || (place && mayLie(piece, place)));
  const choose = async (chosen: string) => {
    const bin = await take(chosen);
    if (bin) onChange(withPart(draft, record, bin.id));
  };
  const set = (to: Partial<RigItemRecord>) => onChange(withItem(draft, item.id, to));
  return (
    <section className={styles.editor} aria-label={`In hand: ${item.part.name}`}>
      <header>
        <h3>{item.part.name}</h3>
        <span>
          <Button
            size="small"
            icon={<UpOutlined />}
            aria-label="Up"
            onClick={() => onChange(movedItem(draft, item.id, -1))}
          />
          <Button
            size="small"
            icon={<DownOutlined />}
            aria-label="Down"
            onClick={() => onChange(movedItem(draft, item.id, 1))}
          />
          <Button
            size="small"
            icon={<DeleteOutlined />}
            aria-label="Take it off"
            onClick={() => {
              onChange(withoutItem(draft, item.id));
              onChoose(null);
            }}
          />
        </span>
      </header>
      <div className={styles.fields}>
        <FieldShell id="rig-part" label={findRole(as).name}>
          <Select
            id="rig-part"
            showSearch
            optionFilterProp="label"
            value={item.part.binId}
            style={{ width: '100%' }}
            options={withTypical(
              alike.map(({ binId, name }) => ({ value: binId, label: optionText(binId, name, view.levels) })),
            )}
            onChange={(chosen: string) => inBackground(choose(chosen))}
          />
        </FieldShell>
        {record.lengthMm === null ? null : (
          <QuantityField
            key={item.id}
            label={as === 'line' ? 'Between its ends' : 'Cut to'}
            of="length"
            least={0.1}
            most={50_000}
            value={record.lengthMm}
            onChange={(mm) => mm !== null && set({ lengthMm: mm })}
          />
        )}
        {record.ends
          ? ([0, 1] as const).map((nth) => (
              <FieldShell
                key={nth}
                id={`rig-end-${nth}`}
                label={nth === 0 ? 'Ends above in' : 'Ends below in'}
              >
                <Select
                  id={`rig-end-${nth}`}
                  value={record.ends?.[nth] ?? 'plain'}
                  style={{ width: '100%' }}
                  options={RIG_ENDS.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
                  onChange={(end: RigEndId) => {
                    const [above, below] = record.ends ?? ['plain', 'plain'];
                    set({ ends: nth === 0 ? [end, below] : [above, end] });
                  }}
                />
              </FieldShell>
            ))
          : null}
        {isThreaded(item.part.gauge) && as !== 'tube' ? (
          <QuantityField
            key={`${item.id} at`}
            of="length"
            label="Down its line"
            hint="empty: it slides"
            least={0}
            most={50_000}
            isOptional
            value={record.atMm}
            onChange={(atMm) => set({ atMm })}
          />
        ) : null}
        {as === 'shot' || as === 'bead' ? (
          <CountField
            label="How many"
            min={1}
            max={200}
            value={record.count}
            onChange={(count) => count !== null && set({ count })}
          />
        ) : null}
        {as === 'hook' ? (
          <Checkbox checked={record.isTurned} onChange={({ target }) => set({ isTurned: target.checked })}>
            turned over
          </Checkbox>
        ) : null}
      </div>
      <AddPart draft={draft} behind={record} onChange={onChange} onChoose={onChoose} />
    </section>
  );
}

interface AddPartProps extends Pick<ItemEditorProps, 'draft' | 'onChange' | 'onChoose'> {
  /** What it comes below, or hangs to the side of; null at the foot of the rig. */
  readonly behind: RigItemRecord | null;
}

/** Any part of the shelf, put below another or hung to its side. */
export function AddPart({ draft, behind, onChange, onChoose }: AddPartProps) {
  const { view, workshop } = useBench();
  const [addId, setAddId] = useState<string | null>(null);
  const shelf = rigShelf(view);
  const { take, withTypical } = useTypical(isPart);
  const bin = behind && view.binById.get(behind.binId);
  const isOnLine = bin?.kind === 'part' && bin.gauge !== null && isThreaded(bin.gauge);
  const add = async (isBranch: boolean) => {
    const taken = addId === null ? null : await take(addId);
    const added = taken && rigPieceOf(taken);
    if (!added) return;
    const id = workshop.newId();
    onChange(withAdded(draft, added, behind, isBranch, id));
    setAddId(null);
    onChoose(id);
  };
  return (
    <div className={fields(8, styles.add)}>
      <FieldShell id="rig-add" label="Add a part">
        <Select
          id="rig-add"
          showSearch
          allowClear
          optionFilterProp="label"
          placeholder="any part"
          value={addId}
          style={{ width: '100%' }}
          options={withTypical(shelf.map(({ binId, name }) => ({ value: binId, label: name })))}
          onChange={(binId?: string) => setAddId(binId ?? null)}
        />
      </FieldShell>
      <Button disabled={addId === null} onClick={() => inBackground(add(false))}>
        {behind ? 'Add below this' : 'Add at the bottom'}
      </Button>
      {behind ? (
        <Button
          disabled={addId === null || isOnLine}
          title="A dropper: it hangs to the side"
          onClick={() => inBackground(add(true))}
        >
          To its side
        </Button>
      ) : null}
    </div>
  );
}

function optionText(binId: string, name: string, levels: ReadonlyMap<string, number>): string {
  return (levels.get(binId) ?? 0) > 0 ? name : `${name}, none there`;
}
