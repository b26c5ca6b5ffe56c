'use client';

import { column, stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { mean } from '@/core/numeric/mean';
import { NO_CLUES, type Clues } from '@/core/quality/causes/clues';
import type { CauseTable } from '@/core/quality/causes/trade-table';
import { driftSentence } from '@/text/drift-sentence';
import type { Batch } from '@/records/batch';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { drawMold } from '@/station-kit/draw-mold';
import { headText, markText, massText } from '@/text/words';
import { ScalePanel, type WeightSource } from '@/station-kit/scale/ScalePanel';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { judgeBatch, weighedOf, type JudgedCavity } from '@/model/quality/batch-facts';
import { CausesPart } from '@/ui/quality-drawing/CausesPart';
import { driftWorking } from '@/station-kit/figures/head-working';
import { Figure } from '@/ui/figure/Figure';
import { ControlChart } from '@/ui/quality-drawing/ControlChart';
import { SortTrays } from './SortTrays';
import styles from './dress.module.css';
import { inBackground } from '@/station-kit/in-background';

const MIXED = 'mixed';

interface WeighPartProps {
  readonly batch: Batch;
  readonly table: CauseTable;
}

const nameOf = ({ index, mold }: JudgedCavity) => `Cavity ${index + 1} of ${mold.name}`;

/** Castings of a batch through the scale: a chart for each cavity, what drifts and why, trays of true weight. */
export function WeighPart({ batch, table }: WeighPartProps) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const judged = judgeBatch(batch, view.batches, view);
  const drifting = judged.cavities.filter(({ verdict }) => verdict?.drift);
  const [chosen, setChosen] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const cavity =
    chosen === MIXED
      ? null
      : (judged.cavities.find((each) => each.cavity.id === chosen) ??
        drifting[0] ??
        judged.cavities[0] ??
        null);
  const all = weighedOf(batch, view.weighings);
  const mixed = all.filter(({ cavityId }) => cavityId === null).map(({ weighedG }) => weighedG);
  const weighedG = cavity ? cavity.weighedG : mixed;
  const targetG = cavity?.expectedG ?? batch.nominalG;
  const drift = cavity?.verdict?.drift ?? null;
  const lastWeighing = all.at(-1);

  const take = async (massG: number, scale: WeightSource) => {
    const done = await carryOut(
      workshop.weighings.add({
        moldId: cavity?.mold.id ?? null,
        cavityId: cavity?.cavity.id ?? null,
        metalBinId: batch.metalBinId,
        hookBinId: batch.hookBinId,
        count: 1,
        weighedG: massG,
        scale,
        runId: batch.runId,
        batchId: batch.id,
        calibrates: false,
      }),
    );
    if (done) setSaid(`Took ${massText(massG, mass)}, number ${weighedG.length + 1}.`);
  };
  const known = judged.block.cavities;
  const clues: Clues = {
    ...NO_CLUES,
    pattern: drift?.pattern ?? null,
    spread: known.length < 2 ? null : known.filter((each) => each.drift).length > 1 ? 'many' : 'one',
  };

  return (
    <div className={stack(24, styles.weigh)}>
      <div className={column(12)}>
        <Segmented
          aria-label="Which cavity they are of"
          block
          value={cavity?.cavity.id ?? MIXED}
          options={[
            ...judged.cavities.map((each) => ({
              value: each.cavity.id,
              label: `Cavity ${each.index + 1}${each.verdict?.drift ? ', drifts' : ''}`,
            })),
            { value: MIXED, label: judged.cavities.length > 0 ? 'Mixed' : 'All together' },
          ]}
          onChange={(next) => {
            setChosen(next);
            setSaid('');
          }}
        />
        <BlockOfBatch batch={batch} cavities={judged.cavities} chosen={cavity} onChoose={setChosen} />
        <ScalePanel
          count={1}
          label="One casting"
          onWeighed={(massG, scale) => inBackground(take(massG, scale))}
          said={said}
        />
        {lastWeighing ? (
          <Button onClick={() => inBackground(workshop.weighings.remove(lastWeighing))}>
            Remove last, {massText(lastWeighing.weighedG, mass)}
          </Button>
        ) : null}
      </div>
      <div className={column(12)}>
        {judged.block.commonOffShare !== 0 ? (
          <p className={styles.common} role="status">
            All cavities are {judged.block.commonOffShare < 0 ? 'light' : 'heavy'} alike, by{' '}
            {Math.abs(judged.block.commonOffShare * 100).toFixed(1)} %: that is the metal or the scale, not
            the block.
          </p>
        ) : null}
        {cavity && drift ? (
          <div className={styles.named}>
            <h3>{driftSentence(drift, nameOf(cavity))}</h3>
            <Figure working={driftWorking(drift, weighedG, targetG, mass)}>how that is told</Figure>
          </div>
        ) : null}
        {weighedG.length < 2 ? (
          <p className={styles.emptyChart}>
            {judged.cavities.length > 0
              ? 'Keep castings of a cavity together and weigh them in the order of casting. Two make a chart, three can show a drift.'
              : 'Nobody knows which cavity these came from, so they share one chart. Two make a chart.'}
          </p>
        ) : (
          <ControlChart
            name={cavity ? nameOf(cavity) : headText(batch, view.binById, mass)}
            weighedG={weighedG}
            targetG={targetG}
            toleranceG={targetG * batch.toleranceShare}
          />
        )}
        {cavity && drift ? (
          <section className={styles.drift} aria-label="Why it drifts">
            <CausesPart
              key={cavity.cavity.id}
              symptom={drift.offShare < 0 ? 'light' : 'heavy'}
              clues={clues}
              table={table}
              onFound={(cause) =>
                inBackground(
                  carryOut(
                    workshop.batches.note(batch.id, {
                      moldId: cavity.mold.id,
                      cavity: cavity.index,
                      kind: drift.offShare < 0 ? 'light' : 'heavy',
                      count: drift.pattern === 'single' ? 1 : cavity.weighedG.length - drift.from,
                      fate: 'kept',
                      cause,
                    }),
                  ).then((done) => done && setSaid('Noted. The cause table learns from it.')),
                )
              }
            />
          </section>
        ) : weighedG.length > 2 && cavity ? (
          <p className={styles.holds} role="status">
            {nameOf(cavity)} holds: castings vary no more than by chance.
          </p>
        ) : null}
        <SortTrays batch={batch} weighings={all} />
      </div>
    </div>
  );
}

interface BlockOfBatchProps {
  readonly batch: Batch;
  readonly cavities: readonly JudgedCavity[];
  readonly chosen: JudgedCavity | null;
  readonly onChoose: (cavityId: string) => void;
}

/** The block that the batch came from, with what its cavities gave written on them. */
function BlockOfBatch({ batch, cavities, chosen, onChoose }: BlockOfBatchProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const mold = chosen?.mold ?? cavities[0]?.mold;
  if (!mold) return null;
  const hook = batch.hookBinId === null ? null : (view.hooks.get(batch.hookBinId) ?? null);
  const layout = drawMold(
    mold,
    mold.cavities.map(() => hook),
  );
  if (!layout) return null;
  const of = (index: number) => cavities.find((each) => each.mold.id === mold.id && each.index === index);
  const marks = mold.cavities.map(({ nominalG }, index): CavityMark => {
    const own = of(index);
    const weighed = own?.weighedG.length ?? 0;
    const state = own?.verdict?.drift ? 'misfilled' : weighed > 2 ? 'full' : own ? 'lit' : 'idle';
    return {
      mark: weighed > 0 ? massText(mean(own?.weighedG ?? []), mass) : markText(nominalG, mass),
      state,
      foot: own ? `${weighed} weighed` : undefined,
      name: `Cavity ${index + 1}, ${weighed} weighed${own?.verdict?.drift ? ', drifts' : ''}`,
    };
  });
  return (
    <MoldBlock
      title={`${mold.name}, what its cavities gave`}
      layout={layout}
      marks={marks}
      maxHeightPx={170}
      plate={mold.kind === 'board' ? 'wood' : 'metal'}
      isTappable={(index) => of(index) !== undefined}
      chosen={chosen?.mold.id === mold.id ? chosen.index : null}
      onTap={(index) => onChoose(of(index)?.cavity.id ?? '')}
    />
  );
}
