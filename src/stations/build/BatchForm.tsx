'use client';

import { useUnits } from '@/ui/units/use-units';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { volumeText } from '@/text/quantity-text';
import { stack, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { baitsACup } from '@/core/plastics/baits-a-cup';
import { heatStages } from '@/core/plastics/heat-stages';
import { sum } from '@/core/numeric/sum';
import { numberText } from '@/text/number-text';
import { batchWorking, cupWorking, sideWorking, stirWorking } from '@/station-kit/figures/plastic-working';
import type { PlasticColor, PlasticRecord } from '@/records/plastic';
import { Figure } from '@/ui/figure/Figure';
import { CountField } from '@/ui/unit-field/CountField';
import { PercentField } from '@/ui/unit-field/PercentField';
import { TextField } from '@/ui/unit-field/TextField';
import { PartField } from '@/station-kit/put-down/PartField';
import { useBench } from '@/station-kit/BenchProvider';
import { OneBait } from '@/ui/plastic/OneBait';
import { additivesOf, amountOf, mixCm3, mixesOf, OWN_BIN, ownBin } from '@/model/plastics/plastic-draft';
import styles from './plastic.module.css';
import { inBackground } from '@/station-kit/in-background';

interface BatchFormProps {
  readonly plastic: PlasticRecord;
  readonly onPoured: (said: string) => void;
}

const USUAL = { name: 'Grub', pieceCm3: 4.2, count: 24, cavities: 4, runnerCm3: 2.5 };
const USUAL_LOSS = 0.08;

/** A batch of a color: so many baits from a mold, what goes in the cup, its heat by the clock, and what came of it. */
export function BatchForm({ plastic, onPoured }: BatchFormProps) {
  const { length, volume } = useUnits();
  const { view, workshop, carryOut } = useBench();
  const last = [...view.plasticBatches].reverse().find(({ plasticId }) => plasticId === plastic.id);
  const [shot, setShot] = useState(() => ({ ...USUAL, ...last?.shots[0] }));
  const [lossShare, setLossShare] = useState<number | null>(last?.lossShare ?? USUAL_LOSS);
  const [good, setGood] = useState<number | null>(null);
  const [blockCm3, setBlock] = useState(0);
  // The same bait in the same color lies where it lay last time; else it gets a bin of its own.
  const known = view.bins.find(
    (bin) => bin.kind === 'part' && bin.name === `${shot.name.trim() || 'Bait'}, ${plastic.name}`,
  );
  const [binId, setBinId] = useState<string | null>(OWN_BIN);
  const [lengthMm, setLengthMm] = useState<number | null>(null);
  const [note, setNote] = useState('');
  const mixes = mixesOf(plastic, [shot], lossShare ?? USUAL_LOSS, length);
  const plasticCm3 = sum(mixes.map((each) => each.plasticCm3));
  const cup = mixCm3(plastic);
  const gives = baitsACup(cup, lossShare ?? USUAL_LOSS, shot);
  const set = (key: 'pieceCm3' | 'count' | 'cavities' | 'runnerCm3') => (value: number | null) =>
    value !== null && setShot({ ...shot, [key]: value });
  const pour = async () => {
    const poured = await carryOut(
      workshop.plastics.pour({
        plasticId: plastic.id,
        shots: [shot],
        lossShare: lossShare ?? USUAL_LOSS,
        mixed: mixes.map(({ plasticCm3: cm3, additives }) => ({
          plasticCm3: cm3,
          additives: [...additives],
        })),
        good: good ?? shot.count,
        blockCm3,
        binId: binId === OWN_BIN ? (known?.id ?? null) : binId,
        ...(binId === OWN_BIN && !known ? { own: ownBin(plastic, shot, lengthMm) } : {}),
        note: note.trim(),
      }),
    );
    if (poured) onPoured(`Batch ${poured.value.no} is logged: ${poured.value.good} good.`);
  };
  const tooMany = good !== null && good > shot.count;
  return (
    <section className={styles.batch} aria-label="A batch">
      <h3>A batch of {plastic.name}</h3>
      <div className={styles.batchFields}>
        <TextField label="Mold" value={shot.name} most={80} onChange={(name) => setShot({ ...shot, name })} />
        <CountField label="How many baits" value={shot.count} min={1} max={5000} onChange={set('count')} />
        <CountField label="Cavities" value={shot.cavities} min={1} max={200} onChange={set('cavities')} />
        <div className={stack(0)}>
          <QuantityField
            of="volume"
            label="One bait"
            least={0.05}
            most={500}
            value={shot.pieceCm3}
            onChange={set('pieceCm3')}
          />
          <OneBait
            cavities={shot.cavities}
            runnerCm3={shot.runnerCm3}
            lossShare={lossShare ?? USUAL_LOSS}
            baseCm3={cup}
            onFound={set('pieceCm3')}
          />
        </div>
        <QuantityField
          of="volume"
          label="Runner"
          least={0}
          most={500}
          value={shot.runnerCm3}
          onChange={set('runnerCm3')}
        />
        <PercentField
          label="Stays in cup and injector"
          value={lossShare}
          onChange={setLossShare}
          most={0.9}
        />
      </div>
      <div className={wrap(0, styles.takes)}>
        <p className={styles.bigFigure}>
          <Figure size="large" working={batchWorking(shot, lossShare ?? USUAL_LOSS, plasticCm3, volume)}>
            {volumeText(plasticCm3, volume)}
          </Figure>
          <span>of plastic</span>
        </p>
        {mixes.map((mix, index) => (
          <StirIn
            key={index}
            mix={mix}
            color={plastic.colors[index]}
            side={mixes.length > 1 ? (index === 0 ? 'Back' : 'Belly') : null}
          />
        ))}
        <p className="quiet">
          {plastic.colors.length > 1 ? 'The two cups, one mix of' : 'A cup of'} {volumeText(cup, volume)}{' '}
          gives{' '}
          <Figure working={cupWorking(cup, lossShare ?? USUAL_LOSS, shot, gives, volume)}>
            {gives.baits}
          </Figure>{' '}
          baits in {gives.shots} shots; a block of {volumeText(gives.blockCm3, volume)} is left to melt again.
        </p>
      </div>
      <HeatStages plasticCm3={plasticCm3} name={plastic.name} />
      <div className={styles.batchFields}>
        <CountField
          label="Came out well"
          value={good ?? shot.count}
          max={5000}
          onChange={setGood}
          problem={tooMany ? `Only ${shot.count} were shot.` : null}
        />
        <QuantityField
          of="volume"
          label="Block left"
          least={0}
          most={5000}
          isOptional
          value={blockCm3}
          onChange={(cm3) => setBlock(cm3 ?? 0)}
        />
        <PartField
          label="They lie in"
          value={binId === OWN_BIN ? (known?.id ?? OWN_BIN) : binId}
          none="no bin"
          as="trailer"
          besides={known ? [] : [{ value: OWN_BIN, label: 'their own' }]}
          onChange={setBinId}
        />
        {binId === OWN_BIN && !known ? (
          <QuantityField
            of="length"
            label="How long one is"
            least={5}
            most={500}
            isOptional
            value={lengthMm}
            onChange={setLengthMm}
          />
        ) : null}
        <TextField label="Note" value={note} most={300} onChange={setNote} />
      </div>
      <Button type="primary" disabled={tooMany || lossShare === null} onClick={() => inBackground(pour())}>
        Log the batch
      </Button>
    </section>
  );
}

/** What goes into the cup of one side of the bait, or into the one cup. */
function StirIn({
  mix,
  color,
  side,
}: {
  readonly mix: ReturnType<typeof mixesOf>[number];
  readonly color: PlasticColor | undefined;
  readonly side: 'Back' | 'Belly' | null;
}) {
  const { volume, length } = useUnits();
  const recipe = color ? additivesOf(color, length) : [];
  return (
    <ul aria-label={side === null ? 'Stir in' : `${side}, stir in`}>
      {side === null ? null : (
        <li>
          <strong>{side}</strong>{' '}
          <Figure working={sideWorking(side, mix, color, volume)}>
            {volumeText(mix.plasticCm3, volume)}
          </Figure>
        </li>
      )}
      {mix.additives.map((each, index) => (
        <li key={`${each.name} ${each.unit}`}>
          <Figure working={stirWorking(each, recipe[index]?.amount ?? 0, mix, color, volume)}>
            {amountOf(each.amount, each.unit)}
          </Figure>{' '}
          {each.name}
        </li>
      ))}
    </ul>
  );
}

/** How the plastic is heated, each stage with a clock for it. */
function HeatStages({ plasticCm3, name }: { readonly plasticCm3: number; readonly name: string }) {
  const { workshop } = useBench();
  return (
    <ol className={stack(10, styles.stages)} aria-label="Heat">
      {heatStages(plasticCm3).map(({ id, title, how, minutes }) => (
        <li key={id}>
          <strong>{title}</strong>
          <span>{how}</span>
          <Button
            size="small"
            onClick={() => inBackground(workshop.clocks.start(`${title}, ${name}`, minutes * 60))}
          >
            {numberText(minutes, 2)} min clock
          </Button>
        </li>
      ))}
    </ol>
  );
}
