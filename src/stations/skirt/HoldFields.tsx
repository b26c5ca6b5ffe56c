'use client';

import { InputNumber, Select, Slider } from 'antd';
import { useId } from 'react';
import type { HoldCountId, HoldId } from '@/core/skirts/holds/definition';
import { findHold, SKIRT_HOLDS } from '@/core/skirts/holds';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { lengthText, useBench, usePreferences } from '../shared';
import { withHold, type SkirtDraft } from './draft';
import { SheetFields } from './SheetFields';
import styles from './skirt.module.css';

interface HoldFieldsProps {
  readonly draft: SkirtDraft;
  readonly onChange: (draft: SkirtDraft, isMoving?: boolean) => void;
}

export const COUNT_WORDS: Record<HoldCountId, string> = {
  'base-wraps': 'Base wraps',
  'spread-wraps': 'Loose wraps',
  'tight-wraps': 'Tight wraps',
  hitches: 'Half hitches',
  'wire-turns': 'Turns of wire',
  knots: 'Knots or turns',
};

/** How the skirt is held: the way, the maker's own counts, the collar and where it sits. */
export function HoldFields({ draft, onChange }: HoldFieldsProps) {
  const { view } = useBench();
  const { length } = usePreferences();
  const id = useId();
  const hold = findHold(draft.hold);
  const { collar } = draft;
  const setCollar = (change: Partial<SkirtDraft['collar']>, isMoving = false) =>
    onChange({ ...draft, collar: { ...collar, ...change } }, isMoving);
  const collars = view.bins.filter((bin) => bin.kind === 'part' && bin.sort === 'collars');
  return (
    <div className={styles.fieldGrid}>
      <FieldShell id={`${id}hold`} label="Held by" hint={hold.how}>
        <Select<HoldId>
          id={`${id}hold`}
          value={draft.hold}
          style={{ width: '100%' }}
          popupMatchSelectWidth={false}
          options={SKIRT_HOLDS.map((each) => ({ value: each.id, label: each.name }))}
          onChange={(next) => onChange(withHold(draft, next))}
        />
      </FieldShell>
      {hold.takesCollar ? (
        <FieldShell id={`${id}collar`} label="Collar">
          <Select
            id={`${id}collar`}
            value={collar.binId}
            style={{ width: '100%' }}
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="choose"
            options={collars.map((bin) => ({ value: bin.id, label: bin.name }))}
            onChange={(binId) => setCollar({ binId })}
          />
        </FieldShell>
      ) : null}
      {hold.counts.map(({ id: count, usual, most }) => (
        <FieldShell key={count} id={`${id}${count}`} label={COUNT_WORDS[count]} hint={`usually ${usual}`}>
          <InputNumber
            id={`${id}${count}`}
            min={1}
            max={most}
            precision={0}
            value={draft.counts[count] ?? usual}
            onChange={(times) =>
              times !== null && onChange({ ...draft, counts: { ...draft.counts, [count]: times } })
            }
          />
        </FieldShell>
      ))}
      <FieldShell
        id={`${id}round`}
        label={`Bundle at the collar, ${lengthText(collar.diameterMm, length)} thick`}
      >
        <Slider
          ariaLabelForHandle="Bundle at the collar"
          min={2}
          max={20}
          step={0.5}
          value={collar.diameterMm}
          onChange={(diameterMm) => setCollar({ diameterMm }, true)}
          onChangeComplete={(diameterMm) => setCollar({ diameterMm })}
        />
      </FieldShell>
      <FieldShell
        id={`${id}at`}
        label={`Held at ${Math.round(collar.atShare * 100)} % of the strands`}
        hint="a third is usual: the long side lies back"
      >
        <Slider
          ariaLabelForHandle="Where along the strands"
          min={5}
          max={50}
          value={Math.round(collar.atShare * 100)}
          onChange={(value) => setCollar({ atShare: value / 100 }, true)}
          onChangeComplete={(value) => setCollar({ atShare: value / 100 })}
        />
      </FieldShell>
      <FieldShell id={`${id}headside`} label={`Head side cut to ${lengthText(collar.headSideMm, length)}`}>
        <Slider
          ariaLabelForHandle="Head side cut to"
          min={0}
          max={30}
          value={collar.headSideMm}
          onChange={(headSideMm) => setCollar({ headSideMm }, true)}
          onChangeComplete={(headSideMm) => setCollar({ headSideMm })}
        />
      </FieldShell>
      {draft.wrap ? <SheetFields draft={draft} wrap={draft.wrap} onChange={onChange} /> : null}
    </div>
  );
}
