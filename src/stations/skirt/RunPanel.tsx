'use client';

import { Button, InputNumber, Modal } from 'antd';
import { useState } from 'react';
import { findHold } from '@/core/skirts/holds';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { minutesText } from '@/station-kit/words';
import { piecesText } from '@/station-kit/skirts/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import { useNow } from '@/station-kit/use-now';
import { BenchCard } from './BenchCard';
import { putBackOf, withSwaps } from '@/model/skirts/run-plan';
import styles from './skirt.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

interface RunPanelProps {
  readonly tying: Tying;
  readonly skirt: Skirt;
  readonly onEnded: () => void;
}

/** A run of skirts under way: the card, how far it is, what was pulled; ended, what is over goes back. */
export function RunPanel({ tying, skirt, onEnded }: RunPanelProps) {
  const { view, workshop, carryOut } = useBench();
  const now = useNow(workshop.now, 10_000);
  const recipe = withSwaps(skirt, tying.swaps);
  const hold = findHold(recipe.hold);
  const [ending, setEnding] = useState<number | null>(null);
  const seconds = tying.seconds + (tying.inHand === null ? 0 : Math.max(0, (now - tying.inHand) / 1000));
  const name = (binId: string) => view.binById.get(binId)?.name ?? 'a bin gone';
  const backText = (done: number) =>
    putBackOf(tying, recipe, done, view).map(({ binId, pieces, qty }) =>
      pieces.length > 0
        ? `${piecesText(pieces)} of ${name(binId)}`
        : `${Number(qty.toFixed(3))} ${name(binId)}`,
    );
  return (
    <div className={styles.run}>
      <BenchCard tying={tying} recipe={recipe} />
      <aside className={styles.runSide} aria-label="This run">
        <h3>
          {tying.count} × {versionText(skirt)}
        </h3>
        <p>
          <strong>
            {tying.done} of {tying.count}
          </strong>{' '}
          tied, {minutesText(seconds)} at it
          {tying.done > 0 ? `, ${minutesText(seconds / tying.done)} each` : ''}
        </p>
        <div className={styles.buttons}>
          <Button type="primary" onClick={() => setEnding(tying.done)}>
            End the run
          </Button>
          <Button
            onClick={() => inBackground(carryOut(workshop.tyings.rest(tying.id, tying.inHand !== null)))}
          >
            {tying.inHand === null ? 'Take it in hand' : 'Lay it aside'}
          </Button>
        </div>
        <h4>Pulled for it</h4>
        <ul>
          {tying.taken.map(({ binId, pieces, qty }) => (
            <li key={binId}>
              {name(binId)}: {pieces.length > 0 ? piecesText(pieces) : Number(qty.toFixed(3))}
            </li>
          ))}
        </ul>
        <h4>Look at before it counts</h4>
        <ul>
          {hold.checks.map((check) => (
            <li key={check}>{check}</li>
          ))}
        </ul>
        <h4>By hand</h4>
        <p className="quiet">{[...hold.tools, ...hold.materials].join(', ')}</p>
      </aside>
      {ending !== null ? (
        <Modal
          open
          title="End the run"
          okText={ending > 0 ? `Book ${ending} tied` : 'Put all back'}
          cancelText="Go on tying"
          onCancel={() => setEnding(null)}
          onOk={async () => {
            const ended = await carryOut(
              workshop.tyings.end(tying.id, ending, putBackOf(tying, recipe, ending, view)),
            );
            if (ended) onEnded();
          }}
        >
          <div>
            Tied:{' '}
            <InputNumber
              aria-label="Tied"
              min={0}
              max={tying.count}
              precision={0}
              value={ending}
              onChange={(done) => done !== null && setEnding(done)}
            />{' '}
            of {tying.count}
          </div>
          <p>
            {backText(ending).length > 0
              ? `Back on the shelf: ${backText(ending).join('; ')}.`
              : 'Nothing is left over.'}
          </p>
        </Modal>
      ) : null}
    </div>
  );
}
