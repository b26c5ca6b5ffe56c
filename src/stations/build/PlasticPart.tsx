'use client';

import { useUnits } from '@/ui/units/use-units';
import { volumeText } from '@/text/quantity-text';
import { apart, column } from '@/ui/layout/layout';
import { dayText } from '@/text/date-text';
import { Button } from 'antd';
import { useState } from 'react';
import { sum } from '@/core/numeric/sum';
import { useBench } from '@/station-kit/BenchProvider';
import { BatchForm } from './BatchForm';
import { CupEditor } from './CupEditor';
import { newPlastic, plasticDraftOf, type PlasticDraft } from '@/model/plastics/plastic-draft';
import { CupSwatch } from './CupSwatch';
import styles from './plastic.module.css';

/** Soft plastic: colors stirred step by step, batches scaled from them and logged. */
export function PlasticPart() {
  const { view } = useBench();
  const { volume } = useUnits();
  const kept = view.plastics.filter(({ retired }) => !retired);
  const [draft, setDraft] = useState<PlasticDraft | null>(() => (kept[0] ? plasticDraftOf(kept[0]) : null));
  const [said, setSaid] = useState<string | null>(null);
  const record = kept.find(({ id }) => id === draft?.id) ?? null;
  return (
    <div className={apart(24, styles.plastic)}>
      <div className={column(14, styles.colors)}>
        <h3>Colors</h3>
        <ul>
          {kept.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                aria-pressed={each.id === draft?.id}
                onClick={() => {
                  setDraft(plasticDraftOf(each));
                  setSaid(null);
                }}
              >
                <CupSwatch colors={each.colors} width={54} />
                <span>
                  {each.name}
                  <small>{each.plastic === 'soft' ? 'soft plastic' : 'stretchy plastic'}</small>
                </span>
              </button>
            </li>
          ))}
        </ul>
        <Button
          size="small"
          onClick={() => {
            setDraft(newPlastic());
            setSaid(null);
          }}
        >
          New color
        </Button>
      </div>
      <div className={column(14)}>
        {draft ? (
          <CupEditor
            key={`cup ${draft.id ?? 'new'}`}
            draft={draft}
            onChange={setDraft}
            onKept={(each) => setDraft(plasticDraftOf(each))}
          />
        ) : (
          <p>No color is kept yet. Stir one: drops and flake are noted as they go in.</p>
        )}
        {said ? (
          <p role="status" className="said">
            {said}
          </p>
        ) : null}
        {record ? <BatchForm key={`batch ${record.id}`} plastic={record} onPoured={setSaid} /> : null}
        {view.plasticBatches.length > 0 ? (
          <section aria-label="Batches so far">
            <h3>Batches so far</h3>
            <ul className={styles.batches}>
              {[...view.plasticBatches]
                .reverse()
                .slice(0, 6)
                .map(({ id, no, plasticId, at, good, shots, mixed, blockCm3, note }) => (
                  <li key={id}>
                    <strong>
                      Batch {no}: {good} of {sum(shots.map(({ count }) => count))},{' '}
                      {view.plastics.find((each) => each.id === plasticId)?.name ?? 'a color gone'}
                    </strong>
                    <span>{dayText(at)}</span>
                    <span>
                      {volumeText(sum(mixed.map(({ plasticCm3 }) => plasticCm3)), volume)} of plastic
                    </span>
                    {blockCm3 > 0 ? <span>block of {volumeText(blockCm3, volume)} left</span> : null}
                    {note ? <span>{note}</span> : null}
                  </li>
                ))}
            </ul>
          </section>
        ) : null}
        <p className={styles.caution}>
          Hot plastic burns and sticks: long sleeves, gloves, eye protection. Its fume is harmful: outdoors or
          under an extractor, never in a kitchen, never in a food microwave. No water near it. Follow the
          makers’ sheets and your local rules.
        </p>
      </div>
    </div>
  );
}
