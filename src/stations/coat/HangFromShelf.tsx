'use client';

import { Button, Modal, Select } from 'antd';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import type { HeadBin } from '@/records/bin';
import { stack } from '@/ui/layout/layout';
import { PutDownButton } from '@/station-kit/put-down/PutDownButton';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { freeHeads } from '@/model/heads/free-heads';
import { refusalsOf } from '@/station-kit/coats/refusals';
import { temperatureText } from '@/text/words';
import { metalIdOf } from '@/model/metals/listed-metal';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import styles from './coat.module.css';

interface HangFromShelfProps {
  /** What was picked already, for no ticket. */
  readonly taken: readonly WaitingHeads[];
  readonly onPick: (pick: WaitingHeads) => void;
  readonly onClose: () => void;
}

/** Bare heads from the shelf, for no ticket, to be coated for stock. */
export function HangFromShelf({ taken, onPick, onClose }: HangFromShelfProps) {
  const { view } = useBench();
  const { temperature } = useUnits();
  const router = useRouter();
  const id = useId();
  const unspoken = new Map(freeHeads(view).map(({ headBinId, count }) => [headBinId, count]));
  const onRacks = view.racks
    .filter(({ state }) => state === 'hanging' || state === 'curing')
    .flatMap(({ hung }) => hung)
    .filter(({ ticketId }) => ticketId === null);
  const free = (bin: HeadBin) => {
    const picked = taken
      .filter(({ headBinId }) => headBinId === bin.id)
      .reduce((so, { count }) => so + count, 0);
    const hung = onRacks.filter(({ headBinId }) => headBinId === bin.id).length;
    return Math.floor(unspoken.get(bin.id) ?? 0) - picked - hung;
  };
  const heads = view.bins.filter(
    (bin): bin is HeadBin => bin.kind === 'head' && bin.coatId === null && free(bin) > 0,
  );
  const coats = view.coats.filter(({ retired }) => !retired);
  const [headId, setHeadId] = useState(heads[0]?.id ?? null);
  const [coatId, setCoatId] = useState(coats[0]?.id ?? null);
  const [count, setCount] = useState<number | null>(null);
  const head = heads.find((bin) => bin.id === headId);
  const coat = coats.find((each) => each.id === coatId);
  const most = head ? free(head) : 0;
  const pieces = count ?? most;
  const refusals =
    head && coat
      ? refusalsOf(coat, metalIdOf(head), view, (celsius) => temperatureText(celsius, temperature))
      : [];
  const problem = pieces > most ? `Only ${most} are free. Write ${most} or fewer.` : null;
  const isReady = head && coat && pieces > 0 && !problem && refusals.length === 0;
  return (
    <Modal
      open
      title="Heads from the shelf"
      okText="Lay them by the rack"
      cancelText="Leave it"
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() =>
        head &&
        coat &&
        onPick({ headBinId: head.id, coatId: coat.id, ticketId: null, lineId: null, count: pieces })
      }
    >
      {heads.length === 0 || coats.length === 0 ? (
        <div className={stack(10)}>
          <p>
            {heads.length === 0
              ? 'No bare heads lie free on the shelf. Pour some, or put bought ones down.'
              : 'No color is made yet.'}
          </p>
          {heads.length === 0 ? (
            <PutDownButton
              type="primary"
              mend="Put bought heads down"
              title="Bought heads"
              suits={({ makes }) => makes === 'head'}
              onAdded={({ id: added }) => setHeadId(added)}
            />
          ) : (
            <Button
              type="primary"
              onClick={() => {
                onClose();
                router.push('/coat?part=colors');
              }}
            >
              Make a color
            </Button>
          )}
        </div>
      ) : (
        <div className={styles.formGrid}>
          <FieldShell id={`${id}head`} label="Heads">
            <Select
              id={`${id}head`}
              value={headId}
              style={{ width: '100%' }}
              popupMatchSelectWidth={false}
              options={heads.map((bin) => ({ value: bin.id, label: `${bin.name} (${free(bin)})` }))}
              onChange={(next) => {
                setHeadId(next);
                setCount(null);
              }}
            />
          </FieldShell>
          <FieldShell id={`${id}coat`} label="Color">
            <Select
              id={`${id}coat`}
              value={coatId}
              style={{ width: '100%' }}
              options={coats.map((each) => ({ value: each.id, label: each.name }))}
              onChange={setCoatId}
            />
          </FieldShell>
          <CountField label="Pieces" value={pieces} min={1} onChange={setCount} problem={problem} />
          {refusals.map((why) => (
            <p key={why} role="alert" className={styles.refusal}>
              {why}
            </p>
          ))}
        </div>
      )}
    </Modal>
  );
}
