'use client';

import { column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { GradedWeight } from '@/core/rigs/graded-weights';
import { currentLook } from '@/core/water/current-held';
import { chosenOf } from '@/core/rigs/judge-rig';
import type { Rig } from '@/core/rigs/rig';
import { speedText } from '@/text/quantity-text';
import { TextField } from '@/ui/unit-field/TextField';
import { lengthText, massText } from '@/text/words';
import { CordBar } from '@/ui/rig-drawing/CordBar';
import { gradedWorking, heldWorking } from '@/station-kit/figures/graded-working';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { watersFor } from '@/model/water/hold';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { setWords } from '@/model/rigs/weight-set';
import { usePrint } from '@/station-kit/use-print';
import { laidAnew, rigOfDraft, type RigDraft } from '@/model/rigs/rig-draft';
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
  const words = setWords(rig.picks, rig.wants, mass);
  const [text, setText] = useState<string | null>(null);
  const of = (place: string) => rig.items.find((item) => item.place === place);
  const shot = of('shot');
  const shotG = shot?.part.massG;
  const shotMm = shot?.part.gauge.sizes.diameterMm;
  if (!shotG || !shotMm) return <p className="quiet">Weigh and measure the shot first, at Build, Parts.</p>;
  const sealMm = rig.wants.sealMm ?? 8;
  const shown = text ?? words.usual;
  const set = words.read(shown, { shotG, shotMm, sealMm, besideG: of('swivel')?.part.massG ?? 0 });
  const name = draft.name.trim() || 'Cord weight';
  const keep = async (weights: readonly GradedWeight[]) => {
    const names: string[] = [];
    for (const each of weights) {
      const called = `${name.replace(/\s+[\d/ ]+( (g|oz|shot))?$/, '')} ${words.called(each)}`;
      if (newestRigs(view.rigs).some((rigged) => rigged.name === called)) continue;
      const laid = laidAnew(
        { ...draft, family: null, from: null },
        { wants: words.wants(each), chosen: chosenOf(rig.items) },
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
        label={words.label}
        value={shown}
        most={60}
        problem={set ? null : words.problem}
        onChange={setText}
      />
      <ol>
        {(set ?? []).map((each) => (
          <li key={each.shots}>
            <CordBar {...each} shotMm={shotMm} sealMm={sealMm} />
            <Figure working={gradedWorking(each, shotG, sealMm, shotMm, units)}>
              {massText(each.massG, mass)}
            </Figure>
            <span>
              {each.shots} shot, cord {lengthText(each.cordMm, length)}
            </span>
            <WaterOf massG={each.massG} />
          </li>
        ))}
      </ol>
      <p className="quiet">
        Over stones, on a usual cast, the current square to the line.{' '}
        {view.waterNotes.length > 0
          ? 'Your notes of how weights felt count with it.'
          : 'Note how they feel at Water: these figures learn from it.'}
      </p>
      <div className={wrap(8)}>
        <Button disabled={!set} onClick={() => set && inBackground(keep(set))}>
          Keep the set
        </Button>
        <Button
          disabled={!set}
          onClick={() => set && inBackground(print(boardSheet(beadGauge(name, set, sealMm, units), paper)))}
        >
          Print the gauge
        </Button>
      </div>
    </section>
  );
}

/** In what current a weight lies, and in what it walks along. */
function WaterOf({ massG }: { readonly massG: number }) {
  const { view } = useBench();
  const { speed } = useUnits();
  const { heldMs, walkedMs, notes } = useMemo(() => watersFor(massG, view), [massG, view]);
  return (
    <small>
      lies to{' '}
      <Figure working={heldWorking(notes, speedText(heldMs, speed))}>{speedText(heldMs, speed)}</Figure>;
      walks at {speedText(walkedMs, speed)}, {currentLook(walkedMs)}
    </small>
  );
}
