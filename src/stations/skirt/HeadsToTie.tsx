'use client';

import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo } from 'react';
import type { HeadsToTie as Waiting } from '@/core/skirts/heads-to-tie';
import { versionText } from '@/model/versions/version-text';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import type { JigChoice } from '@/station-kit/looks/jig-look';
import { useUnits } from '@/ui/units/use-units';
import { headText } from '@/text/words';
import type { TyingWish } from './BeginTying';
import { SkirtThumb } from './SkirtThumb';
import styles from './skirt.module.css';

interface HeadsToTieProps {
  readonly onTie: (wish: TyingWish) => void;
}

/** Heads of open tickets that wait for their skirt. */
export function HeadsToTie({ onTie }: HeadsToTieProps) {
  const { view } = useBench();
  return (
    <section aria-label="Heads that wait">
      <h3>Heads that wait for a skirt</h3>
      {view.toTie.length === 0 ? (
        <p className="quiet">
          None. A ticket line with a skirt comes here once its heads are cast and colored.
        </p>
      ) : (
        <ul className={styles.waiting}>
          {view.toTie.map((waiting) => (
            <WaitingRow key={`${waiting.lineId} ${waiting.headBinId}`} waiting={waiting} onTie={onTie} />
          ))}
        </ul>
      )}
    </section>
  );
}

function WaitingRow({
  waiting,
  onTie,
}: {
  readonly waiting: Waiting;
  readonly onTie: (wish: TyingWish) => void;
}) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const { headBinId, skirtId, ticketId, lineId, count } = waiting;
  const bin = view.binById.get(headBinId);
  const skirt = view.skirtById.get(skirtId);
  const ticket = view.tickets.find(({ id }) => id === ticketId);
  const line = ticket?.lines.find(({ id }) => id === lineId);
  const choice = useMemo(
    (): JigChoice =>
      bin?.kind === 'head'
        ? {
            style: bin.style,
            nominalG: bin.nominalG,
            hookBinId: bin.hookBinId,
            coatId: bin.coatId,
            ...(line?.guardBinId ? { guardBinId: line.guardBinId } : {}),
            collarBinId: line?.collarBinId ?? null,
          }
        : {},
    [bin, line],
  );
  if (!skirt || bin?.kind !== 'head') return null;
  const loose = Math.min(count, view.levels.get(`loose-${skirtId}`) ?? 0);
  return (
    <li>
      <SkirtThumb skirt={skirt} choice={choice} pxPerMm={1.8} maxWidthPx={170} />
      <span>
        <strong>
          {count} × {versionText(skirt)}
        </strong>
        <small>
          {headText(bin, view.binById, mass)}, ticket {ticket?.no} {ticket?.title}
        </small>
      </span>
      <span className={wrap(8, styles.buttons)}>
        <Button
          type="primary"
          aria-label={`Tie ${count} ${versionText(skirt)}`}
          onClick={() => onTie({ skirt, count, headBinId, ticketId, lineId })}
        >
          Tie {count}
        </Button>
        {loose > 0 ? (
          <Button
            onClick={() =>
              inBackground(
                carryOut(workshop.tyings.dress({ skirtId, headBinId, count: loose, ticketId, lineId })),
              )
            }
          >
            Pull {loose} loose ones over
          </Button>
        ) : null}
      </span>
    </li>
  );
}
