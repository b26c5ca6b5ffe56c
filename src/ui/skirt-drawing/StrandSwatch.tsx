import type { StrandBin } from '@/records/bin';
import { strandLook } from './strand-look';

interface StrandSwatchProps {
  readonly material: StrandBin | null;
  readonly size?: number;
}

const STRANDS = 9;

/** A bit of a material: strands side by side, as wide as they are beside each other, flakes in them. */
export function StrandSwatch({ material, size = 38 }: StrandSwatchProps) {
  if (!material) {
    return <span style={{ width: size, height: size, border: '1px dashed var(--alarm)', borderRadius: 3 }} />;
  }
  const { tones, flakes, opacity } = strandLook(material);
  const wide = 40 / STRANDS;
  return (
    <svg width={size} height={size} viewBox="0 0 40 40" aria-hidden="true">
      <g opacity={opacity}>
        {Array.from({ length: STRANDS }, (_, nth) => (
          <rect
            key={nth}
            x={nth * wide}
            y={(nth * 7) % 3}
            width={wide * (material.form === 'sheet' ? 0.98 : 0.86)}
            height={38 - ((nth * 5) % 3)}
            fill={tones[(nth * 2) % 3]}
          />
        ))}
        {flakes.map(({ hex, sizeMm }, index) =>
          Array.from({ length: 14 }, (_, nth) => (
            <rect
              key={`${index} ${nth}`}
              x={((nth * 11 + index * 5) % 38) + 0.5}
              y={(nth * 17 + index * 9) % 38}
              width={1 + sizeMm * 2}
              height={1 + sizeMm * 2}
              fill={hex}
            />
          )),
        )}
      </g>
    </svg>
  );
}
