import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { GateSide } from '@/core/molds/gate-sides';
import { flawSentence, flawTitle } from '@/text/cast-words';
import { useUnits } from '@/ui/units/use-units';
import styles from './freeze.module.css';

interface FlawListProps {
  readonly picture: FrozenPicture;
  readonly side: GateSide;
}

/** What is likely to go wrong, numbered as on the drawing; or that nothing is. */
export function FlawList({ picture, side }: FlawListProps) {
  const units = useUnits();
  if (picture.feed === null) {
    return (
      <p role="status" className={styles.good}>
        The mold is so hot that the metal does not freeze in any time worth waiting. Let it cool.
      </p>
    );
  }
  if (picture.flaws.length === 0) {
    return (
      <p role="status" className={styles.good}>
        It fills, and the gate feeds it until it is solid. No flaw expected.
      </p>
    );
  }
  return (
    <ol className={styles.flaws} aria-label="What is likely to go wrong">
      {picture.flaws.map((flaw) => (
        <li key={`${flaw.kind}${flaw.atMm.join(' ')}`}>
          <strong>{flawTitle(flaw)}</strong>
          <p>{flawSentence(flaw, picture, side, units)}</p>
        </li>
      ))}
    </ol>
  );
}
