'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { BuildRecord } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { boxOf } from '@/ui/bait-drawing/box-of';
import { useWidth } from '@/ui/use-width';
import { useBench } from '@/station-kit/BenchProvider';
import { Figure } from '@/ui/figure/Figure';
import { tellBuilds } from '@/station-kit/figures/tell-builds';
import { useUnits } from '@/ui/units/use-units';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';

interface CompareBuildsProps {
  readonly builds: readonly BuildRecord[];
  readonly onClose: () => void;
}

/** Two to six baits side by side, drawn to one scale, with what tells them apart. */
export function CompareBuilds({ builds, onClose }: CompareBuildsProps) {
  const { view } = useBench();
  const units = useUnits();
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const across = Math.min(builds.length, 3);
  const each = (width - 20 * (across - 1)) / across;
  const looks = builds.map((build) => lookOfBuild(build, view));
  // One scale for all, whichever is the longest or the highest.
  const scale = Math.min(
    3,
    ...looks.map((look) => {
      const [, , wide, high] = boxOf(look, 'pulled');
      return Math.min(each / wide, 240 / high);
    }),
  );
  const rows = tellBuilds(builds, view, units);
  return (
    <section className={stack(14, styles.compare)} aria-label="Side by side">
      <header>
        <h2>Side by side</h2>
        <span className="quiet">
          One scale. Speed, depth and thump are estimates by blade form, for comparing only.
        </span>
        <Button onClick={onClose}>Close</Button>
      </header>
      <div
        ref={ref}
        className={stack(20, styles.besides)}
        style={{ gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))` }}
      >
        {builds.map((build, index) => {
          const look = looks[index];
          return (
            <article key={build.id} aria-label={versionText(build)}>
              <h3>{versionText(build)}</h3>
              {look ? (
                <BaitDrawing
                  name={`${versionText(build)}, drawn`}
                  look={look}
                  pose="pulled"
                  pxPerMm={scale}
                />
              ) : null}
            </article>
          );
        })}
      </div>
      <div className={styles.scroll}>
        <table className={styles.differences}>
          <thead>
            <tr>
              <th scope="col">
                <span className="unseen">What</span>
              </th>
              {builds.map((build) => (
                <th key={build.id} scope="col">
                  {versionText(build)}
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
      </div>
    </section>
  );
}
