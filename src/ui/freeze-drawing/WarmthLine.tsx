interface WarmthLineProps {
  /** How warm it is as each pour begins, C. */
  readonly atPourC: readonly number[];
  readonly wantedC: number;
  readonly write: (celsius: number) => string;
  readonly says: string;
}

const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, FOOT] = [620, 150, 58, 12, 12, 26];

/** A block's warmth from pour to pour, beside the warmth that is wanted. */
export function WarmthLine({ atPourC, wantedC, write, says }: WarmthLineProps) {
  const low = Math.min(wantedC, ...atPourC);
  const high = Math.max(wantedC, low + 10, ...atPourC);
  const x = (nth: number) => LEFT + (nth * (WIDTH - LEFT - RIGHT)) / Math.max(1, atPourC.length - 1);
  const y = (c: number) => TOP + ((high - c) * (HEIGHT - TOP - FOOT)) / (high - low);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={says}>
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
        <circle
          key={nth}
          cx={x(nth)}
          cy={y(c)}
          r={4}
          fill={c >= wantedC - 5 ? 'var(--ember)' : 'var(--sheet)'}
          stroke="var(--ember)"
          strokeWidth={1.6}
        />
      ))}
      {[0, 4, 9, 14, 19, atPourC.length - 1].map((nth) => (
        <text key={nth} x={x(nth)} y={HEIGHT - 8} textAnchor="middle" fontSize={12} fill="var(--lead)">
          {nth === 0 ? 'pour 1' : nth + 1}
        </text>
      ))}
    </svg>
  );
}
