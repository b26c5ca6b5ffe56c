'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { apart } from '@/ui/layout/layout';
import { Button, Select, Space } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useState } from 'react';
import type { Rule } from '@/records/rule';
import { DayField } from '@/ui/unit-field/DayField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PercentField } from '@/ui/unit-field/PercentField';
import { TextField } from '@/ui/unit-field/TextField';
import { MassField } from '@/ui/unit-field/MassField';
import { useBench } from '@/station-kit/BenchProvider';
import { ELEMENT_NAMES } from '@/model/metals/alloys';
import styles from './metal.module.css';
import { inBackground } from '@/station-kit/in-background';

const BLANK: Omit<Rule, 'id'> = {
  name: '',
  place: '',
  from: null,
  until: null,
  element: 'Pb',
  overShare: 0.001,
  underG: null,
  underMm: null,
  isOn: true,
  note: '',
};

/** One rule: which metal is barred, under what mass or length, where and when. */
export function RuleForm({ rule, onClose }: { rule: Rule | null; onClose: () => void }) {
  const { workshop } = useBench();
  const [draft, setDraft] = useState<Omit<Rule, 'id'> & { id?: string }>(rule ?? BLANK);
  const [overShare, setOverShare] = useState<number | null>(draft.overShare);
  const [isPressed, setIsPressed] = useState(false);
  const id = useId();
  const set = (change: Partial<Rule>) => setDraft({ ...draft, ...change });
  const isCrossed = draft.from !== null && draft.until !== null && draft.from > draft.until;
  const save = async () => {
    setIsPressed(true);
    if (draft.name.trim() === '' || overShare === null || isCrossed) return;
    await workshop.rules.save({ ...draft, name: draft.name.trim(), overShare });
    onClose();
  };
  const strike = async () => {
    if (rule) await workshop.rules.remove(rule);
    onClose();
  };
  return (
    <Dialog
      open
      title={rule ? 'Change the rule' : 'New rule'}
      width={480}
      onCancel={onClose}
      footer={
        <Space>
          {rule ? (
            <Button danger onClick={() => inBackground(strike())}>
              Remove the rule
            </Button>
          ) : null}
          <Button onClick={onClose}>Cancel</Button>
          <Button type="primary" onClick={() => inBackground(save())}>
            Save rule
          </Button>
        </Space>
      }
    >
      <div className={apart(0, styles.ruleForm)}>
        <TextField
          label="Name"
          problem={
            isPressed && draft.name.trim() === '' ? 'Name it, such as No lead in small sinkers.' : null
          }
          value={draft.name}
          onChange={(text) => set({ name: text })}
        />
        <TextField
          label="Where"
          value={draft.place}
          placeholder="everywhere"
          onChange={(text) => set({ place: text })}
        />
        <FieldShell id={`${id}element`} label="Bars">
          <Select
            id={`${id}element`}
            value={draft.element}
            style={{ width: '100%' }}
            options={['Pb', 'Zn', 'Sb', 'Bi', 'Cu'].map((value) => ({ value, label: ELEMENT_NAMES[value] }))}
            onChange={(element) => set({ element })}
          />
        </FieldShell>
        <PercentField label="over a share of" value={overShare} most={1} onChange={setOverShare} />
        <MassField
          label="in castings under"
          isOptional
          value={draft.underG}
          onChange={(underG) => set({ underG })}
          hint="empty: of any mass"
        />
        <QuantityField
          label="or shorter than"
          of="length"
          least={0.1}
          most={10_000}
          isOptional
          value={draft.underMm}
          onChange={(underMm) => set({ underMm })}
          hint="empty: of any length"
        />
        <DayField label="From" hasYear value={draft.from} onChange={(from) => set({ from })} />
        <DayField
          label="Until"
          hasYear
          problem={isCrossed ? 'The last day lies before the first. Swap them.' : null}
          value={draft.until}
          onChange={(until) => set({ until })}
        />
        <TextField label="Note" value={draft.note} most={500} onChange={(text) => set({ note: text })} />
      </div>
    </Dialog>
  );
}
