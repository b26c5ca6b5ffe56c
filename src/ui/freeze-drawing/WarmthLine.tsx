import styles from './freeze-drawing.module.css';

interface WarmthLineProps {
  /** How warm it is as each pour begins, C. */
  readonly atPourC: readonly number[];
  readonly wantedC: number;
  readonly write: (celsius: number) => string;
  readonly says: string;
  /** A pour was chosen: what is cast at its warmth is asked for. */
  readonly onChoose: (celsius: number) => void;
}

/** Within so much of what is wanted it counts as warm, K. */
const NEAR_K = 5;
const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, FOOT] = [620, 150, 58, 12, 12, 26];

/** A block's warmth from pour to pour, beside the warmth that is wanted. */
export function WarmthLine({ atPourC, wantedC, write, says, onChoose }: WarmthLineProps) {
  const low = Math.min(wantedC, ...atPourC);
  const high = Math.max(wantedC, low + 10, ...atPourC);
  const x = (nth: number) => LEFT + (nth * (WIDTH - LEFT - RIGHT)) / Math.max(1, atPourC.length - 1);
  const y = (c: number) => TOP + ((high - c) * (HEIGHT - TOP - FOOT)) / (high - low);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="group" aria-label={says}>
      <path d={`M${LEFT} ${HEIGHT - FOOT}H${WIDTH - RIGHT}`} stroke="var(--rule)" />
      <path
        d={`M${LEFT} ${y(wantedC)}H${WIDTH - RIGHT}`}
        stroke="var(--quench)"
        strokeDasharray="6 4"
        strokeWidth={1.5}
      />
      <text x={LEFT - 8} y={y(wantedC) + 4} textAnchor="end" fontSize={12} fill="var(--quench-ink)">
        {write(wantedC)}
      </text>
      <path
        d={`M${atPourC.map((c, nth) => `${x(nth)} ${y(c)}`).join('L')}`}
        fill="none"
        stroke="var(--ember)"
        strokeWidth={2}
      />
      {atPourC.map((c, nth) => (
        <g
          key={nth}
          role="button"
          tabIndex={0}
          aria-label={`Freeze pour ${nth + 1}, the block at ${write(c)}`}
          className={styles.pour}
          onClick={() => onChoose(c)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            onChoose(c);
          }}
        >
          <rect x={x(nth) - 11} y={TOP} width={22} height={HEIGHT - TOP - FOOT} fill="transparent" />
          <circle
            cx={x(nth)}
            cy={y(c)}
            r={4}
            fill={c >= wantedC - NEAR_K ? 'var(--ember)' : 'var(--sheet)'}
            stroke="var(--ember)"
            strokeWidth={1.6}
          />
        </g>
      ))}
      {[0, 4, 9, 14, 19, atPourC.length - 1].map((nth) => (
        <text key={nth} x={x(nth)} y={HEIGHT - 8} textAnchor="middle" fontSize={12} fill="var(--lead)">
          {nth === 0 ? 'pour 1' : nth + 1}
        </text>
      ))}
    </svg>
  );
}
