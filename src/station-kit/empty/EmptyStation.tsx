'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { findThingKind, findTypicalSize } from '@/reference/typical';
import { row, stack, wrap } from '@/ui/layout/layout';
import { ThingDrawing } from '@/ui/thing-drawing/ThingDrawing';
import { EMPTY_STATIONS, type EmptyStationKey } from './empty-stations';

interface EmptyStationProps {
  readonly of: EmptyStationKey;
  /** What the station is for, and what would show here. */
  readonly says: string;
  /** The button that begins it. */
  readonly mend: ReactNode;
  /** Another way to begin, before what can only be asked. */
  readonly other?: ReactNode;
  /** The station's own drawing of typical parts; its things in a row where it has none. */
  readonly drawing?: ReactNode;
}

/** A station of which nothing lies on the bench: what it is for, drawn in gray, and the ways to begin. */
export function EmptyStation({ of, says, mend, other, drawing }: EmptyStationProps) {
  const router = useRouter();
  const { things, asks } = EMPTY_STATIONS[of];
  return (
    <div className={stack(14, 'empty')}>
      <div className={row(20, 'typical')} aria-hidden="true">
        {drawing ??
          things.map(([kindId, size]) => {
            const kind = findThingKind(kindId);
            return (
              <ThingDrawing
                key={`${kindId} ${size}`}
                kind={kind}
                size={findTypicalSize(kind, size)}
                width={130}
                height={84}
                mostPxPerMm={4}
              />
            );
          })}
      </div>
      <p>{says}</p>
      <div className={wrap(10)}>
        {mend}
        {other}
        {asks ? (
          <Button type={other ? 'text' : 'default'} onClick={() => router.push(`/answers?ask=${asks.id}`)}>
            {asks.says}
          </Button>
        ) : null}
      </div>
    </div>
  );
}
