import { flecks } from '@/drawing/coat-bands';
import { trailerPath } from '@/drawing/build/trailer-path';
import type { PlasticColor } from '@/records/plastic';
import { counted, cupColor } from '@/model/plastics/plastic-draft';

interface CupSwatchProps {
  readonly colors: readonly PlasticColor[];
  readonly width: number;
  readonly name?: string;
}

const [LONG_MM, BODY_MM] = [75, 13];
const FLECKS = 46;

/** A bait of a color: two colors back and belly by their shares, flake of its true size. */
export function CupSwatch({ colors, width, name }: CupSwatchProps) {
  const [first] = colors;
  const high = BODY_MM * 1.3;
  const cut = -high / 2 + high * (first?.splitShare ?? 1);
  const id = `swatch-${colors.map((color) => cupColor(color, false).hex.slice(1)).join('-')}`;
  const body = trailerPath('paddle', LONG_MM, BODY_MM);
  return (
    <svg
      role={name ? 'img' : undefined}
      aria-label={name}
      aria-hidden={name ? undefined : true}
      width={width}
      viewBox={`-1 ${-high / 2 - 1} ${LONG_MM + 2} ${high + 2}`}
    >
      <clipPath id={id}>
        <path d={body} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        {colors.map((color, index) => {
          const { hex, clarity } = cupColor(color, false);
          const top = index === 0 ? -high / 2 : cut;
          const bottom = index === 0 && colors.length > 1 ? cut : high / 2;
          const box = { x: 0, y: top, width: LONG_MM, height: bottom - top };
          const flakes = counted(color).filter(({ as }) => as === 'flake');
          return (
            <g key={index}>
              <rect {...box} fill={hex} opacity={1 - 0.35 * clarity} data-cup={hex} />
              {flakes.map((flake, nth) =>
                flecks(box, Math.min(160, Math.round(FLECKS * flake.amount * 2 * (1 + nth * 0.3)))).map(
                  ({ x, y }, at) => (
                    <circle
                      key={`${flake.id} ${at}`}
                      cx={(x + nth * 3.7) % LONG_MM}
                      cy={y}
                      r={(flake.sizeMm ?? 0.4) / 2}
                      fill={flake.hex}
                    />
                  ),
                ),
              )}
            </g>
          );
        })}
      </g>
      <path d={body} fill="none" stroke="var(--ink)" strokeWidth={0.35} />
    </svg>
  );
}
