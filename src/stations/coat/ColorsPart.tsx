'use client';

import { apart, stack } from '@/ui/layout/layout';
import { useInHand } from '@/station-kit/use-in-address';
import { Button } from 'antd';
import { useState } from 'react';
import type { Coat } from '@/records/coat';
import type { PowderBin } from '@/records/bin';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { lookOf } from '@/station-kit/looks/coat-look';
import { PhotoColors } from '@/station-kit/photo/PhotoColors';
import { powdersOf } from '@/model/coats/coat-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { ColorForm } from './ColorForm';
import { newCoat, SWATCH_HEAD, type DraftCoat } from './draft-coat';
import styles from './colors.module.css';

/** Recipes of color on the head's own outline; one of them to look at and change; colors out of a photo. */
export function ColorsPart() {
  const { view } = useBench();
  const wanted = (coatId: string) =>
    view.tickets
      .filter(({ state }) => state === 'open')
      .flatMap(({ lines }) => lines)
      .filter((line) => line.coatId === coatId)
      .reduce((so, { count }) => so + count, 0);
  const coats = view.coats
    .filter(({ retired }) => !retired)
    .sort((a, b) => wanted(b.id) - wanted(a.id) || a.name.localeCompare(b.name));
  const [chosen, setChosen] = useInHand('color');
  const [draft, setDraft] = useState<DraftCoat | null>(null);
  const [isPhoto, setPhoto] = useState(false);
  const [round, setRound] = useState(0);
  const shown = draft ?? coats.find(({ id }) => id === chosen) ?? coats[0] ?? null;
  const begin = (next: DraftCoat) => {
    setDraft(next);
    setChosen(null);
    setRound(round + 1);
  };
  const choose = (coat: Coat) => {
    setChosen(coat.id);
    setDraft(null);
    setRound(round + 1);
  };
  return (
    <div className={apart(24, styles.colors)}>
      <div>
        <div className={styles.bar}>
          <Button type="primary" onClick={() => begin(newCoat(view))}>
            New color
          </Button>
          <Button onClick={() => setPhoto(!isPhoto)} aria-pressed={isPhoto}>
            From a photo
          </Button>
        </div>
        {isPhoto ? (
          <PhotoColors
            things={view.bins
              .filter((bin): bin is PowderBin => bin.kind === 'powder' && bin.finish !== 'clear')
              .map(({ id, hex, name }) => ({ id, hex, name: name.replace(/^Powder, /, '') }))}
            hint="Press a powder to begin a color with it."
            onTake={(powderBinId) => begin({ ...newCoat(view), base: { kind: 'powder', powderBinId } })}
          />
        ) : null}
        {coats.length === 0 ? <p>No color is made yet. A color is a powder, and what goes over it.</p> : null}
        <ul className={stack(10, styles.grid)} aria-label="Colors">
          {coats.map((coat) => (
            <li key={coat.id}>
              <button
                type="button"
                className={stack(4, styles.card)}
                aria-pressed={coat.id === shown?.id}
                onClick={() => choose(coat)}
              >
                <CoatSwatch
                  name=""
                  head={SWATCH_HEAD}
                  look={lookOf(coat, view)}
                  view={view}
                  pxPerMm={4}
                  maxWidthPx={150}
                />
                <strong>{coat.name}</strong>
                <small>
                  {coat.base.kind === 'air'
                    ? 'dries in the air'
                    : powdersOf(coat, view)
                        .map(({ name }) => name.replace(/^Powder, /, ''))
                        .join(', ')}
                  {wanted(coat.id) > 0 ? ` · ${wanted(coat.id)} ordered` : ''}
                </small>
              </button>
            </li>
          ))}
        </ul>
      </div>
      {shown ? (
        <ColorForm
          key={round}
          coat={shown}
          onLeave={() => {
            setDraft(null);
            setRound(round + 1);
          }}
          onSaved={(id) => {
            setDraft(null);
            setChosen(id);
            setRound(round + 1);
          }}
        />
      ) : null}
    </div>
  );
}
