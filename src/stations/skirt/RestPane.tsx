'use client';

import { Segmented } from 'antd';
import { memo, useMemo } from 'react';
import { restShares } from '@/core/skirts/seen-shares';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { SkirtView } from '@/core/skirts/skirt-view';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import type { JigLook } from '@/ui/skirt-drawing/skirt-look';
import { setPreferences } from '@/station-kit/preferences-store';
import { paneScale } from '@/ui/skirt-drawing/pane-scale';
import { ScaleBar } from '@/ui/skirt-drawing/ScaleBar';
import { ShareBar } from './ShareBar';
import styles from './skirt.module.css';

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
}

/** The skirt laid back by the pull, with the share of each color that shows; and from where both drawings are seen. */
export const RestPane = memo(function RestPane({ jig, layers, view, widthPx }: RestPaneProps) {
  const { diameterMm } = jig.collar;
  const rest = useMemo(() => restShares(layers, diameterMm, view), [layers, diameterMm, view]);
  const pxPerMm = paneScale(jig, AT_REST, view, widthPx);
  return (
    <section className={styles.pane} aria-label="At rest">
      <header>
        <h3>At rest</h3>
        <ViewChoice view={view} />
      </header>
      <p>laid back by the pull</p>
      <div className={styles.stage}>
        <SkirtDrawing name="The skirt at rest" jig={jig} state={AT_REST} view={view} pxPerMm={pxPerMm} />
        <ScaleBar pxPerMm={pxPerMm} />
      </div>
      {rest.ok ? <ShareBar label="shows at rest" shares={rest.value} /> : null}
    </section>
  );
});

const ViewChoice = memo(function ViewChoice({ view }: { readonly view: SkirtView }) {
  return (
    <Segmented<SkirtView>
      size="small"
      aria-label="Seen from"
      value={view}
      options={VIEWS}
      onChange={(next) => setPreferences({ skirtView: next })}
    />
  );
});
