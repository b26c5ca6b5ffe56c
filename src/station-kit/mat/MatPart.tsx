'use client';

import { Button, Progress } from 'antd';
import { useState } from 'react';
import { apart, column, line, stack } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { JobFailure } from '../JobFailure';
import { EmptyMat } from './EmptyMat';
import { MatPrint } from './MatPrint';
import { SeenMat } from './SeenMat';
import { TakePicture } from './TakePicture';
import { useMat } from './use-mat';
import styles from './mat.module.css';

/** Parts laid on the printed mat and seen by a camera: what they are, how large, how many, and which bins know it then. */
export function MatPart() {
  const { view } = useBench();
  const inHand = useMat();
  const { job, mat, address, isMeasuring, share, why } = inHand;
  const [said, setSaid] = useState<string | null>(null);
  const measure = (picture: Blob) => {
    setSaid(null);
    inHand.measure(picture, view.bench.mat ?? null);
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
      {mat ? (
        <SeenMat key={address} inHand={inHand} mat={mat} onMeasure={measure} onSaid={setSaid} />
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
