import type { CastFlaw } from '@/core/freezing/cast-flaws';
import type { Vec3 } from '@/core/meshes/mesh';

interface FlawMarksProps {
  readonly flaws: readonly CastFlaw[];
  /** What is solid last; null where nothing was. */
  readonly hot: Vec3 | null;
  readonly px: number;
}

/** Where it goes wrong, on the drawing: numbered as the words beside it are; and what is solid last. */
export function FlawMarks({ flaws, hot, px }: FlawMarksProps) {
  return (
    <g>
      {hot ? (
        <g transform={`translate(${hot[0]} ${-hot[2]})`}>
          <title>Solid last</title>
          <circle r={7 * px} fill="none" stroke="var(--cast-light)" strokeWidth={2.4 * px} />
          <circle
            r={7 * px}
            fill="none"
            stroke="var(--cast-pore)"
            strokeWidth={px}
            strokeDasharray={`${2.5 * px} ${2 * px}`}
          />
        </g>
      ) : null}
      {flaws.map((flaw, nth) => (
        <g key={`${flaw.kind}${flaw.atMm.join(' ')}`}>
          {flaw.kind === 'hollow' ? (
            <path
              d={`M${flaw.shutAtMm[0]} ${-flaw.shutAtMm[2]}L${flaw.atMm[0]} ${-flaw.atMm[2]}`}
              stroke="var(--alarm)"
              strokeWidth={1.6 * px}
              strokeDasharray={`${4 * px} ${3 * px}`}
            />
          ) : null}
          {flaw.kind === 'hollow' ? (
            <path
              transform={`translate(${flaw.shutAtMm[0]} ${-flaw.shutAtMm[2]})`}
              d={`M${-5 * px} ${-5 * px}L${5 * px} ${5 * px}M${-5 * px} ${5 * px}L${5 * px} ${-5 * px}`}
              stroke="var(--alarm)"
              strokeWidth={2.2 * px}
            />
          ) : null}
          <g transform={`translate(${flaw.atMm[0]} ${-flaw.atMm[2]})`}>
            <circle r={9 * px} fill="var(--alarm)" stroke="var(--sheet)" strokeWidth={1.5 * px} />
            <text
              y={4 * px}
              textAnchor="middle"
              fontSize={12 * px}
              fontWeight={700}
              fill="var(--on-hot)"
              aria-hidden
            >
              {nth + 1}
            </text>
          </g>
        </g>
      ))}
    </g>
  );
}
