'use client';

import { stack } from '../layout/layout';
import { Button } from 'antd';
import type { RigFinding, Suited } from '@/core/rigs/rig-finding';
import { rigSentence } from '@/text/rig-sentence';
import { useUnits } from '../units/use-units';
import styles from './rig-parts.module.css';

interface RigFindingsProps {
  readonly findings: readonly RigFinding[];
  readonly onTake: (itemId: string, suited: Suited) => void;
  readonly onChoose: (itemId: string) => void;
}

/** What does not fit, what would be right, and the button that changes it. */
export function RigFindings({ findings, onTake, onChoose }: RigFindingsProps) {
  const units = useUnits();
  if (findings.length === 0) {
    return (
      <p className={styles.fits} role="status">
        Everything fits.
      </p>
    );
  }
  return (
    <ul className={stack(10, styles.findings)} aria-label="What to look at">
      {findings.map((finding, index) => {
        const at = finding.at[0];
        return (
          <li key={index} data-weight={finding.weight}>
            <p role={finding.weight === 'stop' ? 'alert' : undefined}>{rigSentence(finding, units)}</p>
            <span>
              {at === undefined
                ? null
                : rightOf(finding).map((suited) => (
                    <Button key={suited.binId} size="small" type="primary" onClick={() => onTake(at, suited)}>
                      Take {suited.name}
                    </Button>
                  ))}
              {at !== undefined && finding.code !== 'missing' ? (
                <Button size="small" type="text" onClick={() => onChoose(at)}>
                  Show it
                </Button>
              ) : null}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function rightOf(finding: RigFinding): Suited[] {
  const offered =
    finding.code === 'gape-fouls'
      ? [finding.smaller, finding.larger]
      : 'right' in finding
        ? [finding.right]
        : [];
  return offered.filter((each) => each !== null);
}
