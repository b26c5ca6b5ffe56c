import type { MaterialShare } from '@/core/skirts/skirt-appearance';
import { shortName } from '@/text/skirt-words';
import type { Bin } from '@/records/bin';
import styles from './skirt-panes.module.css';

interface ShareBarProps {
  readonly label: string;
  readonly shares: readonly MaterialShare[];
  /** What the materials are called and look like. */
  readonly bins: ReadonlyMap<string, Bin>;
}

/** Room for a figure in a part of the bar, from this share up. */
const ROOM = 0.11;

/** How much of each color shows: a bar in their colors with the figures on it, said in words too. */
export function ShareBar({ label, shares, bins }: ShareBarProps) {
  const parts = shares.map(({ material, share }) => {
    const bin = bins.get(material);
    return {
      material,
      share,
      name: bin?.kind === 'strand' ? shortName(bin) : 'gone',
      hex: bin?.kind === 'strand' ? bin.hex : '#8a8a8a',
    };
  });
  return (
    <figure className={styles.shares}>
      <figcaption>{label}</figcaption>
      <ul aria-label={label}>
        {parts
          .filter(({ share }) => share > 0.002)
          .map(({ material, share, name, hex }) => (
            <li
              key={material}
              style={{ flexGrow: share, background: hex, color: isLight(hex) ? '#23272b' : '#fffdf8' }}
              title={`${name} ${percent(share)}`}
              aria-label={`${name} ${percent(share)}`}
            >
              {share >= ROOM ? percent(share) : ''}
            </li>
          ))}
      </ul>
    </figure>
  );
}

function percent(share: number): string {
  return share < 0.1 ? `${(share * 100).toFixed(1)} %` : `${Math.round(share * 100)} %`;
}

/** Dark figures on light colors (relative luminance, sRGB). */
function isLight(hex: string): boolean {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  return 0.2126 * r ** 2.2 + 0.7152 * g ** 2.2 + 0.0722 * b ** 2.2 > 0.24;
}
