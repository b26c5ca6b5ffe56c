import { FLAWS } from '@/core/quality/flaws';
import { SlipNote, SlipPart, SlipTitle } from '../frame/Slip';
import styles from './quality-drawing.module.css';

/** What flaws look like, to have beside the trainer. */
export function PracticeSlip() {
  return (
    <>
      <SlipTitle over="Practice">What to look for</SlipTitle>
      <SlipPart label="Flaws">
        <dl className={styles.glossary}>
          {FLAWS.map(({ kind, name, looks }) => (
            <div key={kind}>
              <dt>{name}</dt>
              <dd>{looks}</dd>
            </div>
          ))}
        </dl>
      </SlipPart>
      <SlipNote tone="care">
        A trainer on a simulated pour: it teaches the eye and says nothing about your pot. With real metal:
        vent, glasses, gloves, nothing damp near it; follow the makers’ sheets and your local rules.
      </SlipNote>
    </>
  );
}
