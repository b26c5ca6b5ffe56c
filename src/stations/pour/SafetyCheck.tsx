'use client';

import { stack } from '@/ui/layout/layout';
import { Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { SAFETY_ITEMS, safetyUntil, type SafetyKeep } from '@/core/pours/safety';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './safety-check.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The checklist before the pot goes on. No run begins until every line of it is answered. */
export function SafetyCheck({ onAnswered, onClose }: { onAnswered: () => void; onClose: () => void }) {
  const { workshop, view } = useBench();
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [keep, setKeep] = useState<SafetyKeep>('session');
  const tick = (id: string, isOn: boolean) => {
    const next = new Set(ticked);
    if (isOn) next.add(id);
    else next.delete(id);
    setTicked(next);
  };
  const answer = async () => {
    const answeredAt = workshop.now();
    await workshop.bench.save({
      ...view.bench,
      safety: { answeredAt, until: safetyUntil(keep, answeredAt) },
    });
    onAnswered();
  };
  return (
    <Dialog
      open
      title="Before the pot goes on"
      width={560}
      okText="All of it is so"
      cancelText="Not yet"
      okButtonProps={{ disabled: ticked.size < SAFETY_ITEMS.length }}
      onOk={() => inBackground(answer())}
      onCancel={onClose}
    >
      <ul className={stack(8, styles.items)}>
        {SAFETY_ITEMS.map((item) => (
          <li key={item.id}>
            <Checkbox checked={ticked.has(item.id)} onChange={(event) => tick(item.id, event.target.checked)}>
              {item.asks}
              <small>{item.why}</small>
            </Checkbox>
          </li>
        ))}
      </ul>
      <p className={styles.defer}>
        These are the usual cautions and no promise of safety. Follow the makers&rsquo; sheets and your local
        rules.
      </p>
      <p className="quiet">The answers hold</p>
      <Segmented<SafetyKeep>
        aria-label="How long the answers hold"
        value={keep}
        options={[
          { value: 'run', label: 'for this run' },
          { value: 'two-hours', label: 'for 2 hours' },
          { value: 'session', label: 'for this session, 8 hours at most' },
        ]}
        onChange={setKeep}
      />
    </Dialog>
  );
}
