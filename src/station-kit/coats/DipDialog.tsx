'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import { Fragment, useState } from 'react';
import { powdersOf, solidusOf } from '@/model/coats/coat-facts';
import { hungOnLines, MOST_HUNG } from '@/model/coats/drying-line';
import { heaterFor } from '@/model/coats/evening';
import { heatBench } from '@/model/coats/heat-bench';
import { usedBy } from '@/model/coats/rack-facts';
import { pieceOf } from '@/model/heads/head-facts';
import { metalIdOf } from '@/model/metals/listed-metal';
import { massText } from '@/text/words';
import { dipWorking, handText, heatPlanOf, heatWorking } from '@/ui/coat-drawing/heat-facts';
import { Figure } from '@/ui/figure/Figure';
import { stack } from '@/ui/layout/layout';
import { CountField } from '@/ui/unit-field/CountField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { powderForWorking } from '../figures/powder-working';
import { inBackground } from '../in-background';
import { usePreferences } from '../preferences-store';
import type { Waiting } from './waiting';

interface DipDialogProps {
  readonly waiting: Waiting;
  /** They hang: as the rack of this id, so many of them. */
  readonly onHung: (rackId: string, count: number) => void;
  readonly onClose: () => void;
}

/** Heads dipped or painted and hung, with no oven after it: how long in the heat, what it takes, how many were done. */
export function DipDialog({ waiting, onHung, onClose }: DipDialogProps) {
  const { view, workshop, carryOut } = useBench();
  const preferences = usePreferences();
  const units = useUnits();
  const { headBinId, coatId, ticketId, lineId, bin, coat, isAirDried } = waiting;
  const most = Math.min(waiting.count, MOST_HUNG);
  const [count, setCount] = useState<number | null>(most);
  const problem = count !== null && count > most ? `Only ${most} wait. Write ${most} or fewer.` : null;
  // A rack that is dusted out of the oven is no dip.
  const wayId = preferences.coatWay === 'oven-dust' ? 'flame-dip' : preferences.coatWay;
  const { heaters, isTypical } = heatBench(view, preferences);
  const [powder] = powdersOf(coat, view).toSorted((a, b) => b.fuseC - a.fuseC);
  const heater = heaterFor(wayId, heaters);
  const piece = pieceOf(bin, view);
  const solidusC = solidusOf(metalIdOf(bin), view);
  const question =
    powder && heater && piece && solidusC !== null
      ? { piece, wayId, heater, powder, solidusC, ambientC: preferences.shedC }
      : null;
  const plan = question && heatPlanOf(question);
  const heat = question && plan?.ok ? { question, plan: plan.value } : null;
  const used = usedBy([{ headBinId, coatId, count: count ?? 0 }], wayId, view);
  const hang = async () => {
    if (count === null) return;
    const done = await carryOut(
      workshop.racks.hangUp({
        hung: hungOnLines({ headBinId, coatId, ticketId, lineId }, count),
        partC: heat?.plan.releaseC ?? preferences.shedC,
        used: [...used].map(([powderBinId, g]) => ({ powderBinId, g })),
      }),
    );
    if (done) onHung(done.value, count);
  };
  return (
    <Dialog
      open
      title={isAirDried ? `Paint and hang: ${coat.name}` : `Dip and hang: ${coat.name}`}
      okText={isAirDried ? 'Painted and hung' : 'Dipped and hung'}
      okButtonProps={{ disabled: count === null || problem !== null }}
      onCancel={onClose}
      onOk={() => inBackground(hang())}
    >
      <div className={stack(12)}>
        <CountField
          label="How many"
          value={count}
          min={1}
          onChange={setCount}
          problem={problem}
          width={110}
        />
        {heat ? (
          <p>
            In the heat{' '}
            <Figure working={heatWorking(heat.question, heat.plan, units)}>
              {handText(heat.plan.heatS)}
            </Figure>
            , then dipped within{' '}
            <Figure working={dipWorking(heat.question, heat.plan, units)}>
              {handText(heat.plan.windowS)}
            </Figure>
            {isTypical.heaters ? ', by a usual one: no flame or heat gun stands here yet' : ''}.
          </p>
        ) : null}
        {used.size > 0 ? (
          <p className="quiet">
            Takes about{' '}
            {[...used].map(([id, g], index) => {
              const jar = view.binById.get(id);
              return (
                <Fragment key={id}>
                  {index > 0 ? ', ' : ''}
                  {jar?.kind === 'powder' ? (
                    <Figure
                      working={powderForWorking(
                        jar,
                        [{ headBinId, coatId, count: count ?? 0 }],
                        wayId,
                        view,
                        units.mass,
                      )}
                    >
                      {massText(g, units.mass)}
                    </Figure>
                  ) : (
                    massText(g, units.mass)
                  )}{' '}
                  of {jar?.name ?? 'a powder gone'}
                </Fragment>
              );
            })}
            .
          </p>
        ) : null}
        <p className="quiet">
          {isAirDried
            ? 'Hung to dry, and kept apart from soft plastics, which may soften the paint.'
            : 'Hung, not baked: powder gets its full hold and hardness only by its maker’s cure, so this coat chips sooner. Vent on, no flame near powder in the air; heads and hooks burn.'}
        </p>
      </div>
    </Dialog>
  );
}
