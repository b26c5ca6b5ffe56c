'use client';

import { CountField } from '@/ui/unit-field/CountField';
import { isByLength } from '@/reference/typical/suits';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { column, line } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Fragment, useState } from 'react';
import { compareNames } from '@/core/numeric/compare-names';
import type { PartBin } from '@/records/bin';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { cutsOf } from '@/model/bills/rig-uses';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { usePaid } from '@/station-kit/put-down/use-paid';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { lengthsOf, newestRigs } from '@/model/rigs/rig-facts';
import { rollWorking } from '@/station-kit/figures/roll-working';
import { Figure } from '@/ui/figure/Figure';
import { rollText } from '@/text/roll-text';
import styles from './matches.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

/** Everything kept by its length: each roll, stick and offcut drawn, received, measured again; what a roll gives. */
export function RollsPart() {
  const { view } = useBench();
  const bins = view.bins
    .filter((bin): bin is PartBin => bin.kind === 'part' && bin.unit === 'mm')
    .sort((a, b) => compareNames(a.name, b.name));
  if (bins.length === 0) {
    return (
      <PutDownHere
        says="Nothing is kept by its length yet: line, cable, cord, tube."
        mend="Put a roll down"
        suits={isByLength}
      />
    );
  }
  // One scale for all of them: a roll of five meters is seen to be short.
  const longest = Math.max(1, ...bins.flatMap(({ id }) => lengthsOf(id, view).map(({ mm }) => mm)));
  return (
    <div className={column(12, styles.rolls)}>
      <ReceiveForm bins={bins} />
      <ul>
        {bins.map((bin) => (
          <Roll key={bin.id} bin={bin} longest={longest} />
        ))}
      </ul>
    </div>
  );
}

function ReceiveForm({ bins }: { readonly bins: readonly PartBin[] }) {
  const { workshop, carryOut } = useBench();
  const [binId, setBinId] = useState<string | null>(null);
  const [mm, setMm] = useState<number | null>(null);
  const [count, setCount] = useState(1);
  const paid = usePaid(bins.find(({ id }) => id === binId) ?? null, mm === null ? null : mm * count);
  const receive = async () => {
    if (binId === null || mm === null || !paid.isMeant()) return;
    await carryOut(workshop.lengths.receive(binId, mm, count, 'received', paid.unitCost));
    setMm(null);
    paid.clear();
  };
  return (
    <form
      className={styles.learn}
      aria-label="Receive lengths"
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(receive());
      }}
    >
      <ChoiceField
        label="Receive"
        value={binId}
        none="which line or tube"
        options={bins.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setBinId}
      />
      <QuantityField
        label="Each so long"
        of="length"
        least={1}
        most={1_000_000}
        value={mm}
        onChange={setMm}
      />
      <CountField
        label="How many"
        min={1}
        max={100}
        value={count}
        onChange={(next) => next !== null && setCount(next)}
      />
      {paid.field}
      <Button type="primary" htmlType="submit" disabled={binId === null || mm === null}>
        Receive
      </Button>
    </form>
  );
}

const LONGEST_PX = 320;

function Roll({ bin, longest }: { readonly bin: PartBin; readonly longest: number }) {
  const { view } = useBench();
  const { length } = useUnits();
  const lengths = lengthsOf(bin.id, view);
  const total = view.levels.get(bin.id) ?? 0;
  const gives = newestRigs(view.rigs).flatMap((rig) => {
    const each = cutsOf(rig, view)
      .filter(({ binId }) => binId === bin.id)
      .reduce((sum, { cutMm }) => sum + cutMm, 0);
    return each > 0 ? [{ name: versionText(rig), each, count: Math.floor(total / each) }] : [];
  });
  return (
    <li aria-label={bin.name}>
      <header>
        <strong>{bin.name}</strong>
        <small>
          {bin.place}, {rollText(total, length)} in all
          {gives.slice(0, 2).map(({ name, each, count }, index) => (
            <Fragment key={name}>
              {index === 0 ? ': enough for ' : ' or '}
              <Figure working={rollWorking(name, { total, each, count }, length)}>{count}</Figure> × {name}
            </Fragment>
          ))}
        </small>
      </header>
      {lengths.length === 0 ? <p className="quiet">none there</p> : null}
      <ol>
        {lengths.map(({ id, mm, isOffcut }) => (
          <li key={id ?? 'loose'}>
            <svg
              viewBox={`0 0 ${LONGEST_PX} 12`}
              width="100%"
              height={12}
              preserveAspectRatio="none"
              aria-hidden
            >
              <rect
                x={0}
                y={2}
                width={Math.max(3, (LONGEST_PX * mm) / longest)}
                height={8}
                data-offcut={isOffcut}
              />
            </svg>
            <span>
              {rollText(mm, length)}
              {isOffcut ? ', cut from' : ''}
              {id === null ? ', not told apart' : ''}
            </span>
            <MeasureAgain binId={bin.id} lengthId={id} mm={mm} name={bin.name} />
          </li>
        ))}
      </ol>
    </li>
  );
}

function MeasureAgain({
  binId,
  lengthId,
  mm,
  name,
}: {
  readonly binId: string;
  readonly lengthId: string | null;
  readonly mm: number;
  readonly name: string;
}) {
  const { workshop, carryOut } = useBench();
  const { length } = useUnits();
  const [isOpen, setOpen] = useState(false);
  const [now, setNow] = useState<number | null>(mm);
  if (!isOpen) {
    return (
      <Button
        size="small"
        aria-label={`Measure ${name} of ${rollText(mm, length)} again`}
        onClick={() => setOpen(true)}
      >
        Measure
      </Button>
    );
  }
  return (
    <span className={line(6, styles.hand)}>
      <QuantityField
        of="length"
        label="Now"
        least={0}
        most={1_000_000}
        value={now}
        onChange={setNow}
        width={130}
      />
      <Button
        size="small"
        type="primary"
        disabled={now === null}
        onClick={async () => {
          if (now !== null) await carryOut(workshop.lengths.measure(binId, lengthId, now));
          setOpen(false);
        }}
      >
        Set
      </Button>
    </span>
  );
}
