'use client';

import { Button } from 'antd';
import { meltMinutes } from '@/core/pours/learn-melt';
import { heatOfPot } from '@/model/schedule/plan-evening';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { useNow } from '@/station-kit/use-now';
import { countText } from '@/text/count-text';
import { numberText } from '@/text/number-text';
import { massText, minutesText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { wrap } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';

/** Lights the pot: a clock says when it should pour, and how long it truly took is learned as the run begins. */
export function LightPot({ chargedG }: { readonly chargedG: number }) {
  const { workshop, view } = useBench();
  const { mass } = useUnits();
  const now = useNow(workshop.now, 15_000);
  const { capacityG, meltMinutes: usual } = view.bench.pot;
  const litAt = view.bench.potLitAt;
  const heat = heatOfPot(view);
  const seconds = 60 * meltMinutes(heat, chargedG / capacityG, true);
  const basis = heat.melts > 0 ? 'weighed' : 'guess';
  const after = (
    <Figure
      working={{
        title: 'From cold to pourable',
        steps: [
          `the pot’s own iron ${minutesText(60 * heat.fullMinutes * heat.potShare)} + ${massText(chargedG, mass)} of ${massText(capacityG, mass)} × ${minutesText(60 * heat.fullMinutes * (1 - heat.potShare))}`,
          heat.melts > 0
            ? `fitted to ${countText(heat.melts, 'melt')} of yours, and to what is usual as if that were one melt more`
            : 'a quarter of a full pot’s time is the pot’s own (typical), until you light it here before a run',
        ],
        inputs: [
          { name: 'full, as set for the pot', value: minutesText(60 * usual), basis: 'given' },
          {
            name: 'full, as worked out',
            value: `${minutesText(60 * heat.fullMinutes)}, ${numberText(Math.round(100 * heat.potShare), 2)} % of it the pot’s own`,
            basis,
          },
        ],
      }}
    >
      {minutesText(seconds)}
    </Figure>
  );
  return (
    <div className={wrap(10)}>
      {litAt === undefined ? (
        <>
          <Button onClick={() => inBackground(workshop.bench.light(seconds, 'Pot pourable'))}>
            The pot is lit
          </Button>
          <span className="quiet">pourable some {after} after that</span>
        </>
      ) : (
        <>
          <Button onClick={() => inBackground(workshop.bench.putOut())}>It is out again</Button>
          <span role="status">
            Lit {minutesText(Math.max(0, (now - litAt) / 1000))} ago, pourable some {after} after that. Begin
            as soon as it pours: the next evening is told by it.
          </span>
        </>
      )}
    </div>
  );
}
