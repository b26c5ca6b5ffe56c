import type { BlockLayout } from '@/drawing/block-layout';

/** The block itself: a steel bar, a disc with its registration mark, or a board. */
export function Plate({
  layout,
  fill,
  px,
  isWood,
}: {
  layout: BlockLayout;
  fill: string;
  px: number;
  isWood: boolean;
}) {
  const { widthMm, heightMm, discMm } = layout;
  const stroke = { stroke: 'var(--steel-edge)', strokeWidth: px * 1.2 };
  if (discMm !== null) {
    const middle = widthMm / 2;
    return (
      <g>
        <circle cx={middle} cy={middle} r={discMm} fill={fill} {...stroke} />
        <circle cx={middle} cy={middle} r={9} fill="var(--cavity-1)" {...stroke} />
        <path d={`M${middle} ${middle - discMm + 1}l-2.4 5h4.8z`} fill="var(--ember)">
          <title>Registration mark</title>
        </path>
        {[45, 135, 225, 315].map((angle) => (
          <circle
            key={angle}
            cx={middle + (discMm - 5) * Math.cos((angle * Math.PI) / 180)}
            cy={middle + (discMm - 5) * Math.sin((angle * Math.PI) / 180)}
            r={2}
            fill="var(--cavity-2)"
          />
        ))}
      </g>
    );
  }
  return (
    <g>
      <rect
        x={px}
        y={px}
        width={widthMm - 2 * px}
        height={heightMm - 2 * px}
        rx={2}
        fill={fill}
        {...stroke}
      />
      {isWood
        ? [0.18, 0.37, 0.52, 0.71, 0.88].map((share, index) => (
            <path
              key={share}
              d={`M2 ${heightMm * share}C${widthMm * 0.3} ${heightMm * (share - 0.05)} ${widthMm * 0.6} ${heightMm * (share + 0.05 - index * 0.01)} ${widthMm - 2} ${heightMm * share}`}
              fill="none"
              stroke="var(--wood-grain)"
              strokeWidth={px * 1.2}
            />
          ))
        : null}
      {(isWood
        ? []
        : [
            [5, 6],
            [widthMm - 5, 6],
            [5, heightMm - 6],
            [widthMm - 5, heightMm - 6],
          ]
      ).map(([x, y]) => (
        <g key={`${x} ${y}`}>
          <circle cx={x} cy={y} r={1.9} fill="var(--cavity-1)" {...stroke} />
          <circle cx={x} cy={y} r={0.7} fill="var(--cavity-2)" />
        </g>
      ))}
    </g>
  );
}
