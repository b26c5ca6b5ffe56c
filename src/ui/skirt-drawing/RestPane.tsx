'use client';

import { Segmented } from '@/ui/choice/Segmented';
import { memo, useMemo } from 'react';
import { restShares } from '@/core/skirts/seen-shares';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { SkirtView } from '@/core/skirts/skirt-view';
import type { Bin } from '@/records/bin';
import { SkirtDrawing } from './SkirtDrawing';
import type { JigLook } from './skirt-look';
import { paneScale } from './pane-scale';
import { ScaleBar } from './ScaleBar';
import { ShareBar } from './ShareBar';
import styles from './skirt-panes.module.css';

const AT_REST = { is: 'rest' } as const;
const VIEWS: { value: SkirtView; label: string }[] = [
  { value: 'side', label: 'Side' },
  { value: 'top', label: 'Top' },
  { value: 'end', label: 'End on' },
];

interface RestPaneProps {
  readonly jig: JigLook;
  readonly layers: readonly SkirtLayer[];
  readonly view: SkirtView;
  readonly widthPx: number;
  /** What the materials are called and look like. */
  readonly bins: ReadonlyMap<string, Bin>;
  readonly onView: (view: SkirtView) => void;
}

/** The skirt laid back by the pull, with the share of each color that shows; and from where both drawings are seen. */
export const RestPane = memo(function RestPane({ jig, layers, view, widthPx, bins, onView }: RestPaneProps) {
  const { diameterMm } = jig.collar;
  const rest = useMemo(() => restShares(layers, diameterMm, view), [layers, diameterMm, view]);
  const pxPerMm = paneScale(jig, AT_REST, view, widthPx);
  return (
    <section className={styles.pane} aria-label="At rest">
      <header>
        <h3>At rest</h3>
        <ViewChoice view={view} onView={onView} />
      </header>
      <p>laid back by the pull</p>
      <div className={styles.stage}>
        <SkirtDrawing name="The skirt at rest" jig={jig} state={AT_REST} view={view} pxPerMm={pxPerMm} />
        <ScaleBar pxPerMm={pxPerMm} />
      </div>
      {rest.ok ? <ShareBar pose="rest" shares={rest.value} bins={bins} /> : null}
    </section>
  );
});

const ViewChoice = memo(function ViewChoice({ view, onView }: Pick<RestPaneProps, 'view' | 'onView'>) {
  return (
    <Segmented<SkirtView>
      size="small"
      aria-label="Seen from"
      value={view}
      options={VIEWS}
      onChange={onView}
    />
  );
});
