'use client';

import { areaText } from '@/text/writer';
import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { armLength, bladesOf } from '@/core/builds/build';
import { depthTendency } from '@/core/builds/depth-tendency';
import { findKind } from '@/core/builds/kinds';
import { numberText } from '@/text/number-text';
import type { BuildRecord } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { boxOf } from '@/ui/bait-drawing/box-of';
import { useWidth } from '@/ui/use-width';
import { massText, minutesText, sizeText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { buildableOf, buildOf, costOf, finishedOf, runOf, weightLines } from '@/model/baits/bait-facts';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { paceOf } from '@/model/pace/pace-of';
import styles from './board.module.css';
import { versionText } from '@/model/versions/version-text';

interface CompareBuildsProps {
  readonly builds: readonly BuildRecord[];
  readonly onClose: () => void;
}

/** Two to six baits side by side, drawn to one scale, with what tells them apart. */
export function CompareBuilds({ builds, onClose }: CompareBuildsProps) {
  const { view } = useBench();
  const { mass, length } = useUnits();
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
  const runs = builds.map((build) => runOf(build, view));
  const fastest = Math.max(...runs.map((run) => run?.slowestMs ?? 0));
  const rows: readonly (readonly [string, readonly string[]])[] = [
    ['Kind', builds.map(({ kind }) => findKind(kind).name)],
    ['Finished', builds.map((build) => massText(finishedOf(weightLines(build, view)).finishedG, mass))],
    [
      'Arm',
      builds.map((build) =>
        findKind(build.kind).arm ? sizeText(armLength(buildOf(build, view)), length) : 'none',
      ),
    ],
    [
      'Blades',
      builds.map(
        (build) =>
          bladesOf(buildOf(build, view))
            .map(({ name }) => name)
            .join('; ') || 'none',
      ),
    ],
    ['Blade area', runs.map((run) => (run ? areaText(run.areaCm2, length) : 'none'))],
    [
      'Speed, of the fastest',
      runs.map((run) =>
        run ? `${Math.round((run.slowestMs / fastest) * 100)} %${run.isSeen ? ', seen' : ''}` : 'no blade',
      ),
    ],
    ['Depth', runs.map((run) => (run ? depthTendency(run.slowestMs) : 'as it is fished'))],
    ['Thump', runs.map((run) => (run ? sizeText(run.thumpMm, length) : 'none'))],
    [
      'Parts cost',
      builds.map((build) => {
        const { each: cost, unpriced } = costOf(build, view);
        return `${unpriced.length > 0 ? 'over ' : ''}${numberText(cost, 3)}`;
      }),
    ],
    [
      'Takes',
      builds.map((build) =>
        minutesText(paceOf({ stage: 'build', family: build.family, kind: build.kind }, view).secondsEach),
      ),
    ],
    ['From the shelf', builds.map((build) => String(buildableOf(build, view).count))],
  ];
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
              <tr key={name} data-differs={new Set(values).size > 1}>
                <th scope="row">{name}</th>
                {values.map((value, index) => (
                  <td key={index}>{value}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
