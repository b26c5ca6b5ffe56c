'use client';

import { orderMetals, rankMetal } from '@/core/metals/order-metals';
import { sum } from '@/core/numeric/sum';
import type { LineWant } from '@/core/tickets/facts';
import type { MetalBin } from '@/records/bin';
import { lotText } from '@/text/words';
import styles from './pour-drawing.module.css';

interface MetalOrderProps {
  readonly metals: readonly MetalBin[];
  readonly wants: readonly LineWant[];
  readonly chosen: string | null;
  readonly onChoose: (metalId: string) => void;
}

/** The metals of an evening in the order in which they are poured, with how many heads each has; one is planned. */
export function MetalOrder({ metals, wants, chosen, onChoose }: MetalOrderProps) {
  if (metals.length < 2) return null;
  const ordered = orderMetals(metals);
  const ranks = new Set(ordered.map(rankMetal));
  const whys = [
    ...((ranks.has('lead-free') || ranks.has('bismuth')) && ranks.size > 1
      ? ['lead-free first, so that no lead gets into it']
      : []),
    ...(ranks.has('lead-free') && ranks.has('bismuth')
      ? ['bismuth after tin: a trace of it melts tin in the oven']
      : []),
    ...(ranks.has('soft lead') && ranks.has('hard lead') ? ['soft lead before hard'] : []),
    ...(ranks.has('zinc') ? ['zinc last, in a pot of its own'] : []),
  ];
  return (
    <div className={styles.metalOrder}>
      <ol aria-label="Metals of the session, in order">
        {ordered.map((metal, index) => {
          const heads = sum(
            wants.filter(({ metalBinId }) => metalBinId === metal.id).map(({ left }) => left),
          );
          return (
            <li key={metal.id}>
              <button type="button" aria-pressed={metal.id === chosen} onClick={() => onChoose(metal.id)}>
                <b>{index + 1}</b> {lotText(metal.name)} <small>{heads} heads</small>
              </button>
            </li>
          );
        })}
      </ol>
      {whys.length > 0 ? <p className="quiet">One metal at a time: {whys.join('; ')}.</p> : null}
    </div>
  );
}
