'use client';

import { proseIn } from '@/text/prose-in';
import { meltsText } from '@/text/quantity-text';
import { nearestMetal } from '@/reference/nearest-metal';
import { Button } from 'antd';
import { numberText as n } from '@/text/number-text';
import type { MetalBin } from '@/records/bin';
import { Figure } from '@/ui/figure/Figure';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { rangeOf } from '@/reference/range-of';
import { meltsWorking, shrinkWorking } from '@/station-kit/figures/metal-working';
import { DoubtNote } from '@/station-kit/DoubtNote';
import { onHandText } from '@/text/on-hand-text';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { compositionText, traceText } from '@/model/metals/alloys';
import styles from './metal.module.css';
import { PriceButton } from '@/station-kit/put-down/PriceButton';

/** The lot in hand: what it is, how it melts, what it does, what to mind. */
export function LotSlip({ lot, onIdentify }: { lot: MetalBin; onIdentify: () => void }) {
  const { view } = useBench();
  const units = useUnits();
  const { mass, temperature } = units;
  const metal = nearestMetal(lot.composition);
  const range = rangeOf(lot.composition);
  return (
    <>
      <SlipTitle over="Lot in hand">{lot.name}</SlipTitle>
      <SlipPart label="The lot">
        <SlipRow name="On the shelf">{onHandText(lot, view.levels, mass)}</SlipRow>
        <SlipRow name="Density">
          <Figure
            working={{
              title: 'Density',
              steps: [
                lot.densityBasis === 'weighed'
                  ? 'from a weighing'
                  : lot.densityBasis === 'reference'
                    ? 'from the composition: 1 / sum(share / density of the element)'
                    : 'nobody weighed it yet',
              ],
              inputs: [{ name: lot.name, value: `${n(lot.densityGcm3, 4)} g/cm³`, basis: lot.densityBasis }],
            }}
          >
            {n(lot.densityGcm3, 4)} g/cm³
          </Figure>
        </SlipRow>
        <SlipRow name="Is">{compositionText(lot.composition)}</SlipRow>
        {range ? (
          <SlipRow name="Melts">
            <Figure working={meltsWorking(range, compositionText(lot.composition), temperature)}>
              {meltsText(range, temperature)}
            </Figure>
            {traceText(range)}
          </SlipRow>
        ) : null}
        <SlipRow name={lot.shrinkLinear < 0 ? 'Swells' : 'Shrinks'}>
          <Figure working={shrinkWorking(lot)}>{n(Math.abs(lot.shrinkLinear) * 100, 2)} %</Figure>
        </SlipRow>
        <SlipRow name="Cost">
          <PriceButton bin={lot} isNamed />
        </SlipRow>
        <Button size="small" onClick={onIdentify}>
          What is it? Weigh it
        </Button>
      </SlipPart>
      <DoubtNote lot={lot} />
      {metal ? (
        <SlipPart label={`About ${metal.name}`}>
          <strong className="narrow">{metal.name}</strong>
          <p>{proseIn(metal.detail, units)}</p>
          <p>{proseIn(metal.pins, units)}</p>
          <p>{proseIn(metal.paint, units)}</p>
          {metal.cautions.map((caution) => (
            <SlipNote key={caution} tone="care">
              {proseIn(caution, units)}
            </SlipNote>
          ))}
          <p className={styles.source}>
            Shrink {metal.shrinkLinear.sure}: {proseIn(metal.shrinkLinear.source, units)}. Melting{' '}
            {metal.solidusC.sure}: {proseIn(metal.solidusC.source, units)}. Hardness {metal.brinell.value}{' '}
            Brinell, {metal.brinell.sure}.
          </p>
        </SlipPart>
      ) : (
        <SlipNote tone="mind">
          Nobody knows what melts here. Weigh a piece in air and in water before it goes into a pot: zinc or
          solder in scrap spoils the lot.
        </SlipNote>
      )}
    </>
  );
}
