import { useMemo } from 'react';
import { bodyStill } from '@/drawing/body-view';
import { LOOK_TOKENS, type BodyPart } from './body-part';
import styles from './bodies.module.css';

/** Bodies as a still drawing, for where nothing can be turned. */
export function BodyStill({ says, parts }: { readonly says: string; readonly parts: readonly BodyPart[] }) {
  const stills = useMemo(() => parts.map((part) => ({ part, still: bodyStill(part.triangles) })), [parts]);
  const boxes = stills.map(({ still }) => still.viewBox);
  const left = Math.min(...boxes.map(([x]) => x));
  const top = Math.min(...boxes.map(([, y]) => y));
  const right = Math.max(...boxes.map(([x, , width]) => x + width));
  const foot = Math.max(...boxes.map(([, y, , height]) => y + height));
  return (
    <svg
      viewBox={`${left} ${top} ${right - left} ${foot - top}`}
      role="img"
      aria-label={says}
      className={styles.still}
    >
      {stills.map(({ part, still }) => (
        <g key={part.name}>
          {still.shades.map(({ light, path }, nth) => {
            const fill = `color-mix(in oklab, var(${LOOK_TOKENS[part.look]}) ${Math.round(45 + 55 * light)}%, var(--cast-pore))`;
            return <path key={nth} d={path} fill={fill} stroke={fill} strokeWidth={0.08} />;
          })}
        </g>
      ))}
    </svg>
  );
}
