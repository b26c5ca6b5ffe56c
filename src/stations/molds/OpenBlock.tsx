'use client';

import { row, stack } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { useMemo } from 'react';
import type { cavityRows } from '@/model/molds/cavity-facts';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { useBench } from '@/station-kit/BenchProvider';
import { drawMold } from '@/station-kit/draw-mold';
import { inBackground } from '@/station-kit/in-background';
import { usePreferences } from '@/station-kit/preferences-store';
import { pressureText } from '@/text/quantity-text';
import { markText } from '@/text/words';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { CavityFigures } from './CavityFigures';
import { DiscHolds } from './DiscHolds';
import { shrinkWorking } from '@/station-kit/figures/metal-working';
import { Figure } from '@/ui/figure/Figure';
import styles from './molds.module.css';
import { WeightStrip } from './WeightStrip';

type Rows = ReturnType<typeof cavityRows>;

interface OpenBlockProps {
  readonly mold: Mold;
  readonly metal: MetalBin;
  readonly rows: Rows;
  /** What the ticket in hand asks for, with how far off it may be. */
  readonly bands: readonly { readonly grams: number; readonly toleranceShare: number }[];
  readonly isArranging: boolean;
  readonly onArranged: () => void;
  readonly onMetal: (metalId: string) => void;
}

/** A block, its open half drawn to scale, with what each cavity gives in a metal. */
export function OpenBlock(props: OpenBlockProps) {
  const { mold, metal, rows, bands, isArranging, onArranged, onMetal } = props;
  const { workshop, view } = useBench();
  const preferences = usePreferences();
  const layout = useMemo(
    () =>
      drawMold(
        mold,
        rows.map((row) => row.hook),
      ),
    [mold, rows],
  );
  const move = (index: number, byMm: { readonly x: number; readonly y: number }) => {
    const placed = layout?.cavities.find((each) => each.index === index);
    if (!placed) return;
    const spot = { xMm: placed.spot.xMm + byMm.x, yMm: placed.spot.yMm + byMm.y };
    const cavities = mold.cavities.map((each, at) => (at === index ? { ...each, spot } : each));
    inBackground(workshop.molds.save({ ...mold, cavities }));
  };
  const marks = rows.map(({ cavity, hook, asked, fits, index }): CavityMark => ({
    mark: markText(cavity.nominalG, preferences.mass),
    state: asked > 0 ? 'lit' : 'idle',
    foot: hook ? `hook ${hook.size}` : undefined,
    flag: asked > 0 ? (mold.kind === 'spun' ? `× ${asked}` : `${asked} asked`) : undefined,
    name: `Cavity ${index + 1}, marked ${markText(cavity.nominalG, preferences.mass)}${hook ? `, hook ${hook.size}` : ''}${
      asked > 0 ? `, ${asked} asked` : fits ? ', would fit the ticket' : ''
    }`,
  }));

  if (!layout) {
    return (
      <p role="alert" className={stack(12, 'empty')}>
        {mold.name} has a cavity of a style that this page does not know, so it cannot be drawn. Change the
        block and choose another style.
      </p>
    );
  }
  return (
    <>
      <MoldBlock
        title={`${mold.name}, open half, to scale`}
        layout={layout}
        marks={marks}
        maxHeightPx={mold.kind === 'spun' ? 400 : 262}
        plate={mold.kind === 'board' ? 'wood' : 'metal'}
        onMove={isArranging && mold.kind !== 'spun' ? move : undefined}
      />
      {isArranging && mold.kind !== 'spun' ? (
        <p className={styles.arranging} role="status">
          Drag cavities to where they lie, or move them by arrow keys.{' '}
          <Button size="small" onClick={() => onArranged()}>
            Done arranging
          </Button>
        </p>
      ) : null}
      {mold.spin ? <p className={styles.spin}>{spinText(mold.spin, preferences.length)}</p> : null}
      {mold.spin ? <DiscHolds mold={mold} metal={metal} /> : null}
      <CavityFigures rows={rows} metal={metal} layout={layout} />
      <p className={row(0, styles.inMetal)}>
        <label htmlFor="molds-metal">in</label>
        <Select
          id="molds-metal"
          value={metal.id}
          popupMatchSelectWidth={false}
          options={view.metals.map((each) => ({ value: each.id, label: each.name }))}
          onChange={onMetal}
        />
        <span className="quiet">
          {metal.densityGcm3.toFixed(2)} g/cm³, {metal.densityBasis}; castings{' '}
          {metal.shrinkLinear < 0 ? 'swell' : 'shrink'}{' '}
          <Figure working={shrinkWorking(metal)}>{Math.abs(metal.shrinkLinear * 100).toFixed(2)} %</Figure>
        </span>
      </p>
      <WeightStrip mold={mold} metal={metal} bands={bands} />
    </>
  );
}

/** A disc's settings in the order in which they are set. */
function spinText(
  { clampBar, rpm, holdSeconds, spinSeconds, mark }: NonNullable<Mold['spin']>,
  length: 'mm' | 'in',
): string {
  return `${mark ? `${mark}; ` : ''}clamp at ${pressureText(clampBar, length)}, hold ${holdSeconds} s, ${rpm} rpm for ${spinSeconds} s`;
}
