'use client';

import { Button, Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import { stack } from '@/ui/layout/layout';
import { PutDownButton } from '../put-down/PutDownButton';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { bareHeads } from '@/model/heads/bare-heads';
import { dipRefusalsOf, refusalsOf } from './refusals';
import { temperatureText } from '@/text/words';
import { metalIdOf } from '@/model/metals/listed-metal';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';

interface HangFromShelfProps {
  /** What was picked already. */
  readonly taken: readonly WaitingHeads[];
  readonly onPick: (pick: WaitingHeads) => void;
  readonly onClose: () => void;
}

/** Bare heads from the shelf that nobody asked a color for, to be coated all the same. */
export function HangFromShelf({ taken, onPick, onClose }: HangFromShelfProps) {
  const { view } = useBench();
  const { temperature } = useUnits();
  const router = useRouter();
  const id = useId();
  const heads = bareHeads(view, taken).map((each) => ({
    ...each,
    key: `${each.headBinId} ${each.lineId ?? ''}`,
    ticket: view.tickets.find(({ id: ticketId }) => ticketId === each.ticketId),
  }));
  const coats = view.coats.filter(({ retired }) => !retired);
  const [headKey, setHeadKey] = useState<string | null>(null);
  const [coatId, setCoatId] = useState(coats[0]?.id ?? null);
  const [count, setCount] = useState<number | null>(null);
  const head = heads.find(({ key }) => key === headKey) ?? heads[0];
  const coat = coats.find((each) => each.id === coatId) ?? coats[0];
  // Who has no oven dips and hangs: what only a cure would ruin stops nothing then.
  const refuse = view.heaters.some(({ oven }) => oven !== null) ? refusalsOf : dipRefusalsOf;
  const most = head?.count ?? 0;
  const pieces = count ?? most;
  const refusals =
    head && coat
      ? refuse(coat, metalIdOf(head.bin), view, (celsius) => temperatureText(celsius, temperature))
      : [];
  const problem = pieces > most ? `Only ${most} are free. Write ${most} or fewer.` : null;
  const isReady = head && coat && pieces > 0 && !problem && refusals.length === 0;
  return (
    <Dialog
      open
      title="Heads from the shelf"
      okText="Lay them by the rack"
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() =>
        head &&
        coat &&
        onPick({
          headBinId: head.headBinId,
          coatId: coat.id,
          ticketId: head.ticketId,
          lineId: head.lineId,
          count: pieces,
        })
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
        <div className={stack(12)}>
          <FieldShell id={`${id}head`} label="Heads">
            <Select
              id={`${id}head`}
              value={head?.key ?? null}
              style={{ width: '100%' }}
              popupMatchSelectWidth={false}
              options={heads.map(({ key, bin, count: there, ticket }) => ({
                value: key,
                label: `${bin.name} (${there}${ticket ? `, ticket ${ticket.no}` : ''})`,
              }))}
              onChange={(next) => {
                setHeadKey(next);
                setCount(null);
              }}
            />
          </FieldShell>
          <FieldShell id={`${id}coat`} label="Color">
            <Select
              id={`${id}coat`}
              value={coat?.id ?? null}
              style={{ width: '100%' }}
              options={coats.map((each) => ({ value: each.id, label: each.name }))}
              onChange={setCoatId}
            />
          </FieldShell>
          <CountField label="Pieces" value={pieces} min={1} onChange={setCount} problem={problem} />
          {refusals.map((why) => (
            <p key={why} role="alert" className="wrong">
              {why}
            </p>
          ))}
        </div>
      )}
    </Dialog>
  );
}
