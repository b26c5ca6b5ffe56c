'use client';

import { useState } from 'react';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import { blockLump, blockWarmth, pourHeat, SHOWN_POURS, type BlockSize } from '@/model/molds/block-heat';
import { usualHeat, type CastDraft } from '@/model/molds/cast-question';
import type { MetalBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';
import { numberText as n } from '@/text/number-text';
import { durationText, massText, temperatureText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { WarmthLine } from '@/ui/freeze-drawing/WarmthLine';
import { fields } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { MassField } from '@/ui/unit-field/MassField';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { UnitField } from '@/ui/unit-field/UnitField';
import { warmthWorking } from '../figures/freezing-working';
import styles from './freeze.module.css';

interface BlockWarmthProps {
  readonly mold: Mold;
  readonly cavity: Cavity;
  readonly metal: MetalBin;
  readonly draft: CastDraft;
  readonly size: BlockSize;
  /** What this cavity's casting gives at a pour. */
  readonly picture: FrozenPicture;
  readonly weighsG: number | null;
  readonly onWeighs: (massG: number | null) => void;
  /** The casting of a pour is to be frozen: with the block as warm as then. */
  readonly onBlockC: (celsius: number) => void;
}

const COLD_C = 20;

/** How warm the block is at each pour of an evening: from when on it is warm, at which beat it stays so, when it needs a rest. */
export function BlockWarmth(props: BlockWarmthProps) {
  const { mold, cavity, metal, draft, size, picture, weighsG, onWeighs, onBlockC } = props;
  const { mass, temperature } = useUnits();
  const [beatS, setBeatS] = useState<number | null>(mold.secondsPerPour);
  const [startC, setStartC] = useState<number | null>(COLD_C);
  // As warm as such a block usually is worked: what is frozen above may be a colder pour's.
  const warmC = usualHeat(metal, draft.of).blockC;
  const lump = blockLump(size, draft.of, weighsG);
  const asked = {
    of: draft.of,
    startC: startC ?? COLD_C,
    wantedC: warmC,
    pourJ: pourHeat(mold, cavity, picture),
    beatS: beatS ?? mold.secondsPerPour,
  };
  const warmth = blockWarmth(lump, asked);
  const wanted = temperatureText(warmC, temperature);
  const working = warmthWorking(lump, asked, { mass, temperature });
  const seen = warmth.warmFrom;
  return (
    <section className={styles.warmth} aria-label="How warm the block gets">
      <h2>How warm the block gets</h2>
      <div className={fields(10)}>
        <MassField
          label="Both halves weigh"
          value={weighsG ?? lump.massG}
          onChange={onWeighs}
          hint={lump.isGuess ? `about ${massText(lump.massG, mass)} by its size` : undefined}
        />
        <UnitField
          label="A pour every"
          quantity="duration"
          assume="s"
          value={beatS}
          write={durationText}
          onChange={setBeatS}
          check={(s) => (s <= 0 ? 'A pour takes some time, such as 40 s.' : null)}
        />
        <QuantityField
          label="Starts at"
          of="temperature"
          value={startC}
          least={-20}
          most={300}
          onChange={setStartC}
        />
      </div>
      <WarmthLine
        atPourC={warmth.atPourC}
        wantedC={warmC}
        onChoose={(c) => onBlockC(Math.round(c))}
        write={(c) => temperatureText(c, temperature)}
        says={`The block at each of ${SHOWN_POURS} pours: from ${temperatureText(warmth.atPourC[0] ?? COLD_C, temperature)} to ${temperatureText(warmth.atPourC.at(-1) ?? COLD_C, temperature)}`}
      />
      <p className="quiet">Choose a pour to see its casting freeze in the block as it is then.</p>
      <p>
        {seen === 1
          ? `It is at ${wanted} from the first pour on. `
          : seen === null
            ? `Started so, it does not come to ${wanted} in ${SHOWN_POURS} pours at this pace. Preheat it, or pour faster. `
            : `Started so, it comes to ${wanted} at pour ${seen}. What is cast before may come out cold: preheat it rather. `}
        It settles at{' '}
        <Figure working={working} tone="brass">
          {temperatureText(warmth.settlesC, temperature)}
        </Figure>
        .{' '}
        {warmth.beatS === null
          ? ''
          : `To stay at ${wanted} pour every ${n(warmth.beatS, 2)} s; faster is hotter. `}
        {warmth.restS > 0
          ? `Let it rest ${durationText(Math.round(warmth.restS / 30) * 30)} when it gets too hot. `
          : ''}
      </p>
    </section>
  );
}
