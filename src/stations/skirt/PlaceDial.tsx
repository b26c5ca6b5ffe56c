import { memo } from 'react';
import { placeArc } from '@/core/skirts/place-arc';
import { placeRing } from '@/drawing/skirt/place-ring';
import { materialOf } from '@/model/skirts/skirt-facts';
import { placeText, shortName } from '@/text/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import styles from './skirt.module.css';

const INNER = 30;
const STEP = 9;
const BAND = 6.5;

/** Where each layer lies round the head, seen from behind: the first tied innermost. */
export const PlaceDial = memo(function PlaceDial({ draft }: { readonly draft: SkirtDraft }) {
  const { view } = useBench();
  const coat = draft.shownOn.coatId === null ? null : view.coatById.get(draft.shownOn.coatId);
  const base = coat?.base.kind === 'powder' ? view.binById.get(coat.base.powderBinId) : null;
  const headHex = base?.kind === 'powder' ? base.hex : coat?.base.kind === 'air' ? coat.base.hex : null;
  const rings = draft.layers.map((layer, index) => {
    const material = materialOf(layer, view);
    return {
      id: layer.id,
      radius: INNER + STEP * index,
      path: placeRing(placeArc(layer.place), INNER + STEP * index),
      hex: material?.hex ?? '#8a8a8a',
      says: `${material ? shortName(material) : 'gone'}, ${placeText(layer.place)}`,
    };
  });
  const half = INNER + STEP * Math.max(3, rings.length) + 2;
  return (
    <section aria-label="Placed round the head" className={styles.dial}>
      <h3>Placed round the head</h3>
      <svg
        role="img"
        aria-label={rings.map(({ says }) => says).join('; ')}
        viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      >
        <circle r={INNER - 9} fill={headHex ?? 'var(--lead)'} stroke="var(--ink)" strokeWidth={0.6} />
        <path d={`M0 ${-(INNER - 9)}v-7`} stroke="var(--wire)" strokeWidth={2.4} strokeLinecap="round" />
        {rings.map(({ id, path, hex, says }) => (
          <path
            key={id}
            d={path}
            fill="none"
            stroke={hex}
            strokeWidth={BAND}
            style={{ filter: 'drop-shadow(0 0 0.6px var(--ink))' }}
          >
            <title>{says}</title>
          </path>
        ))}
      </svg>
      <p className="quiet">from behind, hook up; the first tied innermost</p>
    </section>
  );
});
