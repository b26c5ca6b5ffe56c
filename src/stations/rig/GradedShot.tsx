'use client';

import { column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { gradedWeights, usualWater, type GradedQuestion } from '@/core/rigs/graded-weights';
import { chosenOf } from '@/core/rigs/judge-rig';
import type { Rig } from '@/core/rigs/rig';
import { numberText } from '@/text/number-text';
import { TextField } from '@/ui/unit-field/TextField';
import { lengthText, markText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { readSet, usualSet } from '@/model/rigs/weight-set';
import { usePrint } from '@/station-kit/use-print';
import { laidAnew, rigOfDraft, type RigDraft } from './draft';
import { newestRigs } from '@/model/rigs/rig-facts';
import { boardSheet } from '@/station-kit/print/print-board';
import { beadGauge } from '@/station-kit/print/rig-boards';
import styles from './rig.module.css';
import { inBackground } from '@/station-kit/in-background';

interface GradedShotProps {
  readonly draft: RigDraft;
  readonly rig: Rig;
  readonly onSaid: (said: string) => void;
}

/** A graded set of one cord and shot: how many shot, how long the cord, for which water; kept and printed as a gauge. */
export function GradedShot({ draft, rig, onSaid }: GradedShotProps) {
  const { view, workshop } = useBench();
  const print = usePrint();
  const units = usePreferences();
  const { mass, length, paper } = units;
  const targetG = rig.wants.targetG ?? 30;
  const [text, setText] = useState<string | null>(null);
  const shown = text ?? usualSet(targetG, mass);
  const targetsG = readSet(shown, mass);
  const of = (place: string) => rig.items.find((item) => item.place === place);
  const shot = of('shot');
  const shotG = shot?.part.massG;
  const shotMm = shot?.part.gauge.sizes.diameterMm;
  if (!shotG || !shotMm) return <p className="quiet">Weigh and measure the shot first, at Build, Parts.</p>;
  const question: GradedQuestion = {
    targetsG: targetsG ?? [],
    shotG,
    shotMm,
    sealMm: rig.wants.sealMm ?? 8,
    besideG: of('swivel')?.part.massG ?? 0,
  };
  const name = draft.name.trim() || 'Cord weight';
  const keep = async () => {
    const names: string[] = [];
    for (const { targetG: each } of gradedWeights(question)) {
      const called = `${name.replace(/\s+[\d/ ]+( (g|oz))?$/, '')} ${mass === 'g' ? numberText(each, 3) : markText(each, mass)}`;
      if (newestRigs(view.rigs).some((rigged) => rigged.name === called)) continue;
      const laid = laidAnew(
        { ...draft, family: null, from: null },
        { wants: { targetG: each }, chosen: chosenOf(rig.items) },
        view,
      );
      await workshop.rigs.keep({ ...rigOfDraft(laid), name: called });
      names.push(called);
    }
    onSaid(names.length > 0 ? `Kept: ${names.join(', ')}.` : 'All of them are kept already.');
  };
  return (
    <section className={column(12, styles.graded)} aria-label="A graded set">
      <h3>A graded set</h3>
      <TextField
        label="Weights"
        value={shown}
        most={60}
        problem={
          targetsG
            ? null
            : `Write weights up to ${massText(500, mass)} with commas between, such as ${usualSet(30, mass)}. Eight at most.`
        }
        onChange={setText}
      />
      <ol>
        {gradedWeights(question).map(({ targetG: each, shots, massG, cordMm }) => {
          const water = usualWater(massG);
          return (
            <li key={each}>
              <svg
                viewBox={`0 -4 ${Math.max(cordMm, 1)} 8`}
                width={Math.min(190, cordMm)}
                height={16}
                aria-hidden
              >
                <rect x={0} y={-3.2} width={cordMm} height={6.4} rx={1} className={styles.cordBar} />
                {Array.from({ length: shots }, (_, nth) => (
                  <circle
                    key={nth}
                    cx={question.sealMm + shotMm * (nth + 0.5)}
                    cy={0}
                    r={Math.min(3, shotMm / 2)}
                    className={styles.shotDot}
                  />
                ))}
              </svg>
              <strong>{massText(massG, mass)}</strong>
              <span>
                {shots} shot, cord {lengthText(cordMm, length)}
              </span>
              <small>
                bank: {water.bank}; boat: {water.boat}
              </small>
            </li>
          );
        })}
      </ol>
      <p className="quiet">Typical: try them, and go by your own notes.</p>
      <div className={wrap(8)}>
        <Button disabled={!targetsG} onClick={() => inBackground(keep())}>
          Keep the set
        </Button>
        <Button
          disabled={!targetsG}
          onClick={() => inBackground(print(boardSheet(beadGauge(name, question, units), paper)))}
        >
          Print the gauge
        </Button>
      </div>
    </section>
  );
}
