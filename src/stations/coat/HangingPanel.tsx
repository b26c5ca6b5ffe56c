'use client';

import { countText } from '@/text/count-text';
import { warmerText } from '@/text/quantity-text';
import { stack } from '@/ui/layout/layout';
import { App, Button, Checkbox } from 'antd';
import { TRAY_CHECKS } from '@/core/coats/tray-checks';
import { cureSentences } from '@/text/cure-sentence';
import type { Heater } from '@/records/heater';
import type { Rack } from '@/records/rack';
import { Figure } from '@/ui/figure/Figure';
import { minutesText, temperatureText } from '@/text/words';
import { nameIn } from '@/station-kit/coats/refusals';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { Checks } from './Checks';
import { CureChoices } from './CureChoices';
import { ovenDevice } from '@/station-kit/device/watches';
import { hungKinds, judgeRack, powdersOn, schoolOf, usedBy, warmingOf } from '@/model/coats/rack-facts';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

const BEFORE = TRAY_CHECKS.filter(({ when }) => when === 'before');

/** A rack being hung: its cure, what is checked before it, and the one control that puts it in. */
export function HangingPanel({ rack, oven }: { rack: Rack; oven: Heater }) {
  const { view, workshop, carryOut } = useBench();
  const { modal } = App.useApp();
  const { temperature, shedC, coatWay } = usePreferences();
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const judged = judgeRack(rack, view);
  const powders = powdersOn(rack.hung, view);
  const warming = warmingOf(rack, oven, view);
  const warm = warming?.ok ? warming.value : null;
  const fuseC = Math.max(0, ...powders.map((powder) => powder.fuseC));
  const rods = [...new Set(rack.hung.map(({ rod }) => rod))].sort((a, b) => a - b);
  const unchecked = BEFORE.filter(({ id }) =>
    rods.some((rod) => !rack.checks.some((each) => each.check === id && each.rod === rod)),
  );
  const sentences = cureSentences(judged, nameIn(view), text);
  const why =
    rack.hung.length === 0
      ? 'Nothing hangs on it yet.'
      : (sentences[0] ??
        (warm === null
          ? 'The oven never brings these heads to temperature. Check its watts and its heat.'
          : unchecked.length > 0
            ? `To check first: ${unchecked.map(({ name }) => name.toLowerCase()).join(', ')}.`
            : null));
  const goIn = async () => {
    if (!warm || why !== null) return;
    const used = [...usedBy(hungKinds(rack.hung), coatWay, view)].map(([powderBinId, g]) => ({
      powderBinId,
      g,
    }));
    const done = await carryOut(
      workshop.racks.goIn(rack.id, {
        tauS: warm.tauS,
        warmS: warm.seconds,
        used,
        clockName: `Rack ${rack.no} out of the oven`,
      }),
    );
    if (done) ovenDevice.standIn()?.openDoor();
  };
  const drop = () =>
    modal.confirm({
      title: `Take rack ${rack.no} down?`,
      content: 'Its heads wait as before.',
      okText: 'Take it down',
      onOk: () => carryOut(workshop.racks.drop(rack.id)),
    });
  return (
    <section className={stack(10, styles.panel)} aria-label={`Rack ${rack.no}`}>
      <header>
        <h2>
          Rack {rack.no} <small>{rack.hung.length} heads</small>
        </h2>
        <Button size="small" onClick={drop}>
          Take down
        </Button>
      </header>
      <CureChoices rack={rack} />
      <Checkbox
        checked={rack.startC > shedC}
        onChange={({ target }) =>
          inBackground(
            carryOut(
              workshop.racks.setCure(rack.id, {
                partC: rack.partC,
                minutes: rack.minutes,
                school: target.checked ? 'hot-spray' : schoolOf(rack, powders[0]),
                startC: target.checked ? Math.min(fuseC, rack.partC - 5) : shedC,
              }),
            ),
          )
        }
      >
        It goes in hot, straight from the spray
      </Checkbox>
      {warm ? (
        <dl className={styles.times}>
          <div>
            <dt>hot after</dt>
            <dd>
              <Figure
                working={{
                  title: 'Until the slowest head is hot',
                  steps: [
                    'every head follows the air; the air follows the dial, unless the load draws more than the element gives',
                    `from ${text(rack.startC)} to within ${warmerText(3, temperature)} of ${text(rack.partC)}, ${countText(rack.hung.length, 'head')} and the rack`,
                  ],
                  inputs: [
                    {
                      name: `heat from ${oven.name}`,
                      value: `${oven.hWm2K.toFixed(0)} W/m²K`,
                      basis: oven.trial ? 'weighed' : 'guess',
                    },
                    { name: 'its element', value: `${oven.oven?.powerW ?? 0} W`, basis: 'given' },
                  ],
                }}
              >
                {minutesText(warm.seconds)}
              </Figure>
            </dd>
          </div>
          <div>
            <dt>then at heat</dt>
            <dd>{rack.minutes} min</dd>
          </div>
          <div>
            <dt>out after</dt>
            <dd>
              <Figure
                working={{
                  title: 'Out after',
                  steps: [
                    `${minutesText(warm.seconds)} until the slowest is hot + ${rack.minutes} min at heat = ${minutesText(warm.seconds + rack.minutes * 60)}`,
                  ],
                  inputs: [{ name: 'at heat', value: `${rack.minutes} min`, basis: 'given' }],
                }}
              >
                {minutesText(warm.seconds + rack.minutes * 60)}
              </Figure>
            </dd>
          </div>
        </dl>
      ) : null}
      <Checks rack={rack} checks={BEFORE} rods={rods} />
      <button
        type="button"
        className={styles.press}
        disabled={why !== null}
        aria-describedby={`why-${rack.id}`}
        onClick={() => inBackground(goIn())}
      >
        <strong>Into the oven</strong>
        <small>at {text(rack.partC)}</small>
      </button>
      <p
        id={`why-${rack.id}`}
        className={judged.isGood ? 'quiet' : styles.refusal}
        role={why ? 'alert' : undefined}
      >
        {why ?? 'The clock starts as it goes in, and rings when it is to come out.'}
      </p>
      {sentences.slice(1).map((sentence) => (
        <p key={sentence} className={styles.refusal}>
          {sentence}
        </p>
      ))}
    </section>
  );
}
