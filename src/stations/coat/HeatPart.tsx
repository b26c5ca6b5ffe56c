'use client';

import { Sideways } from '@/ui/layout/Sideways';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { QuantityField } from '@/ui/unit-field/QuantityField';
import { heatBench } from '@/model/coats/heat-bench';
import { TypicalHeat } from '@/station-kit/coats/TypicalHeat';
import { apart, row, stack } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { useId, useState } from 'react';
import { COAT_WAYS } from '@/core/coats/ways';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { headText, lotText } from '@/text/words';
import { pieceOf } from '@/model/heads/head-facts';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { metalIdOf } from '@/model/metals/listed-metal';
import { solidusOf } from '@/model/coats/coat-facts';
import { useBench } from '@/station-kit/BenchProvider';
import { heaterFor } from '@/model/coats/evening';
import { HeatChart } from '@/ui/coat-drawing/HeatChart';
import { heatPlanOf, type HeatQuestion } from '@/ui/coat-drawing/heat-facts';
import { HeatTrial } from './HeatTrial';
import { WayCard } from '@/ui/coat-drawing/WayCard';
import styles from './heat.module.css';

/** What was timed in a heater, and what follows from it for the head in hand. */
function timedText({ heater, piece }: HeatQuestion): string {
  const timed = [...(heater.earlier ?? []), ...(heater.trial ? [heater.trial] : [])].map(({ what }) => what);
  const { hWm2K, sizes } = heatOfHead(heater, piece);
  const more = sizes < 2 ? ' Time one of quite another size too, and it is known how they follow.' : '';
  return `${heater.name} was timed with ${timed.join(' and ')}: ${hWm2K.toFixed(0)} W/m²K for a head of this size. Others follow by theirs.${more}`;
}

/** The three ways side by side for one head: how long in the heat, how long to dip, what too short and too long do. */
export function HeatPart({ onSetUp }: { onSetUp: () => void }) {
  const { view } = useBench();
  const preferences = usePreferences();
  const { mass, coatWay, shedC } = preferences;
  const id = useId();
  const { heads, powders, heaters, isTypical } = heatBench(view, preferences);
  const [headId, setHeadId] = useState<string | null>(null);
  const [powderId, setPowderId] = useState<string | null>(null);
  const [heaterIds, setHeaterIds] = useState<ReadonlyMap<string, string>>(new Map());
  const [isTiming, setTiming] = useState(false);
  const first = view.toCoat[0]?.headBinId;
  const head = heads.find((bin) => bin.id === (headId ?? first)) ?? heads[0];
  const wanted = view.coatById.get(view.toCoat.find((each) => each.headBinId === head?.id)?.coatId ?? '');
  const base = wanted?.base.kind === 'powder' ? wanted.base.powderBinId : null;
  const powder = powders.find((bin) => bin.id === (powderId ?? base)) ?? powders[0];
  const piece = pieceOf(head, view);
  const metal = view.binById.get(head.metalBinId ?? '');
  const solidusC = solidusOf(metalIdOf(head), view);
  const ways = COAT_WAYS.map((way) => {
    const usable = heaters.filter(({ kind }) => way.heaters.includes(kind));
    const heater = usable.find((each) => each.id === heaterIds.get(way.id)) ?? heaterFor(way.id, heaters);
    const question: HeatQuestion | null =
      piece && heater && solidusC !== null
        ? { piece, wayId: way.id, heater, powder, solidusC, ambientC: shedC }
        : null;
    return { way, usable, heater, question, plan: question && heatPlanOf(question) };
  });
  const habit = ({ way, heater }: (typeof ways)[number]) => [way.id, heater?.id, head.id].join(' ');
  const chosen = ways.find(({ way }) => way.id === coatWay) ?? ways[0];
  return (
    <div className={stack(14, styles.heat)}>
      <TypicalHeat is={isTypical} onSetUp={onSetUp} />
      <div className={apart(16, styles.ask)}>
        <div className={styles.picture}>
          <CoatSwatch
            name={`${headText(head, view.binById, mass)}, drawn to scale`}
            head={head}
            look={null}
            view={view}
            pxPerMm={3.2}
            maxWidthPx={150}
          />
        </div>
        <FieldShell id={`${id}head`} label="Head">
          <Select
            id={`${id}head`}
            value={head.id}
            style={{ width: '100%' }}
            showSearch={{ optionFilterProp: 'label' }}
            options={heads.map((bin) => ({ value: bin.id, label: bin.name }))}
            onChange={setHeadId}
          />
        </FieldShell>
        <FieldShell id={`${id}powder`} label="Powder">
          <Select
            id={`${id}powder`}
            value={powder.id}
            style={{ width: '100%' }}
            options={powders.map((bin) => ({ value: bin.id, label: bin.name.replace(/^Powder, /, '') }))}
            onChange={setPowderId}
          />
        </FieldShell>
        <QuantityField
          label="The shed"
          of="temperature"
          least={-10}
          most={45}
          value={shedC}
          width={110}
          onChange={(celsius) => celsius !== null && setPreferences({ shedC: celsius })}
        />
      </div>
      {solidusC === null ? (
        <p role="alert" className="wrong">
          Nobody knows what {metal ? metal.name : 'the metal of these heads'} is, so nobody knows what heat it
          bears. Find out on the Metal station first.
        </p>
      ) : null}
      <div className={apart(12, styles.ways)} role="radiogroup" aria-label="Ways to coat">
        {ways.map((each) => (
          <WayCard
            key={each.way.id}
            {...each}
            isChosen={each.way.id === chosen?.way.id}
            onChoose={() => setPreferences({ coatWay: each.way.id })}
            ownS={preferences.ownHeatS[habit(each)] ?? null}
            onOwn={(seconds) => {
              const { [habit(each)]: _, ...others } = preferences.ownHeatS;
              setPreferences({ ownHeatS: seconds === null ? others : { ...others, [habit(each)]: seconds } });
            }}
            onHeater={(next) => setHeaterIds(new Map(heaterIds).set(each.way.id, next))}
          />
        ))}
      </div>
      {chosen?.plan?.ok && chosen.question ? (
        <>
          <Sideways name="Its heat over time">
            <HeatChart question={chosen.question} plan={chosen.plan.value} />
          </Sideways>
          <div className={row(14, styles.trialRow)}>
            <p className={chosen.question.heater.trial ? 'quiet' : styles.guessNote}>
              {chosen.question.heater.trial
                ? timedText(chosen.question)
                : `How well ${chosen.question.heater.name} heats is a guess. Time one head, and every other follows by its size.`}
              {chosen.question.piece.skin === 'form'
                ? ' The skin of this head is guessed from its form: no block on the bench makes it.'
                : ''}
            </p>
            {isTypical.heaters ? null : (
              <Button type="primary" onClick={() => setTiming(true)}>
                Time a head in {chosen.question.heater.name}
              </Button>
            )}
          </div>
          {isTiming ? (
            <HeatTrial
              question={chosen.question}
              what={`${headText(head, view.binById, mass)}, ${lotText(metal?.name ?? '')}`}
              onClose={() => setTiming(false)}
            />
          ) : null}
        </>
      ) : null}
    </div>
  );
}
