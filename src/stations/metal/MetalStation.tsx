'use client';

import { isMetal } from '@/reference/typical/suits';
import { PutDownHere } from '@/station-kit/put-down/PutDownHere';
import { apart, column, stack } from '@/ui/layout/layout';
import { useInHand } from '@/station-kit/use-in-address';
import { useNotice } from '@/station-kit/use-notice';
import { DndContext, type DragEndEvent } from '@dnd-kit/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { countRun } from '@/core/pours/count-run';
import { SlipTitle } from '@/ui/frame/Slip';
import { Station } from '@/ui/frame/Station';
import { benchSentence } from '@/text/bench-sentence';
import { lotText, massText } from '@/text/words';
import { countText } from '@/text/count-text';
import { useWriter } from '@/ui/units/use-units';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { chargeProblem } from '@/core/metals/judge-charge';
import { useBench } from '@/station-kit/BenchProvider';
import { afterMelt } from '@/model/next/next-steps';
import { NextSteps } from '@/station-kit/NextSteps';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { rangeOf } from '@/reference/range-of';
import { nearestMetal } from '@/reference/nearest-metal';
import { BlendForm } from './BlendForm';
import { firstHelping, readCharge, type Charge, chargeKey } from '@/model/metals/charge';
import { changeSentence } from '@/text/change-sentence';
import { ChargedPot } from './ChargedPot';
import { ChargeList } from './ChargeList';
import { IdentifyForm } from './IdentifyForm';
import { LotShelf } from './LotShelf';
import { LotSlip } from './LotSlip';
import { MeltForm } from './MeltForm';
import { MixFigures } from './MixFigures';
import { allOnHandText, onHandText } from '@/text/on-hand-text';
import { PotGauge } from '@/ui/metal-drawing/PotGauge';
import { PotLedger } from './PotLedger';
import { RulesPart } from './RulesPart';
import { sectionsOf } from '@/model/molds/sections';
import styles from './metal.module.css';

/** The pot, the lots, and what becomes of them when they are melted together. */
export function MetalStation() {
  const { view } = useBench();
  const notice = useNotice();
  const preferences = usePreferences();
  const write = useWriter();
  const [charge, setCharge] = useState<Charge>([]);
  const [meant, setMeant] = useState<string | null>(null);
  const [chosen, setChosen] = useInHand('lot');
  const [sectionId, setSectionId] = useState<string | null>(null);
  const [open, setOpen] = useState<'blend' | 'melt' | 'identify' | 'scrap' | null>(null);
  const [meltedId, setMeltedId] = useState<string | null>(null);
  const sensors = useDragSensors();
  const { pot } = view.bench;
  const inRun = view.run
    ? { name: `Run ${view.run.no}`, levelG: Math.max(0, countRun(view.run, view.pours).potG) }
    : null;
  const read = useMemo(
    () => readCharge(charge, view.metals, view.levels, pot.capacityG),
    [charge, view.metals, view.levels, pot.capacityG],
  );
  const sections = useMemo(() => sectionsOf(view.molds, preferences.mass), [view.molds, preferences.mass]);
  const section = sections.find(({ id }) => id === sectionId) ?? sections[0] ?? null;
  // What was taken back is not there to go on with.
  const melted = view.metals.find(({ id }) => id === meltedId);
  const lot = view.metals.find(({ id }) => id === chosen) ?? view.metals[0] ?? null;
  const unknown = view.metals.find(({ composition }) => composition === null) ?? lot;
  const inHand = read.mix ? read.mix.composition : (lot?.composition ?? null);
  const guiding = nearestMetal(inHand);
  const solidusC = rangeOf(inHand)?.solidusC ?? null;

  const put = (binId: string) => {
    if (inRun) {
      notice.info(`${inRun.name} is in the pot. Book it or drop it, then melt.`);
      return;
    }
    if (charge.some((each) => each.binId === binId)) return;
    const onHandG = view.levels.get(binId) ?? 0;
    const g = firstHelping(onHandG, pot.capacityG - read.totalG);
    const added = [...charge, { binId, g: g > 0 ? g : Math.min(500, onHandG) }];
    const [stop] = readCharge(added, view.metals, view.levels, pot.capacityG).stops;
    if (stop && stop.why !== 'overfull') notice.error(benchSentence(chargeProblem(stop), write), 6);
    setCharge(added);
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (over?.id === 'pot') put(String(active.id));
  };
  const stops = [
    ...read.stops.map((stop) => benchSentence(chargeProblem(stop), write)),
    ...read.overdrawn.map(
      ({ lot: short, onHandG }) =>
        `${short.name} has ${massText(onHandG, preferences.mass)}. Take less, or count it first.`,
    ),
  ];
  const isMeant = meant === chargeKey(charge);
  const change = read.stops.length === 0 && !isMeant ? read.change : null;
  const isReady =
    change === null &&
    !inRun &&
    read.lots.length > 0 &&
    stops.length === 0 &&
    charge.every(({ g }) => g !== null && g > 0);

  return (
    <Station
      title="The pot"
      sub={`${countText(view.metals.length, 'lot')}, ${allOnHandText(view.metals, view.levels, preferences.mass)}`}
      isSlipFolded={preferences.isSlipFolded}
      onFold={(isSlipFolded) => setPreferences({ isSlipFolded })}
      actions={
        <>
          <Button onClick={() => setOpen('scrap')} disabled={!lot}>
            What is this scrap?
          </Button>
          <Button onClick={() => setOpen('blend')} disabled={inRun !== null}>
            Ask for a blend
          </Button>
          <Button type="primary" disabled={!isReady} onClick={() => setOpen('melt')}>
            Melt into ingots
          </Button>
        </>
      }
      slip={
        <>
          {lot ? (
            <LotSlip lot={lot} onIdentify={() => setOpen('identify')} />
          ) : (
            <SlipTitle over="Lot in hand">None</SlipTitle>
          )}
          <RulesPart />
        </>
      }
    >
      {view.metals.length === 0 ? (
        <PutDownHere
          of="metal"
          says="No metal yet. Put a lot down, and it can be melted and poured here."
          mend="Put a lot down"
          suits={isMetal}
        />
      ) : (
        <DndContext id="pot" sensors={sensors} onDragEnd={drop}>
          <div className={apart(20, styles.potRow)}>
            <ChargedPot charge={read} capacityG={pot.capacityG} heelG={pot.heelG} run={inRun} />
            <div className={column(10)}>
              <ChargeList charge={charge} onChange={setCharge} />
              <MixFigures charge={read} />
              <div aria-live="polite">
                {stops.map((stop) => (
                  <p key={stop} className="stop">
                    {stop}
                  </p>
                ))}
                {change ? (
                  <>
                    <p className="stop">{changeSentence(change, write)}</p>
                    <Button onClick={() => setMeant(chargeKey(charge))}>I mean it: it is a blend</Button>
                  </>
                ) : null}
              </div>
            </div>
            <PotGauge
              metal={guiding}
              solidusC={solidusC}
              sections={sections}
              section={section}
              onSection={setSectionId}
            />
          </div>
          {melted ? (
            <div role="status" className={stack(10, 'said')}>
              <p>
                {melted.name} is on the shelf: {onHandText(melted, view.levels, preferences.mass)}.
              </p>
              <NextSteps steps={afterMelt(melted.id)} />
            </div>
          ) : null}
          <LotShelf chosen={lot?.id ?? null} onChoose={setChosen} onCharge={put} />
          <PotLedger />
        </DndContext>
      )}
      {open === 'blend' ? (
        <BlendForm
          onClose={() => setOpen(null)}
          onTake={(blend) => {
            // Who asks for a blend, and is told where it melts, means it.
            setCharge(blend);
            setMeant(chargeKey(blend));
          }}
        />
      ) : null}
      {open === 'identify' && lot ? <IdentifyForm binId={lot.id} onClose={() => setOpen(null)} /> : null}
      {open === 'scrap' && unknown ? <IdentifyForm binId={unknown.id} onClose={() => setOpen(null)} /> : null}
      {open === 'melt' ? (
        <MeltForm
          charge={read}
          name={`Lot ${nextLotNo(view.metals.map((each) => lotText(each.name)))}`}
          onClose={() => setOpen(null)}
          onMelted={(binId) => {
            setCharge([]);
            setChosen(binId);
            setMeltedId(binId);
          }}
        />
      ) : null}
    </Station>
  );
}

/** The next number after the lots there are: `Lot 21` is followed by 22. */
function nextLotNo(names: readonly string[]): number {
  return Math.max(0, ...names.map((name) => Number(/(\d+)$/.exec(name)?.[1] ?? 0))) + 1;
}
