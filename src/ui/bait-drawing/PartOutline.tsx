'use client';

import type { Gauge } from '@/records/gauge';
import { bladePath } from '@/drawing/build/blade-path';
import { readyRig, readySkirt } from '@/drawing/build/ready-paths';
import { trailerPath } from '@/drawing/build/trailer-path';
import { bendPath, clevisPath, swivelPath } from '@/drawing/build/wire-paths';

interface PartOutlineProps {
  readonly gauge: Gauge;
  readonly hex: string;
  readonly pxPerMm: number;
  readonly name?: string;
}

/** A part from the side as it was measured, lying along x, to scale. */
export function PartOutline({ gauge, hex, pxPerMm, name }: PartOutlineProps) {
  const [long, high] = sizeOf(gauge);
  const margin = 0.6;
  const box = [-margin, -high / 2 - margin, long + 2 * margin, high + 2 * margin] as const;
  return (
    <svg
      width={box[2] * pxPerMm}
      height={box[3] * pxPerMm}
      viewBox={box.join(' ')}
      role={name ? 'img' : undefined}
      aria-label={name}
      aria-hidden={name ? undefined : true}
    >
      <g fill={hex} stroke="var(--ink)" strokeWidth={0.3}>
        <Shape gauge={gauge} long={long} high={high} hex={hex} />
      </g>
    </svg>
  );
}

/** How long and how high a part lies, mm. */
export function sizeOf({ as, sizes }: Gauge): readonly [long: number, high: number] {
  switch (as) {
    case 'blade':
      return [sizes.lengthMm ?? 20, sizes.widthMm ?? 10];
    case 'bead':
    case 'keeper':
    case 'ring':
      return [sizes.diameterMm ?? 4, sizes.diameterMm ?? 4];
    case 'clevis':
      return [sizes.lengthMm ?? 4, (sizes.lengthMm ?? 4) * 1.4];
    case 'swivel':
      return [sizes.lengthMm ?? 10, (sizes.lengthMm ?? 10) * 0.34];
    case 'hook':
      return [(sizes.lengthMm ?? 20) + 2, (sizes.gapeMm ?? 10) * 2.1];
    case 'trailer':
      return [sizes.lengthMm ?? 80, (sizes.bodyMm ?? 8) * 1.2];
    case 'frame':
      return [(sizes.upperMm ?? 60) * 0.5, 10];
    case 'strap':
      return [sizes.lengthMm ?? 30, 2];
    case 'skirt':
      return [sizes.lengthMm ?? 60, readySkirt(sizes.lengthMm ?? 60).box[3]];
    case 'rig':
      return [sizes.lengthMm ?? 60, 5];
    default:
      return [sizes.lengthMm ?? 10, sizes.diameterMm ?? 3];
  }
}

function Shape({
  gauge: { as, form, shape, sizes },
  long,
  high,
  hex,
}: {
  readonly gauge: Gauge;
  readonly long: number;
  readonly high: number;
  readonly hex: string;
}) {
  const wire = { fill: 'none', stroke: 'var(--wire)' } as const;
  switch (as) {
    case 'blade':
      return form ? <path d={bladePath(form, long, high)} /> : null;
    case 'bead':
      return (
        <>
          <circle cx={long / 2} r={long / 2} />
          <circle cx={long / 2} r={(sizes.holeMm ?? 1) / 2} fill="var(--sheet)" />
        </>
      );
    case 'keeper':
      return <circle cx={long / 2} r={long / 2} />;
    case 'ring':
      return <circle cx={long / 2} r={long / 2 - 0.4} {...wire} strokeWidth={0.9} />;
    case 'clevis':
      return (
        <path d={clevisPath(long)} {...wire} strokeWidth={0.8} transform={`translate(0 ${-long * 0.3})`} />
      );
    case 'swivel':
      return <path d={swivelPath(long)} {...wire} strokeWidth={0.5} />;
    case 'snap':
      return <ellipse cx={long / 2} rx={long / 2 - 0.4} ry={long * 0.2} {...wire} strokeWidth={0.7} />;
    case 'hook': {
      const gape = sizes.gapeMm ?? 10;
      const { wire: path, barb } = bendPath(Math.max(2, long - 2 - gape / 2), gape);
      return (
        <g {...wire} strokeWidth={sizes.wireMm ?? 0.9} transform={`translate(2 ${gape / 2})`}>
          <circle cx={-1} r={1} />
          <path d={path} />
          <path d={barb} />
        </g>
      );
    }
    case 'trailer':
      return <path d={trailerPath(shape, long, sizes.bodyMm ?? 8)} />;
    case 'frame':
      return (
        <>
          <path d={`M${long} 3H1L${long * 0.8} -4`} {...wire} strokeWidth={sizes.wireMm ?? 1} />
          {sizes.headG ? <circle cx={long * 0.7} cy={3} r={3.2} fill="var(--lead)" /> : null}
        </>
      );
    case 'skirt': {
      const { strands, band } = readySkirt(long);
      return (
        <>
          <path d={strands} fill="none" stroke={hex} strokeWidth={0.9} />
          <path d={band} />
        </>
      );
    }
    case 'rig':
      return <path d={readyRig(long)} {...wire} strokeWidth={0.6} />;
    case 'strap':
      return <path d={`M0 0H${long}`} {...wire} strokeWidth={sizes.wireMm ?? 0.8} />;
    default:
      return <rect y={-high / 2} width={long} height={high} rx={high * 0.2} />;
  }
}
