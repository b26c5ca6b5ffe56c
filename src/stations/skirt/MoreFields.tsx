'use client';

import { Collapse } from 'antd';
import { memo } from 'react';
import { findHold } from '@/core/skirts/holds';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import { HoldFields } from './HoldFields';
import { ShownOnFields } from './ShownOnFields';
import styles from './skirt.module.css';

interface MoreFieldsProps {
  readonly draft: SkirtDraft;
  readonly onChange: (draft: SkirtDraft) => void;
  readonly onMove: (draft: SkirtDraft) => void;
}

/** How the skirt is held, and what it is drawn on: folded away until they are wanted. */
export const MoreFields = memo(function MoreFields({ draft, onChange, onMove }: MoreFieldsProps) {
  return (
    <Collapse
      className={styles.more}
      ghost
      items={[
        {
          key: 'hold',
          label: `Held by: ${findHold(draft.hold).name}`,
          children: <HoldFields draft={draft} onChange={onChange} onMove={onMove} />,
        },
        {
          key: 'on',
          label: 'Drawn on: head, hook, color, guard, rattle, trailer',
          children: (
            <ShownOnFields value={draft.shownOn} onChange={(shownOn) => onChange({ ...draft, shownOn })} />
          ),
        },
      ]}
    />
  );
});
