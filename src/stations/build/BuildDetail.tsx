'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { speedText } from '@/text/quantity-text';
import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { Fragment, useState } from 'react';
import { STINGER_ENDS_MM, stingerLengths } from '@/core/builds/stinger-lengths';
import { findKind } from '@/core/builds/kinds';
import type { BuildRecord } from '@/records/build';
import { moneyWorking } from '@/station-kit/figures/money-working';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { bladeRunWorking, stingerWorking } from '@/station-kit/figures/run-working';
import { BaitWeight } from '@/station-kit/figures/BaitWeight';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { Figure } from '@/ui/figure/Figure';
import { moneyText } from '@/model/cost/cost-slices';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import type { BaitPose } from '@/ui/bait-drawing/bait-look';
import { useWidth } from '@/ui/use-width';
import { lengthText } from '@/text/words';
import { BoardDetail } from '@/ui/board/Board';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { buildableOf, buildOf, costOf, runOf, weightLines } from '@/model/baits/bait-facts';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { paceOf } from '@/model/pace/pace-of';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

interface BuildDetailProps {
  readonly build: BuildRecord;
  readonly onVersion: (id: string) => void;
  readonly onChange: () => void;
  readonly onBuild: () => void;
  readonly onStrip: () => void;
}

const RUNNING_MS = 4;

/** One bait of the board: drawn, what it weighs and costs, what speed was seen, and what can be done with it. */
export function BuildDetail({ build, onVersion, onChange, onBuild, onStrip }: BuildDetailProps) {
  const { view, workshop } = useBench();
  const { length, speed } = useUnits();
  const { sign } = view.bench.money;
  const [ref, width] = useWidth<HTMLDivElement>(400);
  const [pose, setPose] = useState<BaitPose>('pulled');
  const kind = findKind(build.kind);
  const versions = view.builds.filter(({ family }) => family === build.family);
  const lines = weightLines(build, view);
  const run = runOf(build, view);
  const cost = costOf(build, view);
  const gives = buildableOf(build, view);
  const pace = paceOf({ stage: 'build', family: build.family, kind: build.kind }, view);
  return (
    <BoardDetail name={versionText(build)}>
      <header>
        <h2>{versionText(build)}</h2>
        <p className="quiet">
          {kind.name}. {kind.how}
        </p>
      </header>
      {versions.length > 1 ? (
        <Segmented
          size="small"
          aria-label="Version"
          value={build.id}
          options={versions.map(({ id, version }) => ({ value: id, label: String(version) }))}
          onChange={onVersion}
        />
      ) : null}
      <div ref={ref} className={styles.large}>
        <BaitDrawing
          name={versionText(build)}
          look={lookOfBuild(build, view)}
          pose={pose}
          pxPerMm={4}
          maxWidthPx={width}
          maxHeightPx={260}
        />
      </div>
      {kind.arm ? (
        <Segmented<BaitPose>
          size="small"
          aria-label="How it is seen"
          value={pose}
          options={[
            { value: 'pulled', label: 'Pulled' },
            { value: 'hanging', label: 'Hanging' },
          ]}
          onChange={setPose}
        />
      ) : null}
      <dl className={styles.figures}>
        <div>
          <dt>Finished</dt>
          <dd>
            <BaitWeight lines={lines} />
          </dd>
        </div>
        <div>
          <dt>From the shelf</dt>
          <dd>
            <GivesFigure gives={gives} />
          </dd>
        </div>
        <div>
          <dt>Parts cost</dt>
          <dd>
            {cost.unpriced.length > 0 ? 'over ' : ''}
            <Figure working={moneyWorking('Parts cost', cost.lines, cost.each, sign, cost.unpriced)}>
              {moneyText(cost.each, sign)}
            </Figure>
          </dd>
        </div>
        <div>
          <dt>Takes{pace.isOwn ? ' you' : ', about'}</dt>
          <dd>
            <PaceFigure pace={pace} />
          </dd>
        </div>
      </dl>
      {run ? (
        <div className={styles.seen}>
          Stays up from {run.isSeen ? '' : 'about '}
          <Figure working={bladeRunWorking('Slowest speed', run.isSeen)}>
            {speedText(run.slowestMs, speed)}
          </Figure>
          {run.isSeen ? ', as you saw it' : ', an estimate'}.
          <SpeedSeen key={build.id} build={build} />
        </div>
      ) : null}
      {build.kind === 'stinger-grub' ? <Stingers build={build} length={length} /> : null}
      {build.note ? <p>{build.note}</p> : null}
      <div className={wrap(8)}>
        <Button type="primary" onClick={onBuild}>
          Build
        </Button>
        <Button onClick={onChange}>Change it</Button>
        <Button onClick={onStrip}>Strip an old one</Button>
        <Button onClick={() => inBackground(workshop.builds.putAway(build.family, true))}>Put away</Button>
      </div>
    </BoardDetail>
  );
}

const SET = 3;
const STEP_MM = 12;

/** A graded set of stingers for this grub: hook to loop, and what is cut for each. */
function Stingers({ build, length }: { readonly build: BuildRecord; readonly length: 'mm' | 'in' }) {
  const { view } = useBench();
  const { slots, head } = buildOf(build, view);
  const grub = slots.find(({ slot }) => slot === 'trailer')?.part.gauge.sizes.lengthMm;
  if (grub === undefined) return null;
  const set = stingerLengths(grub, (head?.gapeMm ?? 12) * 1.5, SET, STEP_MM, STINGER_ENDS_MM);
  return (
    <p className="quiet">
      A graded set of stingers:{' '}
      {set.map(({ lengthMm, cutMm }, index) => (
        <Fragment key={lengthMm}>
          {index > 0 ? ', ' : ''}
          {lengthText(lengthMm, length)} (cut{' '}
          <Figure working={stingerWorking(lengthMm, cutMm, grub, length)}>{lengthText(cutMm, length)}</Figure>
          )
        </Fragment>
      ))}
      .
    </p>
  );
}

/** The slowest at which its blades stayed up, as somebody saw it; noted when the field is left. */
function SpeedSeen({ build }: { readonly build: BuildRecord }) {
  const { workshop, carryOut } = useBench();
  const [seen, setSeen] = useState(build.seenMs);
  const note = () => {
    if (seen !== build.seenMs) inBackground(carryOut(workshop.builds.seen(build.id, seen)));
  };
  return (
    <span onBlur={note}>
      <QuantityField
        label="Slowest speed seen"
        of="speed"
        value={seen}
        least={0.05}
        most={RUNNING_MS}
        isOptional
        onChange={setSeen}
        width={120}
      />
    </span>
  );
}
