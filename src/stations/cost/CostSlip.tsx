'use client';

import { numberText } from '@/text/number-text';
import { STAGES } from '@/records/outlay';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { stageFacts } from '@/model/pace/stage-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { moneyText, STAGE_WORDS } from '@/model/cost/cost-slices';

/** On paper: what hands, power and failures are reckoned with. */
export function CostSlip() {
  const { view } = useBench();
  const { sign, ratePerHour, pricePerKWh } = view.bench.money;
  return (
    <>
      <SlipTitle over="Cost">Rates used</SlipTitle>
      <SlipPart label="Money">
        <SlipRow name="An hour">{moneyText(ratePerHour, sign)}</SlipRow>
        <SlipRow name="A kWh">{moneyText(pricePerKWh, sign)}</SlipRow>
      </SlipPart>
      <SlipPart label="One piece takes">
        {STAGES.map((stage) => {
          const { minutesEach, isOwn } = stageFacts(stage, view);
          return (
            <SlipRow key={stage} name={`${STAGE_WORDS[stage]} one`}>
              <PaceFigure pace={{ secondsEach: minutesEach * 60, isOwn }} />
            </SlipRow>
          );
        })}
      </SlipPart>
      <SlipPart label="Of castings fail">
        <SlipRow name="Castings that fail">
          {numberText(view.pot.scrapShare * 100, 2)} %{view.isScrapMeasured ? '' : ', a guess'}
        </SlipRow>
      </SlipPart>
      <SlipNote tone="care">
        Hours and failures are from your own log: of that very bait, skirt or rig where it holds five or more,
        else of its kind, else what is usual. Prices are those at which parts came in; what nobody priced
        counts nothing and is said.
      </SlipNote>
    </>
  );
}
