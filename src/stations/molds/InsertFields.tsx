'use client';

import { stack } from '@/ui/layout/layout';
import { Select } from 'antd';
import { useId } from 'react';
import { STEEL_GCM3 } from '@/core/cavities/steel-density';
import type { Insert } from '@/records/mold';
import { useBench } from '@/station-kit/BenchProvider';
import { PartField } from '@/station-kit/put-down/PartField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { MassField } from '@/ui/unit-field/MassField';
import { WIRES, type DraftCavity } from './mold-draft';
import styles from './molds.module.css';

type Sort = 'none' | 'pin' | 'wire';

const PIN: Insert = { name: 'Pin', count: 1, massG: 0, volumeCm3: 0.05, embeddedShare: 1, removed: true };
const FRAME_G = 2.4;

function wireInsert({ name, embeddedShare }: Pick<Insert, 'name' | 'embeddedShare'>, massG: number): Insert {
  return { name, count: 1, massG, volumeCm3: massG / STEEL_GCM3, embeddedShare, removed: false };
}

interface InsertFieldsProps {
  readonly index: number;
  readonly isFrame: boolean;
  readonly cavity: DraftCavity;
  readonly onChange: (change: Partial<DraftCavity>) => void;
}

/** What lies in a cavity besides the hook: a pin that is pulled, or a wire that stays; and what other hooks do here. */
export function InsertFields({ index, isFrame, cavity, onChange }: InsertFieldsProps) {
  const { view } = useBench();
  const id = useId();
  const [first, ...others] = cavity.inserts;
  const sort: Sort = !first ? 'none' : first.removed ? 'pin' : 'wire';
  const put = (insert: Insert | null) => onChange({ inserts: insert ? [insert, ...others] : others });
  const lesser = cavity.hookSizes.slice(1);
  const [size] = lesser;
  return (
    <div className={stack(10, styles.cavityMore)}>
      <FieldShell id={`${id}sort`} label="Besides">
        <Select<Sort>
          id={`${id}sort`}
          aria-label={`What lies in cavity ${index + 1} besides the hook`}
          value={sort}
          style={{ width: '100%' }}
          options={[
            { value: 'none', label: 'nothing' },
            { value: 'pin', label: 'a pin, pulled' },
            { value: 'wire', label: isFrame ? 'a wire frame' : 'an eye or wire' },
          ]}
          onChange={(next) =>
            put(
              next === 'none'
                ? null
                : next === 'pin'
                  ? PIN
                  : wireInsert(isFrame ? WIRES.frame : WIRES.eye, FRAME_G),
            )
          }
        />
      </FieldShell>
      {first && sort === 'pin' ? (
        <QuantityField
          label="Pin takes"
          of="room"
          value={first.volumeCm3}
          least={0}
          most={100}
          onChange={(volumeCm3) => volumeCm3 !== null && put({ ...first, volumeCm3 })}
        />
      ) : null}
      {first && sort === 'wire' && isFrame ? (
        <PartField
          label="Which wire"
          as="frame"
          value={first.binId ?? null}
          none="nobody said"
          onChange={(binId) => {
            const bin = binId === null ? undefined : view.binById.get(binId);
            const fresh = wireInsert(
              { ...first, name: bin?.name ?? first.name },
              (bin?.kind === 'part' ? bin.massG : null) ?? first.massG,
            );
            put(binId === null ? fresh : { ...fresh, binId });
          }}
        />
      ) : null}
      {first && sort === 'wire' ? (
        <MassField
          label="It weighs"
          value={first.massG}
          onChange={(massG) => massG !== null && put({ ...first, ...wireInsert(first, massG) })}
        />
      ) : null}
      {size ? (
        <TextField
          label={`What ${lesser.join(', ')} does here; ${cavity.hookSizes[0]} is best`}
          value={cavity.hookNotes[size] ?? ''}
          most={200}
          placeholder="goes in, sits low"
          onChange={(text) => onChange({ hookNotes: Object.fromEntries(lesser.map((each) => [each, text])) })}
        />
      ) : null}
    </div>
  );
}
