'use client';

import { QUICK_ANSWERS } from '@/model/answers';
import { useInHand } from '@/station-kit/use-in-address';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { SlipNote, SlipPart, SlipTitle } from '@/ui/frame/Slip';
import { Station } from '@/ui/frame/Station';
import { AnswerCard } from './AnswerCard';
import styles from './answers.module.css';

/** What a maker asks before anything lies on the shelf: each answered at once, and led on to its own tool. */
export function AnswersPage() {
  const { isSlipFolded } = usePreferences();
  const [asked] = useInHand('ask');
  // What a station led here to ask stands first.
  const inOrder = [...QUICK_ANSWERS].sort((a, b) => Number(b.id === asked) - Number(a.id === asked));
  return (
    <Station
      title="Quick answers"
      sub="nothing needs to be put down for these"
      isSlipFolded={isSlipFolded}
      onFold={(next) => setPreferences({ isSlipFolded: next })}
      slip={
        <>
          <SlipTitle over="Quick answers">Typical figures</SlipTitle>
          <SlipPart label="What they are">
            <p>
              These come from what metals, beads and packets usually measure. A casting weighed, a head timed
              or a crimp pulled at your own bench beats every one of them.
            </p>
            <SlipNote tone="care">
              Vent the bench, wear goggles and gloves, keep water away from hot metal. Follow the makers’
              sheets and your local rules.
            </SlipNote>
          </SlipPart>
        </>
      }
    >
      <ul className={styles.answers}>
        {inOrder.map((answer) => (
          <li key={answer.id}>
            <AnswerCard of={answer} />
          </li>
        ))}
      </ul>
    </Station>
  );
}
