'use client';

import { stack } from '@/ui/layout/layout';
import { useDraggable } from '@dnd-kit/core';
import { Button } from 'antd';
import { pileIngots } from '@/drawing/ingot-pile';
import type { MetalBin } from '@/records/bin';
import { lotText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { CountButton } from '@/station-kit/put-down/CountButton';
import { useUnits } from '@/ui/units/use-units';
import { compositionText, ELEMENT_DYES } from '@/model/metals/alloys';
import { onHandText } from '@/text/on-hand-text';
import styles from './metal.module.css';

const INGOT_G = 500;
const MOST_DRAWN = 10;

interface LotShelfProps {
  readonly chosen: string | null;
  readonly onChoose: (binId: string) => void;
  readonly onCharge: (binId: string) => void;
}

/** The lots as piles of ingots, half a kilogram each; dragged or tapped into the pot. */
export function LotShelf({ chosen, onChoose, onCharge }: LotShelfProps) {
  const { view } = useBench();
  return (
    <ul className={stack(10, styles.lots)} aria-label="Metal on the shelf">
      {view.metals.map((lot) => (
        <LotPile
          key={lot.id}
          lot={lot}
          isChosen={lot.id === chosen}
          onChoose={() => onChoose(lot.id)}
          onCharge={() => onCharge(lot.id)}
        />
      ))}
    </ul>
  );
}

interface LotPileProps {
  readonly lot: MetalBin;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly onCharge: () => void;
}

function LotPile({ lot, isChosen, onChoose, onCharge }: LotPileProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: lot.id });
  const onHandG = view.levels.get(lot.id) ?? 0;
  const pile = pileIngots(onHandG, INGOT_G, MOST_DRAWN);
  return (
    <li className={styles.lot} data-chosen={isChosen} data-dragging={isDragging}>
      <button
        type="button"
        ref={setNodeRef}
        {...listeners}
        className={stack(2, styles.lotFace)}
        aria-pressed={isChosen}
        onClick={onChoose}
      >
        <strong>{lotText(lot.name)}</strong>
        <small>{lot.name.split(', ').slice(1).join(', ') || lot.place}</small>
        <svg
          viewBox={`-1 -1 ${pile.width + 2} ${pile.height + 2}`}
          width={pile.width + 2}
          height={pile.height + 2}
          aria-hidden="true"
        >
          {pile.ingots.map(({ path }) => (
            <path key={path} d={path} className={styles.ingot} data-known={lot.composition !== null} />
          ))}
        </svg>
        <span className={styles.lotMass}>{onHandText(lot, view.levels, mass)}</span>
        <Shares lot={lot} />
        <small className={lot.compositionBasis === 'guess' ? styles.guessed : undefined}>
          {lot.composition === null
            ? 'nobody knows what'
            : `${compositionText(lot.composition)}${lot.compositionBasis === 'guess' ? ', a guess' : ''}`}
        </small>
      </button>
      {onHandG > 0 ? (
        <Button size="small" onClick={onCharge} aria-label={`Put ${lot.name} into the pot`}>
          Into the pot
        </Button>
      ) : (
        <CountButton bin={lot} label="Weigh it in" name={`Count ${lot.name}`} />
      )}
    </li>
  );
}

/** The composition as one bar. */
function Shares({ lot }: { lot: MetalBin }) {
  const shares = Object.entries(lot.composition ?? {}).sort((a, b) => b[1] - a[1]);
  return (
    <span className={styles.shares} data-unknown={lot.composition === null} aria-hidden="true">
      {shares.map(([element, share]) => (
        <i
          key={element}
          style={{ flexGrow: Math.max(share, 0.03), background: ELEMENT_DYES[element] ?? 'var(--lead)' }}
        />
      ))}
    </span>
  );
}
