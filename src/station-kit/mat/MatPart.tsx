'use client';

import { Button, Progress, Segmented } from 'antd';
import { isEqual } from 'es-toolkit/predicate';
import { useMemo, useState } from 'react';
import { countLoose } from '@/core/outline/count-loose';
import type { Spot } from '@/core/outline/outline';
import { withMeasured } from '@/model/stock/measured-on-mat';
import { apart, column, line, row, stack } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { JobFailure } from '../JobFailure';
import { CountLoosePanel } from './CountLoosePanel';
import { EmptyMat } from './EmptyMat';
import { MatPicture } from './MatPicture';
import { MatPrint } from './MatPrint';
import { SideBySide } from './SideBySide';
import { TakePicture } from './TakePicture';
import { ThingPanel } from './ThingPanel';
import { useMat } from './use-mat';
import styles from './mat.module.css';

type Look = 'sizes' | 'count' | 'beside';
const LOOKS: readonly { readonly value: Look; readonly label: string }[] = [
  { value: 'sizes', label: 'Sizes' },
  { value: 'count', label: 'Count' },
  { value: 'beside', label: 'Laid over each other' },
];
/** A press this near to a dot takes it off, mm. */
const ON_DOT_MM = 2;

/** Parts laid on the printed mat and seen by a camera: what they are, how large, how many, and which bins know it then. */
export function MatPart() {
  const { view, workshop } = useBench();
  const inHand = useMat();
  const { job, mat, address, by, things, isMeasuring, share, why, say } = inHand;
  const [look, setLook] = useState<Look>('sizes');
  const [chosen, setChosen] = useState(1);
  const [isPulling, setPulling] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const counted = useMemo(() => countLoose(mat?.things.map(({ seen }) => seen) ?? []), [mat]);
  const [set, setSet] = useState<{ readonly of: unknown; readonly dots: readonly Spot[] } | null>(null);
  const dots = set && set.of === mat ? set.dots : counted;
  const press = ([x, y]: Spot) => {
    const on = dots.findIndex(([dx, dy]) => Math.hypot(dx - x, dy - y) < ON_DOT_MM);
    setSet({ of: mat, dots: on < 0 ? [...dots, [x, y]] : dots.filter((_, index) => index !== on) });
  };
  const measure = (picture: Blob) => {
    setSaid(null);
    setPulling(false);
    setChosen(1);
    inHand.measure(picture, view.bench.mat ?? null);
  };
  const isOldPrint = by !== null && !isEqual(by.printed, view.bench.mat ?? null);
  const thing = things.find(({ no }) => no === chosen) ?? things[0];
  const ready = things.flatMap(({ told, said: { binId } }) => {
    const bin = binId ? view.binById.get(binId) : undefined;
    const measured = bin && withMeasured(bin, told);
    return measured ? [measured] : [];
  });
  const put = async () => {
    await workshop.shelf.measured(ready);
    setSaid(`The sizes are on ${ready.map(({ name }) => name).join(', ')}.`);
  };
  return (
    <div className={stack(16)}>
      {isMeasuring ? (
        <div className={line(12)}>
          <Progress percent={Math.round((share ?? 0) * 100)} aria-label="Measuring the picture" />
          <Button onClick={job.cancel}>Cancel</Button>
        </div>
      ) : null}
      <JobFailure job={job} />
      {why ? (
        <p role="alert" className="wrong">
          {why}
        </p>
      ) : null}
      {said ? <p role="status">{said}</p> : null}
      {mat && thing ? (
        <>
          <div className={row(12)}>
            <Segmented<Look>
              aria-label="What to look at"
              value={look}
              options={[...LOOKS]}
              onChange={setLook}
            />
            <Button onClick={inHand.clear}>Another picture</Button>
          </div>
          <div className={apart(24, styles.mat)}>
            <MatPicture
              mat={mat.mat}
              address={address}
              things={things}
              chosen={thing.no}
              onChoose={(no) => {
                setPulling(false);
                setChosen(no);
              }}
              isPulling={isPulling && look === 'sizes'}
              onPull={(no, edge) => say(no, { edge })}
              dots={look === 'count' ? dots : null}
              onPress={press}
            />
            <div className={column(16)}>
              {look === 'count' ? (
                <CountLoosePanel dots={dots} seen={counted.length} onSaid={setSaid} />
              ) : look === 'beside' ? (
                <SideBySide things={things} />
              ) : (
                <>
                  <ThingPanel
                    key={thing.no}
                    thing={thing}
                    mat={mat}
                    isPulling={isPulling}
                    onPulling={setPulling}
                    onSay={(change) => say(thing.no, change)}
                  />
                  {isOldPrint ? (
                    <p>
                      The bars were measured since.{' '}
                      <Button size="small" onClick={() => by && measure(by.file)}>
                        Measure it again by them
                      </Button>
                    </p>
                  ) : null}
                  <Button type="primary" disabled={ready.length === 0} onClick={() => inBackground(put())}>
                    {ready.length === 0
                      ? 'Choose a bin for each'
                      : `Put the sizes onto ${ready.length} ${ready.length === 1 ? 'bin' : 'bins'}`}
                  </Button>
                  {view.bench.mat && !isOldPrint ? null : <MatPrint />}
                </>
              )}
            </div>
          </div>
        </>
      ) : (
        <div className={apart(24, styles.mat)}>
          <div className={column(20)}>
            {view.bench.mat ? null : <MatPrint />}
            <TakePicture onPicture={measure} />
            {view.bench.mat ? <MatPrint /> : null}
          </div>
          <EmptyMat />
        </div>
      )}
    </div>
  );
}
