'use client';

import { SearchOutlined } from '@ant-design/icons';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { hasWords } from '@/core/numeric/has-words';
import { findTypicalSize, THING_KINDS } from '@/reference/typical';
import { THING_GROUPS, type ThingKind } from '@/reference/typical/thing-kind';
import { stack } from '@/ui/layout/layout';
import { ThingDrawing } from '@/ui/thing-drawing/ThingDrawing';
import styles from './put-down.module.css';

interface KindPickerProps {
  /** Which kinds would do. */
  readonly suits: (kind: ThingKind) => boolean;
  readonly onPick: (kind: ThingKind) => void;
}

const textOf = ({ one, many, words, group }: ThingKind) => `${one} ${many} ${group} ${words.join(' ')}`;

/** Every kind of thing as a drawing with its name, found by any word that makers use for it. */
export function KindPicker({ suits, onPick }: KindPickerProps) {
  const [search, setSearch] = useState('');
  const would = THING_KINDS.filter(suits);
  const found = would.filter((kind) => hasWords(textOf(kind), search));
  const groups = THING_GROUPS.map((group) => ({
    group,
    kinds: found.filter((kind) => kind.group === group),
  })).filter(({ kinds }) => kinds.length > 0);
  return (
    <div className={stack(12)}>
      <Input
        aria-label="Search kinds of things"
        placeholder="swivel, mono, bucktail, ingot"
        prefix={<SearchOutlined aria-hidden="true" />}
        allowClear
        autoFocus
        value={search}
        onChange={({ target }) => setSearch(target.value)}
        onPressEnter={() => found[0] && onPick(found[0])}
      />
      <div className={stack(14, styles.groups)}>
        {groups.map(({ group, kinds }) => (
          <section key={group} aria-label={group}>
            <h3>{group}</h3>
            <ul className={styles.kinds}>
              {kinds.map((kind) => (
                <li key={kind.id}>
                  <button type="button" className={styles.kind} onClick={() => onPick(kind)}>
                    <ThingDrawing
                      kind={kind}
                      size={findTypicalSize(kind, kind.usual)}
                      width={76}
                      height={38}
                      mostPxPerMm={4}
                    />
                    {kind.many}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
        {found.length === 0 ? (
          <p>
            Nothing is called that. Try what it does: blade, hook, weight, line.{' '}
            <Button size="small" onClick={() => setSearch('')}>
              Show all kinds
            </Button>
          </p>
        ) : null}
      </div>
    </div>
  );
}
