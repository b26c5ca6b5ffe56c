'use client';

import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { CONTENTS_TABLES, type BenchContents } from '@/records/bench-file';
import { checkRecord } from '@/records/check-record';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { Stumbled } from '@/ui/frame/Stumbled';
import { wrap } from '@/ui/layout/layout';
import { useBackUp } from './use-back-up';

interface StationStumbledProps {
  readonly error: Error;
  readonly onAgain: () => void;
}

const MOST_NAMED = 5;

/** Records that no bench could have, by name: what a station may have stumbled over. */
function faultsOf(contents: BenchContents): string[] {
  return CONTENTS_TABLES.flatMap((table) =>
    contents[table].flatMap((each) => {
      const fault = checkRecord(table, each);
      return fault ? [`${fault.record}: ${fault.where}, ${fault.why}`] : [];
    }),
  );
}

/** A station that could not be drawn: which records may be why, and how to set it right. The other stations go on. */
export function StationStumbled({ error, onAgain }: StationStumbledProps) {
  const { workshop, view, carryOut } = useBench();
  const backUp = useBackUp();
  const [faults, setFaults] = useState<readonly string[]>([]);
  useEffect(() => {
    let isLive = true;
    inBackground(
      workshop.backup.save().then(({ contents }) => {
        if (isLive) setFaults(faultsOf(contents));
      }),
    );
    return () => {
      isLive = false;
    };
  }, [workshop]);
  const undo = async () => {
    if (await carryOut(workshop.history.undo())) onAgain();
  };
  const earlier = async () => {
    if (await carryOut(workshop.backup.goBack())) onAgain();
  };
  return (
    <>
      <Stumbled
        what="This station"
        safe="What was written is safe in this browser, and the other stations work."
        error={error}
        onAgain={onAgain}
      />
      <section style={{ padding: '0 32px 32px' }} aria-label="How to set it right">
        {faults.length > 0 ? (
          <>
            <p>No bench could hold this:</p>
            <ul>
              {faults.slice(0, MOST_NAMED).map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
          </>
        ) : null}
        <div className={wrap(8)}>
          <Button disabled={view.undo === null} onClick={() => inBackground(undo())}>
            Undo the last change
          </Button>
          <Button onClick={() => inBackground(earlier())}>Go back to the bench before</Button>
          <Button onClick={() => inBackground(backUp())}>Back up</Button>
        </div>
      </section>
    </>
  );
}
