'use client';

import { explainGap, type GapFacts } from '@/core/pours/explain-gap';
import { gapSentence } from '@/text/gap-sentence';
import { massText } from '@/text/words';
import { useUnits } from '../units/use-units';
import { Figure } from '../figure/Figure';
import styles from './pour-drawing.module.css';

/** So many of the usual reasons are worth reading. */
const REASONS = 3;

/** What the books of a run cannot account for, and the usual reasons for a gap of that size. */
export function GapNote({ facts }: { facts: GapFacts }) {
  const { mass } = useUnits();
  const { unaccountedG, pouredG } = facts;
  const share = pouredG > 0 ? Math.abs(unaccountedG) / pouredG : 0;
  const reasons = explainGap(facts);
  const likely = reasons.filter(({ isLikely }) => isLikely);
  return (
    <section className={styles.gap} aria-label="The balance">
      <p>
        <Figure
          working={{
            title: 'The balance',
            steps: [
              'put in − good heads − misfills − sprues − skimmed − left in the pot, each as it was weighed or tapped',
              `${massText(Math.abs(unaccountedG), mass)} ÷ ${massText(pouredG, mass)} poured = ${(share * 100).toFixed(1)} %`,
            ],
            inputs: [
              { name: 'left in the pot', value: 'on the scale', basis: 'weighed' },
              { name: 'a scale’s step', value: massText(facts.scaleStepG, mass), basis: 'usual' },
            ],
          }}
        >
          {massText(Math.abs(unaccountedG), mass)}
        </Figure>{' '}
        {Math.abs(unaccountedG) < facts.scaleStepG
          ? 'left over: the books close.'
          : unaccountedG > 0
            ? `went in and did not come out, ${(share * 100).toFixed(1)} % of what was poured.`
            : `more came out than went in, ${(share * 100).toFixed(1)} % of what was poured.`}
      </p>
      {Math.abs(unaccountedG) < facts.scaleStepG ? null : (
        <>
          <p className="quiet">
            {likely.length > 0
              ? 'Usual reasons for a gap of this size'
              : 'No usual reason leaves a gap of this size; the nearest'}
          </p>
          <ul>
            {(likely.length > 0 ? likely : reasons).slice(0, REASONS).map(({ reason }) => (
              <li key={reason}>{gapSentence(reason)}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
