'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { CountField } from '@/ui/unit-field/CountField';
import { Select } from 'antd';
import { useId } from 'react';
import type { HoldId } from '@/core/skirts/holds';
import type { HoldCountId } from '@/core/skirts/holds/definition';
import { findHold, SKIRT_HOLDS } from '@/core/skirts/holds';
import { MOST_ALSO } from '@/records/skirt';
import { BesidesFields } from '@/station-kit/put-down/BesidesFields';
import { PartField } from '@/station-kit/put-down/PartField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { lengthText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { heldAt, longSideMm, mostHeadSideMm } from '@/model/skirts/held-at';
import { materialOf } from '@/model/skirts/skirt-facts';
import { withHold, type SkirtDraft } from '@/model/skirts/skirt-draft';
import { MovingSlider } from '@/ui/skirt-drawing/MovingSlider';
import { SheetFields } from './SheetFields';
import styles from './skirt.module.css';

interface HoldFieldsProps {
  readonly draft: SkirtDraft;
  readonly onChange: (draft: SkirtDraft) => void;
  /** While a slider moves. */
  readonly onMove: (draft: SkirtDraft) => void;
}

/** A skirt's wraps and knots, with an end to hold, mm. */
const USUAL_THREAD_MM = 600;

export const COUNT_WORDS: Record<HoldCountId, string> = {
  'base-wraps': 'Base wraps',
  'spread-wraps': 'Loose wraps',
  'tight-wraps': 'Tight wraps',
  hitches: 'Half hitches',
  'wire-turns': 'Turns of wire',
  knots: 'Knots or turns',
};

/** How the skirt is held: the way, the maker's own counts, the collar and where it sits. */
export function HoldFields({ draft, onChange, onMove }: HoldFieldsProps) {
  const { length } = useUnits();
  const { view } = useBench();
  const id = useId();
  const hold = findHold(draft.hold);
  const { collar } = draft;
  const strandOf = (layer: SkirtDraft['layers'][number]) => materialOf(layer, view);
  const longest = Math.max(
    0,
    ...draft.layers.map((layer) => longSideMm(strandOf(layer)?.longMm ?? 0, collar.atShare)),
  );
  const withCollar = (change: Partial<SkirtDraft['collar']>) => ({
    ...draft,
    collar: { ...collar, ...change },
  });
  const setCollar = (change: Partial<SkirtDraft['collar']>) => onChange(withCollar(change));
  const moveCollar = (change: Partial<SkirtDraft['collar']>) => onMove(withCollar(change));
  return (
    <div className={styles.fieldGrid}>
      <FieldShell id={`${id}hold`} label="Held by" hint={hold.how}>
        <Select<HoldId>
          id={`${id}hold`}
          value={draft.hold}
          style={{ width: '100%' }}
          popupMatchSelectWidth={false}
          options={SKIRT_HOLDS.filter(
            // Lures of hair on a weight are made at Rig; a recipe that is held so stays as it is.
            ({ id: each }) => each !== 'hair-lure' || draft.hold === 'hair-lure',
          ).map((each) => ({ value: each.id, label: each.name }))}
          onChange={(next) => onChange(withHold(draft, next, view))}
        />
      </FieldShell>
      {hold.takesCollar ? (
        <PartField
          label="Collar"
          as="collar"
          value={collar.binId}
          none="none yet"
          onChange={(binId) => setCollar({ binId })}
        />
      ) : null}
      {hold.takesCollar ? null : (
        <PartField
          label="Thread or floss"
          as="line"
          value={draft.thread?.binId ?? null}
          none="not counted"
          onChange={(binId) => {
            const { thread: before, ...rest } = draft;
            onChange(
              binId === null ? rest : { ...rest, thread: { binId, cutMm: before?.cutMm ?? USUAL_THREAD_MM } },
            );
          }}
        />
      )}
      {draft.thread ? (
        <QuantityField
          label="One takes of it"
          of="length"
          least={10}
          most={10_000}
          value={draft.thread.cutMm}
          onChange={(cutMm) =>
            cutMm !== null && draft.thread && onChange({ ...draft, thread: { ...draft.thread, cutMm } })
          }
        />
      ) : null}
      {hold.counts.map(({ id: count, usual, most }) => (
        <CountField
          key={count}
          label={COUNT_WORDS[count]}
          hint={`usually ${usual}`}
          min={1}
          max={most}
          value={draft.counts[count] ?? usual}
          onChange={(times) =>
            times !== null && onChange({ ...draft, counts: { ...draft.counts, [count]: times } })
          }
        />
      ))}
      <MovingSlider
        name="Bundle at the collar"
        label={(mm) => `Bundle at the collar, ${lengthText(mm, length)} thick`}
        min={2}
        max={20}
        step={0.5}
        value={collar.diameterMm}
        onMove={(diameterMm) => moveCollar({ diameterMm })}
        onDone={(diameterMm) => setCollar({ diameterMm })}
      />
      <MovingSlider
        name="Where along the strands"
        label={(percent) => `Held at ${percent} % of the strands`}
        hint={`a third is usual; the long side, ${lengthText(longest, length)} here, lies back`}
        min={5}
        max={50}
        value={Math.round(collar.atShare * 100)}
        onMove={(percent) => onMove(heldAt(draft, percent / 100, strandOf))}
        onDone={(percent) => onChange(heldAt(draft, percent / 100, strandOf))}
      />
      <MovingSlider
        name="Head side cut to"
        label={(mm) => `Head side cut to ${lengthText(mm, length)}`}
        min={0}
        max={mostHeadSideMm(draft, strandOf)}
        value={collar.headSideMm}
        onMove={(headSideMm) => moveCollar({ headSideMm })}
        onDone={(headSideMm) => setCollar({ headSideMm })}
      />
      <BesidesFields
        value={draft.also ?? []}
        most={MOST_ALSO}
        isTaken={(binId) => binId === collar.binId || binId === draft.thread?.binId}
        onChange={(also) => onChange({ ...draft, also })}
      />
      {draft.wrap ? <SheetFields draft={draft} wrap={draft.wrap} onChange={onChange} /> : null}
    </div>
  );
}
