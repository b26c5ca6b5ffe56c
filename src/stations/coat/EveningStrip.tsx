'use client';

import { fields, stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { jobSheetPdf } from '@/data/exchange/sheet/job-sheet';
import { minutesText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { usePrint } from '@/station-kit/use-print';
import { composeCoatSheet } from '@/station-kit/print/coat-sheet';
import { eveningOf } from '@/model/coats/evening';
import type { Waiting } from '@/station-kit/coats/waiting';
import { Figure } from '@/ui/figure/Figure';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

interface EveningStripProps {
  readonly chosen: string | null;
  readonly ovenId: string;
  readonly waiting: readonly Waiting[];
  readonly onChoose: (rackId: string) => void;
}

const WORDS = { prep: 'dip and hang', warm: 'warm up', cure: 'at heat' } as const;

/** The evening on one line: hands above, the oven below, the next rack readied while this one cures. */
export function EveningStrip({ chosen, ovenId, waiting, onChoose }: EveningStripProps) {
  const { view } = useBench();
  const print = usePrint();
  const preferences = usePreferences();
  const { coatWay, shedC } = preferences;
  const racks = view.racks.filter((rack) => rack.state === 'hanging' && rack.ovenId === ovenId);
  const held = waiting.filter(({ refusals }) => refusals.length > 0);
  if (racks.length === 0 && held.length === 0) return null;
  const evening = eveningOf(racks, coatWay, shedC, view);
  const nameOf = (id: string) => `Rack ${view.racks.find((rack) => rack.id === id)?.no ?? ''}`;
  const save = () => {
    const sheet = composeCoatSheet(racks, waiting, evening, view, preferences);
    inBackground(print({ file: 'ruvek-coat-sheet', make: (fonts) => jobSheetPdf(sheet, fonts) }));
  };
  const lane = (isOven: boolean) =>
    evening.legs
      .filter(({ kind }) => (kind === 'prep') !== isOven)
      .map((leg) => (
        <button
          key={`${leg.loadId} ${leg.kind}`}
          type="button"
          data-kind={leg.kind}
          aria-pressed={leg.loadId === chosen}
          title={`${nameOf(leg.loadId)}, ${WORDS[leg.kind]}: ${minutesText(leg.endS - leg.startS)}, from ${minutesText(leg.startS)} on`}
          style={{
            left: `${(leg.startS / evening.totalS) * 100}%`,
            width: `${((leg.endS - leg.startS) / evening.totalS) * 100}%`,
          }}
          onClick={() => onChoose(leg.loadId)}
        >
          <span>{leg.kind === 'cure' || leg.kind === 'prep' ? nameOf(leg.loadId) : ''}</span>
        </button>
      ));
  return (
    <section className={stack(6)} aria-label="The evening">
      {racks.length > 0 ? (
        <>
          <div className={styles.lane}>
            <b>Hands</b>
            <div>{lane(false)}</div>
          </div>
          <div className={styles.lane}>
            <b>Oven</b>
            <div>{lane(true)}</div>
          </div>
        </>
      ) : null}
      <p className={fields(8)}>
        <span className="quiet">
          {racks.length > 0 ? (
            <>
              From lighting the oven:{' '}
              <Figure
                working={{
                  title: 'The evening',
                  steps: [
                    ...evening.legs.map(
                      ({ loadId, kind, startS, endS }) =>
                        `${nameOf(loadId)}, ${WORDS[kind]}: ${minutesText(endS - startS)}, from ${minutesText(startS)} on`,
                    ),
                    'hands and oven side by side, each doing one thing at a time',
                  ],
                  inputs: [{ name: 'heat and cure', value: 'as each rack is set', basis: 'computed' }],
                }}
              >
                {minutesText(evening.totalS)}
              </Figure>
              {evening.idleS > 60 ? `, of which hands wait ${minutesText(evening.idleS)} for the oven` : ''}.
            </>
          ) : (
            'Nothing hangs yet.'
          )}
        </span>
        <Button size="small" onClick={save}>
          Job sheet
        </Button>
      </p>
    </section>
  );
}
