import type { MaterialShare } from '@/core/skirts/skirt-appearance';
import { shortName } from '@/text/skirt-words';
import type { Bin } from '@/records/bin';
import { Figure } from '../figure/Figure';
import styles from './skirt-panes.module.css';

interface ShareBarProps {
  readonly pose: 'rest' | 'stop';
  readonly shares: readonly MaterialShare[];
  /** What the materials are called and look like. */
  readonly bins: ReadonlyMap<string, Bin>;
}

const LABEL = { rest: 'shows at rest', stop: 'shows on a stop' };

/** How each share is reckoned; from behind, only the tips of a skirt at rest are seen, each strand its own. */
const RECKONED = {
  rest: 'slice by slice of the round that is seen, and along its length: what lies outermost hides so much of what is under it as its strands cover (strands × width ÷ collar), cut by what lies on it',
  stop: 'strands × width × length of each layer, by all of them: flared, none hides another',
};

/** Room for a figure in a part of the bar, from this share up. */
const ROOM = 0.11;

/** How much of each color shows: a bar in their colors with the figures on it, said in words too. */
export function ShareBar({ pose, shares, bins }: ShareBarProps) {
  const label = LABEL[pose];
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
      <figcaption>
        <Figure
          working={{
            title: 'Shares of color',
            steps: [RECKONED[pose], ...parts.map(({ name, share }) => `${name} ${percent(share)}`)],
            inputs: [
              { name: 'strands of each layer', value: 'of the recipe', basis: 'given' },
              { name: 'width of a strand', value: 'as its material lies on the shelf', basis: 'given' },
            ],
          }}
        >
          {label}
        </Figure>
      </figcaption>
      <ul aria-label={label}>
        {parts
          .filter(({ share }) => share > 0.002)
          .map(({ material, share, name, hex }) => (
            <li
              key={material}
              style={{ flexGrow: share, background: hex, color: isLight(hex) ? '#000000' : '#ffffff' }}
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

/** The relative luminance on which black and white are read alike well: sqrt(1.05 * 0.05) - 0.05 (WCAG). */
const EVEN = 0.179;

/** Dark figures on light colors (relative luminance, sRGB). */
function isLight(hex: string): boolean {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  return 0.2126 * r ** 2.2 + 0.7152 * g ** 2.2 + 0.0722 * b ** 2.2 > EVEN;
}
