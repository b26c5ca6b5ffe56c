'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { Nothing } from '@/ui/frame/Nothing';
import { row, stack } from '@/ui/layout/layout';
import { Button, Checkbox } from 'antd';
import { memo, useCallback, useMemo, useState } from 'react';
import { judgeBuild } from '@/core/builds/judge-build';
import { sum } from '@/core/numeric/sum';
import { numberText } from '@/text/number-text';
import type { BuildRecord } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { gainWorking, mixWorking } from '@/station-kit/figures/mix-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { buildOf } from '@/model/baits/bait-facts';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { countsOf, mixable, mixQuestion, PACKET, type Wanted } from '@/model/baits/mix';
import { useMix } from './use-mix';
import styles from './mix.module.css';
import { versionText } from '@/model/versions/version-text';
import { JobFailure } from '@/station-kit/JobFailure';

interface MixPartProps {
  readonly onBuild: (build: BuildRecord, count: number) => void;
  /** Goes where the first is made. */
  readonly onFirst: () => void;
}

/** What can I make now: the best the whole shelf gives under what is wanted, and what one more packet would open up. */
export function MixPart({ onBuild, onFirst }: MixPartProps) {
  const { view } = useBench();
  const [wanted, setWanted] = useState<Wanted>({});
  const [withSalvage, setSalvage] = useState(true);
  const { job, ask } = useMix();
  const found = job.answer;
  const builds = useMemo(
    () =>
      mixable(view, (build) =>
        judgeBuild(buildOf(build, view)).findings.every(({ weight }) => weight !== 'stop'),
      ),
    [view],
  );
  const question = useMemo(
    () => mixQuestion(builds, wanted, withSalvage, view),
    [builds, wanted, withSalvage, view],
  );
  const limit = useCallback((id: string, most: number | null) => {
    setWanted((before) => {
      const rest = Object.fromEntries(Object.entries(before).filter(([key]) => key !== id));
      return most === null ? rest : { ...rest, [id]: most };
    });
  }, []);
  const counts = found?.mix ? countsOf(found.mix.make) : null;
  const isBusy = job.is === 'working';
  const total = counts ? sum([...counts.values()]) : 0;
  if (builds.length === 0) {
    return (
      <Nothing
        says="No bait is kept that fits together. Make one; then the shelf can be shared out."
        mend="Make a bait"
        onMend={onFirst}
      />
    );
  }
  return (
    <div className={stack(16)}>
      <div className={row(0, styles.askRow)}>
        <Button type="primary" disabled={isBusy} onClick={() => ask(question)}>
          What can I make now
        </Button>
        {isBusy ? <Button onClick={job.cancel}>Cancel</Button> : null}
        <Checkbox checked={withSalvage} onChange={({ target }) => setSalvage(target.checked)}>
          used parts of the salvage box too
        </Checkbox>
        <span className="quiet">
          {builds.length} baits, {question.shelf.length} kinds of part. The limits are yours; worth is set
          with the bait.
        </span>
      </div>
      <JobFailure job={job} />
      {found?.problem ? (
        <p role="alert" className="wrong">
          {found.problem}
        </p>
      ) : null}
      {found?.mix ? (
        <p role="status" className={styles.answer}>
          <strong>{total} baits</strong> worth{' '}
          <Figure working={mixWorking(builds, counts ?? new Map(), found.mix)}>
            {numberText(found.mix.value, 4)}
          </Figure>
          {found.mix.optimal
            ? '; proven: this shelf gives nothing worth more.'
            : '; the best found in the time.'}
        </p>
      ) : isBusy ? (
        <p role="status">Sharing the shelf out.</p>
      ) : null}
      <ul className={stack(0, styles.rows)} aria-label="Baits">
        {builds.map((build) => {
          const count = counts?.get(build.id) ?? 0;
          return (
            <li key={build.id} data-made={count > 0}>
              <BaitRow build={build} most={wanted[build.id] ?? null} onLimit={limit} />
              <em>{counts ? count : ''}</em>
              {count > 0 ? (
                <Button size="small" onClick={() => onBuild(build, count)}>
                  Build {count}
                </Button>
              ) : (
                <span />
              )}
            </li>
          );
        })}
      </ul>
      {found?.mix ? (
        <section aria-label="One more packet">
          <h3>What one more packet would open up</h3>
          {isBusy ? <p role="status">Trying packets of {PACKET}, one part after another.</p> : null}
          {job.is === 'done' && found.gains.length === 0 ? (
            <p className="quiet">No single packet raises it: something else runs out with it.</p>
          ) : null}
          <ol className={styles.gains}>
            {found.gains.slice(0, 6).map(({ item, gain }) => (
              <li key={item}>
                <span>
                  {PACKET} × {view.binById.get(item)?.name ?? 'loose skirts'}
                </span>
                <Figure working={gainWorking(PACKET, gain)}>{`+ ${numberText(gain, 3)}`}</Figure>
              </li>
            ))}
          </ol>
        </section>
      ) : null}
    </div>
  );
}

interface BaitRowProps {
  readonly build: BuildRecord;
  /** How many are wanted at most; null for any. */
  readonly most: number | null;
  readonly onLimit: (id: string, most: number | null) => void;
}

/** What of a bait stays as it is while answers come in: sixty drawings anew for each would hold the page up. */
const BaitRow = memo(function BaitRow({ build, most, onLimit }: BaitRowProps) {
  const { view } = useBench();
  const look = useMemo(() => lookOfBuild(build, view), [build, view]);
  return (
    <>
      <BaitDrawing name="" look={look} pose="pulled" pxPerMm={1} maxWidthPx={110} maxHeightPx={56} />
      <span>
        <strong>{versionText(build)}</strong>
        <small>worth {numberText(build.worth, 3)}</small>
      </span>
      <label>
        at most{' '}
        <CountField
          isBare
          isOptional
          label={`${versionText(build)}, at most`}
          max={500}
          placeholder="any"
          value={most}
          onChange={(next) => onLimit(build.id, next)}
        />
      </label>
    </>
  );
});
