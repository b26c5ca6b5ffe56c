'use client';

import { useMemo } from 'react';
import type { SkirtView } from '@/core/skirts/skirt-view';
import { useWidth } from '@/ui/use-width';
import { jigOf } from '@/station-kit/looks/jig-look';
import { layersOf } from '@/model/skirts/skirt-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import type { SkirtDraft } from '@/model/skirts/skirt-draft';
import { OpenPane } from '@/ui/skirt-drawing/OpenPane';
import { RestPane } from '@/ui/skirt-drawing/RestPane';
import styles from './skirt.module.css';

const turnView = (skirtView: SkirtView) => setPreferences({ skirtView });

const GAP_PX = 24;
const NARROW_PX = 520;

/** A recipe drawn twice: at rest, and standing open as far as the slider says, or in the tying. */
export function SkirtPanes({ draft }: { readonly draft: SkirtDraft }) {
  const { view } = useBench();
  const { skirtView } = usePreferences();
  const [ref, width] = useWidth<HTMLDivElement>(640);
  const jig = useMemo(() => jigOf(draft, view), [draft, view]);
  const layers = useMemo(() => layersOf(draft, view), [draft, view]);
  if (!jig) return null;
  const isNarrow = width < NARROW_PX;
  const pane = {
    jig,
    layers,
    view: skirtView,
    bins: view.binById,
    widthPx: isNarrow ? width : (width - GAP_PX) / 2,
  };
  return (
    <div ref={ref} className={styles.panes} data-narrow={isNarrow}>
      <RestPane {...pane} onView={turnView} />
      <OpenPane {...pane} />
    </div>
  );
}
