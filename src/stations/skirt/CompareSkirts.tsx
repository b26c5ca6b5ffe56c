'use client';

import { column, line } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useEffect, useMemo, useRef } from 'react';
import { flaredShares, restShares } from '@/core/skirts/seen-shares';
import type { Skirt } from '@/records/skirt';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { useWidth } from '@/ui/use-width';
import { jigOf } from '@/station-kit/looks/jig-look';
import { layersOf } from '@/model/skirts/skirt-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { tellSkirts } from '@/station-kit/figures/tell-skirts';
import { Figure } from '@/ui/figure/Figure';
import { ShareBar } from '@/ui/skirt-drawing/ShareBar';
import board from '@/ui/board/board.module.css';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';

interface CompareSkirtsProps {
  readonly left: Skirt;
  readonly right: Skirt;
  readonly onClose: () => void;
}

/** Two recipes side by side, drawn to one scale, with what shows of each and what tells them apart. */
export function CompareSkirts({ left, right, onClose }: CompareSkirtsProps) {
  const { view } = useBench();
  const units = useUnits();
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const jigs = useMemo(() => [jigOf(left, view), jigOf(right, view)], [left, right, view]);
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'start' });
  }, []);
  const both = [left, right];
  const rows = tellSkirts(both, view, units);
  const each = (width - 20) / 2;
  // One scale for both, whichever is the longer.
  const scale = Math.min(3, each / Math.max(...jigs.map((jig) => (jig ? reachOf(jig) : 1))));
  return (
    <section ref={top} className={column(12, board.detail)} data-beside="true" aria-label="Side by side">
      <header className={line(0, styles.compareHead)}>
        <h2>Side by side</h2>
        <Button onClick={onClose}>Close</Button>
      </header>
      <div ref={ref} className={styles.compare}>
        {both.map((skirt, index) => {
          const jig = jigs[index];
          const layers = layersOf(skirt, view);
          const rest = restShares(layers, skirt.collar.diameterMm, 'side');
          const flared = flaredShares(layers);
          return (
            <article key={`${index} ${skirt.id}`} aria-label={versionText(skirt)}>
              <h3>{versionText(skirt)}</h3>
              <p className="quiet">{skirt.prey}</p>
              {jig ? (
                <>
                  <div className={styles.compareRest}>
                    <SkirtDrawing
                      name={`${versionText(skirt)} at rest`}
                      jig={jig}
                      state={{ is: 'rest' }}
                      view="side"
                      pxPerMm={scale}
                    />
                  </div>
                  {rest.ok ? <ShareBar pose="rest" shares={rest.value} bins={view.binById} /> : null}
                  <div className={styles.compareOpen}>
                    <SkirtDrawing
                      name={`${versionText(skirt)} on a stop`}
                      jig={jig}
                      state={{ is: 'open', open: 1, pulse: 0 }}
                      view="side"
                      pxPerMm={Math.min(scale, 1.9)}
                    />
                  </div>
                  {flared.ok ? <ShareBar pose="stop" shares={flared.value} bins={view.binById} /> : null}
                </>
              ) : null}
            </article>
          );
        })}
      </div>
      <table className={styles.differences}>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">What</span>
            </th>
            {both.map((skirt, index) => (
              <th key={index} scope="col">
                {versionText(skirt)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, values]) => (
            <tr key={name} data-differs={new Set(values.map(({ text }) => text)).size > 1}>
              <th scope="row">{name}</th>
              {values.map(({ text, working }, index) => (
                <td key={index}>{working ? <Figure working={working}>{text}</Figure> : text}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** How wide a jig is drawn, mm. */
function reachOf({ head, collar, layers }: NonNullable<ReturnType<typeof jigOf>>): number {
  const longest = Math.max(...layers.map(({ lengthMm }) => lengthMm));
  return Math.max(head.viewBox[0] + head.viewBox[2], collar.xMm + longest) + 8;
}
