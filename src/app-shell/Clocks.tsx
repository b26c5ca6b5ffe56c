'use client';

import { App, Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useEffect, useRef, useState } from 'react';
import type { Clock } from '@/records/clock';
import { TextField } from '@/ui/unit-field/TextField';
import { UnitField } from '@/ui/unit-field/UnitField';
import styles from '@/ui/frame/frame.module.css';
import { useBench } from '@/station-kit/BenchProvider';
import { durationText } from '@/text/words';
import { ring } from '@/station-kit/ring';
import { useNow } from '@/station-kit/use-now';
import { inBackground } from '@/station-kit/in-background';

const SOON_MS = 60_000;
const RING_EVERY_MS = 4_000;

/** The bench clocks along the bottom edge. They run to an instant: a reload or a nap of the machine costs nothing. */
export function Clocks({ keys }: { keys: string }) {
  const { workshop, view } = useBench();
  const { modal } = App.useApp();
  const [isAdding, setIsAdding] = useState(false);
  const now = useNow(workshop.now, 1000);
  const lastRing = useRef(0);
  const rung = view.clocks.filter((clock) => clock.endsAt <= now);

  useEffect(() => {
    if (rung.length > 0 && now - lastRing.current >= RING_EVERY_MS) {
      lastRing.current = now;
      ring();
    }
  }, [rung.length, now]);

  const stop = (clock: Clock) => {
    if (clock.endsAt <= now) {
      inBackground(workshop.clocks.stop(clock));
      return;
    }
    modal.confirm({
      title: `Stop the clock '${clock.name}'?`,
      content: `It has ${clockText(clock.endsAt - now)} to run.`,
      okText: 'Stop it',
      cancelText: 'Let it run',
      onOk: () => workshop.clocks.stop(clock),
    });
  };

  return (
    <footer className={styles.clocks} aria-label="Clocks">
      <div className={styles.clockRow}>
        {[...view.clocks]
          .sort((a, b) => a.endsAt - b.endsAt)
          .map((clock) => (
            <button
              key={clock.id}
              type="button"
              className={[
                styles.clock,
                clock.endsAt <= now ? styles.clockRung : clock.endsAt - now < SOON_MS ? styles.clockSoon : '',
              ].join(' ')}
              onClick={() => stop(clock)}
            >
              <b>{clock.endsAt <= now ? 'done' : clockText(clock.endsAt - now)}</b>
              {clock.name}
            </button>
          ))}
        <button type="button" className={styles.addClock} onClick={() => setIsAdding(true)}>
          + clock
        </button>
      </div>
      <span className={styles.keys}>{keys}</span>
      {isAdding ? <NewClock onClose={() => setIsAdding(false)} /> : null}
    </footer>
  );
}

function clockText(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const parts = [Math.floor(seconds / 60) % 60, seconds % 60].map((part) => String(part).padStart(2, '0'));
  const hours = Math.floor(seconds / 3600);
  return hours > 0 ? `${hours}:${parts.join(':')}` : parts.join(':');
}

function NewClock({ onClose }: { onClose: () => void }) {
  const { workshop } = useBench();
  const [name, setName] = useState('Block warming');
  const [seconds, setSeconds] = useState<number | null>(600);
  const canStart = seconds !== null && seconds >= 1 && name.trim() !== '';
  const start = async () => {
    if (!canStart || seconds === null) return;
    await workshop.clocks.start(name.trim(), seconds);
    onClose();
  };
  return (
    <Dialog open title="New clock" onCancel={onClose} footer={null} width={360}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(start());
        }}
        style={{ display: 'grid', gap: 12 }}
      >
        <TextField
          label="What for"
          asks="Give it a name, such as Cure, rack 2."
          value={name}
          most={80}
          onChange={setName}
        />
        <UnitField
          label="How long"
          quantity="duration"
          assume="min"
          value={seconds}
          write={durationText}
          onChange={setSeconds}
          hint="15 min, 1:30 (minutes and seconds) or 1 h 30"
          check={(value) =>
            value < 1
              ? 'A clock runs for at least a second.'
              : value > 172_800
                ? 'A clock runs for two days at most.'
                : null
          }
        />
        <Button type="primary" htmlType="submit" disabled={!canStart}>
          Start
        </Button>
      </form>
    </Dialog>
  );
}
