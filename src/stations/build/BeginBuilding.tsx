'use client';

import { Modal } from 'antd';
import { useState } from 'react';
import { judgeBuild } from '@/core/builds/judge-build';
import { findingSentence } from '@/text/build-sentence';
import type { Building, BuildRecord } from '@/records/build';
import { hasWiredHead } from '@/model/bills/build-uses';
import { ChoiceField } from '@/station-kit/ChoiceField';
import { HowMany, PaceNote, WhichWay } from '@/station-kit/craft/RunFields';
import { KitTable } from '@/station-kit/craft/KitTable';
import { useBench } from '@/station-kit/BenchProvider';
import { buildOf, headsFor } from '@/model/baits/bait-facts';
import { kitOf, usualHead } from '@/model/baits/run-plan';
import { paceOf } from '@/model/pace/pace-of';
import styles from './run.module.css';
import { versionText } from '@/model/versions/version-text';

interface BeginBuildingProps {
  readonly build: BuildRecord;
  readonly count: number;
  readonly onClose: () => void;
  readonly onBegun: () => void;
}

/** The kit of a run by bin: what it takes, where it lies, what is short; then it is pulled. */
export function BeginBuilding({ build, count: first, onClose, onBegun }: BeginBuildingProps) {
  const { view, workshop, carryOut } = useBench();
  const [count, setCount] = useState(first);
  const [way, setWay] = useState<Building['way']>('one-by-one');
  const heads = headsFor(build, view);
  const [headBinId, setHeadBinId] = useState(() => usualHead(build, first, view));
  const kit = kitOf(build, count, headBinId, view);
  const stops = judgeBuild(buildOf(build, view)).findings.filter(({ weight }) => weight === 'stop');
  const pace = paceOf({ stage: 'build', family: build.family, kind: build.kind }, view);
  return (
    <Modal
      open
      width={620}
      title={`Build ${count} × ${versionText(build)}`}
      okText="Take the kit and begin"
      cancelText="Leave it"
      okButtonProps={{ disabled: !kit.canBegin || stops.length > 0 }}
      onCancel={onClose}
      onOk={async () => {
        const taken = kit.lines.map(({ binId, needed }) => ({ binId, qty: needed }));
        const begun = await carryOut(workshop.buildings.begin({ buildId: build.id, count, way, taken }));
        if (begun) onBegun();
      }}
    >
      <div className={styles.beginFields}>
        <HowMany count={count} onChange={setCount} />
        <WhichWay way={way} one="One bait at a time" onChange={setWay} />
        {build.head && !hasWiredHead(build, view) ? (
          <ChoiceField
            label="Heads from"
            value={headBinId}
            none="choose them"
            options={heads.map((bin) => ({
              value: bin.id,
              label: `${bin.name} (${view.levels.get(bin.id) ?? 0})`,
            }))}
            onChange={setHeadBinId}
          />
        ) : null}
      </div>
      {stops.map((finding, index) => (
        <p key={index} role="alert" className={styles.problem}>
          {findingSentence(finding)}
        </p>
      ))}
      {kit.wantsHead ? (
        <p role="alert" className={styles.problem}>
          {heads.length > 0
            ? 'Choose which heads they are built on.'
            : 'No such head lies on the rack. Pour some, or change the bait’s head.'}
        </p>
      ) : null}
      <KitTable lines={kit.lines} />
      <PaceNote pace={pace} count={count} />
    </Modal>
  );
}
