'use client';

import { Nothing } from '@/ui/frame/Nothing';
import { apart, stack } from '@/ui/layout/layout';
import { useInHand } from '@/station-kit/use-in-address';
import { Button } from 'antd';
import { useState } from 'react';
import type { StrandBin } from '@/records/bin';
import { amountText, lengthText } from '@/text/words';
import { piecesOf } from '@/model/skirts/skirt-facts';
import { piecesText, tabsText } from '@/text/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { strandsOnShelf } from '@/model/skirts/skirt-draft';
import { MaterialForm } from './MaterialForm';
import { StrandSwatch } from '@/ui/skirt-drawing/StrandSwatch';
import styles from './materials.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { stockStatus } from '@/model/stock/stock-status';

const FORMS = [
  ['tab', 'Tabs'],
  ['hair', 'Hair'],
  ['fur', 'Fur'],
  ['sheet', 'Sheets'],
] as const;

/** The palette: what skirts are made of, by our own names, in their colors, with what is on hand. */
export function MaterialsPart() {
  const { view } = useBench();
  const { mass, length } = useUnits();
  const materials = strandsOnShelf(view);
  const [chosen, setChosen] = useInHand('material');
  const [editing, setEditing] = useState<StrandBin | 'new' | null>(null);
  const material = materials.find(({ id }) => id === chosen) ?? materials[0] ?? null;
  const level = (bin: StrandBin) => Math.max(0, view.levels.get(bin.id) ?? 0);
  const form =
    editing === null ? null : (
      <MaterialForm
        material={editing === 'new' ? null : editing}
        onClose={() => setEditing(null)}
        onSaved={setChosen}
      />
    );
  if (!material) {
    return (
      <>
        <Nothing
          says="Nothing to tie with lies on the shelf yet. Put tabs, hair, fur or a sheet down with its color."
          mend="A material"
          onMend={() => setEditing('new')}
        />
        {form}
      </>
    );
  }
  const uses = newestByFamily(view.skirts).filter(({ layers }) =>
    layers.some(({ binId }) => binId === material.id),
  );
  return (
    <div className={apart(24, styles.materials)}>
      <div>
        <Button type="primary" onClick={() => setEditing('new')}>
          A material
        </Button>
        {FORMS.map(([kind, name]) => {
          const mine = materials.filter((bin) => bin.form === kind);
          return mine.length === 0 ? null : (
            <section key={kind} aria-label={name}>
              <h3>{name}</h3>
              <ul className={styles.drawer}>
                {mine.map((bin) => (
                  <li key={bin.id}>
                    <button
                      type="button"
                      className={styles.material}
                      aria-pressed={bin.id === material.id}
                      onClick={() => setChosen(bin.id)}
                    >
                      <StrandSwatch material={bin} size={56} />
                      <strong>{bin.name.replace(/^[^,]*, /, '')}</strong>
                      <small data-low={stockStatus(bin, view).isLow}>
                        {bin.name.startsWith('Fine') ? 'fine, ' : ''}
                        {bin.form === 'tab' ? tabsText(level(bin)) : amountText(level(bin), bin, mass)}
                        {stockStatus(bin, view).isLow ? ', low' : ''}
                      </small>
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      <section className={stack(10, styles.card)} aria-label={material.name}>
        <StrandSwatch material={material} size={120} />
        <h2>{material.name}</h2>
        <dl>
          <div>
            <dt>on hand</dt>
            <dd>
              {material.form === 'tab'
                ? piecesText(piecesOf(material.id, view))
                : amountText(level(material), material, mass)}
            </dd>
          </div>
          <div>
            <dt>where it lies</dt>
            <dd>{material.place || 'not said'}</dd>
          </div>
          <div>
            <dt>a strand</dt>
            <dd>
              {lengthText(material.strandWidthMm, length)} wide, {lengthText(material.longMm, length)} long
            </dd>
          </div>
          {material.strandsPerTab === null ? null : (
            <div>
              <dt>strands</dt>
              <dd>
                {material.strandsPerTab}{' '}
                {material.form === 'tab' ? 'a tab' : material.form === 'fur' ? 'a bunch' : 'legs a sheet'}
              </dd>
            </div>
          )}
          <div>
            <dt>lets light through</dt>
            <dd>{Math.round(material.translucency * 100)} %</dd>
          </div>
          <div>
            <dt>flakes</dt>
            <dd>
              {material.flakes.length === 0
                ? 'none'
                : material.flakes
                    .map(({ hex, sizeMm }) => `${hex}, ${lengthText(sizeMm, length)}`)
                    .join('; ')}
            </dd>
          </div>
          <div>
            <dt>in recipes</dt>
            <dd>{uses.length === 0 ? 'none' : uses.map(versionText).join(', ')}</dd>
          </div>
        </dl>
        <Button onClick={() => setEditing(material)}>Change it</Button>
      </section>
      {form}
    </div>
  );
}
