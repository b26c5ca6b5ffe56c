'use client';

import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { HeadsToTie } from '@/core/skirts/heads-to-tie';
import type { Skirt } from '@/records/skirt';
import { headText, minutesText } from '@/station-kit/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import type { JigChoice } from '@/station-kit/looks/jig-look';
import { tieable } from '@/model/skirts/run-plan';
import { RunPanel } from './RunPanel';
import type { TyingWish } from './BeginTying';
import { SkirtThumb } from './SkirtThumb';
import styles from './skirt.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { inBackground } from '@/station-kit/in-background';

const MOST_AT_ONCE = 10;

interface TiePartProps {
  readonly onTie: (wish: TyingWish) => void;
}

/** What waits for a skirt, what can be tied from the shelf now; and the run under way. */
export function TiePart({ onTie }: TiePartProps) {
  const { view } = useBench();
  const [said, setSaid] = useState<string | null>(null);
  const skirt = view.tying ? view.skirtById.get(view.tying.skirtId) : undefined;
  if (view.tying && skirt) {
    return <RunPanel tying={view.tying} skirt={skirt} onEnded={() => setSaid('Booked.')} />;
  }
  const board = newestByFamily(view.skirts)
    .map((each) => ({ skirt: each, ...tieable(each, view) }))
    .sort((a, b) => b.count - a.count);
  const past = view.tyings.filter(({ state }) => state === 'tied').sort((a, b) => b.no - a.no);
  return (
    <div className={styles.tie}>
      {said ? (
        <p role="status" className={styles.said}>
          {said} What was over is back on the shelf.
        </p>
      ) : null}
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
      <section aria-label="From the shelf now">
        <h3>What the shelf gives now</h3>
        <ul className={styles.gives}>
          {board.map((each) => (
            <GivesRow
              key={each.skirt.id}
              {...each}
              onTie={() =>
                onTie({
                  skirt: each.skirt,
                  count: Math.max(1, Math.min(MOST_AT_ONCE, each.count)),
                  headBinId: null,
                  ticketId: null,
                  lineId: null,
                })
              }
            />
          ))}
        </ul>
      </section>
      {past.length > 0 ? (
        <section aria-label="Runs so far">
          <h3>Runs so far</h3>
          <ul className={styles.past}>
            {past.slice(0, 8).map((run) => {
              const tied = view.skirtById.get(run.skirtId);
              return (
                <li key={run.id}>
                  <strong>
                    Run {run.no}: {run.done} × {tied ? versionText(tied) : 'a skirt gone'}
                  </strong>
                  <span>
                    {new Date(run.startedAt).toLocaleDateString('en-US', { day: 'numeric', month: 'short' })}
                  </span>
                  <span>{minutesText(run.seconds / Math.max(1, run.done))} each</span>
                </li>
              );
            })}
          </ul>
        </section>
      ) : null}
    </div>
  );
}

interface GivesRowProps {
  readonly skirt: Skirt;
  readonly count: number;
  readonly limiting: readonly string[];
  readonly onTie: () => void;
}

/** A recipe and how many of it the shelf gives. */
function GivesRow({ skirt, count, limiting, onTie }: GivesRowProps) {
  const { view } = useBench();
  const loose = view.levels.get(`loose-${skirt.id}`) ?? 0;
  return (
    <li>
      <SkirtThumb skirt={skirt} pxPerMm={1.3} maxWidthPx={108} />
      <span>
        <strong>
          {count} × {versionText(skirt)}
        </strong>
        <small>
          {limiting.join(', ')} {limiting.length > 1 ? 'end' : 'ends'} it
        </small>
        {loose > 0 ? <small>{loose} loose ones lie there</small> : null}
      </span>
      <Button size="small" aria-label={`Tie ${versionText(skirt)}`} onClick={onTie}>
        Tie
      </Button>
    </li>
  );
}

function WaitingRow({
  waiting,
  onTie,
}: {
  readonly waiting: HeadsToTie;
  readonly onTie: (wish: TyingWish) => void;
}) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = usePreferences();
  const { headBinId, skirtId, ticketId, lineId, count } = waiting;
  const bin = view.binById.get(headBinId);
  const skirt = view.skirtById.get(skirtId);
  const ticket = view.tickets.find(({ id }) => id === ticketId);
  const line = ticket?.lines.find(({ id }) => id === lineId);
  const choice = useMemo(
    (): JigChoice =>
      bin?.kind === 'head'
        ? {
            ...{ style: bin.style, nominalG: bin.nominalG, hookBinId: bin.hookBinId, coatId: bin.coatId },
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
      <span className={styles.buttons}>
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
