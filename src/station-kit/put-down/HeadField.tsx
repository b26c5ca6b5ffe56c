'use client';

import { isBoughtHead } from '@/reference/typical/suits';
import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { hungHeads } from '@/model/heads/heads-there';
import type { HeadBin } from '@/records/bin';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useBench } from '../BenchProvider';
import { PutDown } from './PutDown';
import styles from './put-down.module.css';

interface HeadFieldProps {
  readonly label: string;
  readonly value: string | null;
  readonly none: string;
  /** Which heads would do. */
  readonly suits?: (head: HeadBin) => boolean;
  readonly problem?: string | null;
  /** Said by a ticket: shown, not chosen. */
  readonly isFixed?: boolean;
  readonly onChange: (head: HeadBin | null) => void;
}

/** A head that lies on the shelf, cast or bought; a bought one can be put down there and then. */
export function HeadField(props: HeadFieldProps) {
  const { label, value, none, suits = () => true, problem, isFixed = false, onChange } = props;
  const { view } = useBench();
  const [isAdding, setAdding] = useState(false);
  const hung = hungHeads(view);
  const heads = view.bins.filter((bin): bin is HeadBin => bin.kind === 'head' && suits(bin));
  return (
    <div className={styles.partField}>
      <ChoiceField
        label={label}
        value={value}
        none={none}
        problem={problem}
        isFixed={isFixed}
        options={heads.map(({ id, name }) => {
          const hangs = hung.get(id) ?? 0;
          const there = (view.levels.get(id) ?? 0) - hangs;
          return { value: id, label: `${name}, ${there} there${hangs > 0 ? `, ${hangs} on the rack` : ''}` };
        })}
        onChange={(id) => onChange(heads.find((bin) => bin.id === id) ?? null)}
      />
      <Button
        icon={<PlusOutlined />}
        aria-label="Put bought heads down"
        title="Put bought heads down"
        disabled={isFixed}
        onClick={() => setAdding(true)}
      />
      {isAdding ? (
        <PutDown
          title="Bought heads"
          suits={isBoughtHead}
          onClose={() => setAdding(false)}
          onAdded={(bin) => bin.kind === 'head' && onChange(bin)}
        />
      ) : null}
    </div>
  );
}
