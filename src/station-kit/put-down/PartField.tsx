'use client';

import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useCallback, useState } from 'react';
import { findRole, type PartRoleId } from '@/core/parts/part-roles';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '../BenchProvider';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { inBackground } from '../in-background';
import { PutDown } from './PutDown';
import { useTypical } from './use-typical';
import styles from './put-down.module.css';

interface PartFieldProps {
  readonly label: string;
  /** What a part must be to be chosen. */
  readonly as: PartRoleId;
  readonly value: string | null;
  /** What choosing nothing is called; left out where one must be chosen. */
  readonly none?: string;
  /** Choices beside the shelf's. */
  readonly besides?: readonly { readonly value: string; readonly label: string }[];
  readonly onChange: (binId: string | null) => void;
}

/** One part of the shelf that is what is asked for; where there is none, it can be put down there and then. */
export function PartField({ label, as, value, none, besides = [], onChange }: PartFieldProps) {
  const { view } = useBench();
  const [isAdding, setAdding] = useState(false);
  const name = findRole(as).name;
  const suits = useCallback((kind: ThingKind) => kind.makes === 'part' && kind.as === as, [as]);
  const { take, withTypical } = useTypical(suits);
  const options = view.bins
    .filter((bin) => bin.kind === 'part' && bin.gauge?.as === as && bin.buildId === null)
    .map((bin) => ({ value: bin.id, label: bin.name }));
  const choose = async (chosen: string) => {
    const bin = await take(chosen);
    if (bin) onChange(bin.id);
  };
  return (
    <div className={styles.partField}>
      <ChoiceField
        label={label}
        value={value}
        none={none}
        options={[...besides, ...withTypical(options)]}
        onChange={(chosen) =>
          chosen === null || besides.some((each) => each.value === chosen)
            ? onChange(chosen)
            : inBackground(choose(chosen))
        }
      />
      <Button
        icon={<PlusOutlined />}
        aria-label={`Put down a ${name.toLowerCase()}`}
        title={`Put down a ${name.toLowerCase()}`}
        onClick={() => setAdding(true)}
      />
      {isAdding ? (
        <PutDown
          title={name}
          suits={suits}
          onClose={() => setAdding(false)}
          onAdded={({ id }) => onChange(id)}
        />
      ) : null}
    </div>
  );
}
