'use client';

import { countText } from '@/text/count-text';
import { warmerText } from '@/text/quantity-text';
import { fields, stack } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { App, Button } from 'antd';
import type { DeviceSource } from '@/devices/device-store';
import type { DeviceFault } from '@/devices/device';
import { tracePath, traceY, type TraceBox } from '@/drawing/temperature-trace';
import type { Heater } from '@/records/heater';
import type { Rack } from '@/records/rack';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useNow } from '@/station-kit/use-now';
import { useUnits } from '@/ui/units/use-units';
import { ovenDevice } from '@/station-kit/device/watches';
import { useFollowedCure } from './use-followed-cure';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

const FAULTS: Record<DeviceFault['code'], string> = {
  'not-supported': 'This browser cannot talk to a thermometer. Use one that has serial ports.',
  'not-chosen': 'No thermometer was chosen. Plug it in and choose its port.',
  lost: 'The thermometer went silent. What it told is kept; the clock runs on as it was.',
  unreadable: 'What comes in reads as no temperature. Set the reader to send lines of text at 9600 baud.',
};
const SPAN_MS = 1_800_000;
const UNDER_C = 40;
const OVER_C = 20;

interface CuringPanelProps {
  readonly rack: Rack;
  readonly oven: Heater;
  /** It is looked at next, so it stays in view. */
  readonly onOut: () => void;
}

/** A rack in the oven: how long still, how hot the heads are, and taking it out. */
export function CuringPanel({ rack, oven, onOut }: CuringPanelProps) {
  const { workshop, carryOut } = useBench();
  const { modal } = App.useApp();
  const notice = useNotice();
  const { temperature } = useUnits();
  const now = useNow(workshop.now, 500);
  const { watch, followed, ovenC, leftS } = useFollowedCure(rack);
  const start = (source: DeviceSource) => ovenDevice.start(source, workshop.now, rack.partC);
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const toGoS = Math.max(0, ((rack.outAt ?? now) - now) / 1000);
  const isDue = toGoS <= 0;
  const hotAt = (rack.inAt ?? now) + (rack.warmS ?? 0) * 1000;
  const isHot = followed ? followed.cureS > 0 : now >= hotAt;
  const out = async () => {
    onOut();
    const done = await carryOut(workshop.racks.comeOut(rack.id));
    if (!done) return;
    ovenDevice.standIn()?.openDoor();
    notice.success(
      `Rack ${rack.no} is out: ${countText(rack.hung.length, 'head')} in color on the shelf.`,
      4,
    );
  };
  const askOut = () =>
    isDue
      ? inBackground(out())
      : modal.confirm({
          title: `Take rack ${rack.no} out early?`,
          content: `It needs ${clockText(toGoS)} more. What comes out too soon is not cured and chips.`,
          okText: 'Take it out',
          cancelText: 'Let it cure',
          onOk: out,
        });
  const drop = () =>
    modal.confirm({
      title: `Take rack ${rack.no} down uncured?`,
      content: 'Its heads count as bare and wait again. The powder on them stays used.',
      okText: 'Take it down',
      cancelText: 'Let it cure',
      onOk: () => carryOut(workshop.racks.drop(rack.id)),
    });
  const box: TraceBox = {
    width: 330,
    height: 70,
    now,
    spanMs: SPAN_MS,
    lowC: rack.partC - UNDER_C,
    highC: rack.partC + OVER_C,
  };
  return (
    <section className={stack(10, styles.panel)} aria-label={`Rack ${rack.no}`}>
      <header>
        <h2>
          Rack {rack.no} <small>in {oven.name}</small>
        </h2>
        <Button size="small" onClick={drop}>
          Take down
        </Button>
      </header>
      <button type="button" className={styles.press} data-waiting={!isDue} onClick={askOut}>
        {isDue ? (
          <>
            <strong>Take it out</strong>
            <small>it is cured</small>
          </>
        ) : (
          <>
            <strong className={styles.clock}>{clockText(toGoS)}</strong>
            <small>
              {isHot
                ? `at ${text(rack.partC)}, then out`
                : `warming up, then ${rack.minutes} min at ${text(rack.partC)}`}
            </small>
          </>
        )}
      </button>
      <section aria-label="Oven thermometer" className={stack(6, styles.thermometer)}>
        {watch.source === null ? (
          <>
            <p className="quiet">
              The time is worked out from the load and the oven. A thermometer in it corrects that.
            </p>
            <Button size="small" onClick={() => start('real')}>
              Thermometer on a port
            </Button>{' '}
            <Button size="small" onClick={() => start('stand-in')}>
              Stand-in thermometer
            </Button>
          </>
        ) : (
          <>
            <svg viewBox={`0 0 ${box.width} ${box.height}`} aria-hidden="true">
              <path d={`M0 ${traceY(box, rack.partC)}H${box.width}`} className={styles.wanted} />
              <path d={tracePath(box, watch.seen.trace)} className={styles.trace} />
            </svg>
            <p role="status" className={watch.fault ? styles.refusal : undefined}>
              {watch.fault
                ? FAULTS[watch.fault.code]
                : ovenC === null
                  ? 'Listening.'
                  : `Oven ${text(ovenC)}, heads ${text(followed?.headC ?? rack.startC)}${
                      leftS === null ? '. So cold an oven never cures them: turn it up.' : ''
                    }`}
            </p>
            {followed ? (
              <p className="quiet">
                {Math.floor(followed.cureS / 60)} of {rack.minutes} min at heat, by the thermometer.
              </p>
            ) : null}
            <span className={fields(8)}>
              {watch.fault && watch.source ? (
                <Button size="small" type="primary" onClick={() => watch.source && start(watch.source)}>
                  Put it in again
                </Button>
              ) : null}
              {watch.source === 'stand-in' && !watch.fault ? (
                <>
                  <Button size="small" onClick={() => ovenDevice.standIn()?.turnDial(rack.partC + 8)}>
                    Dial up {warmerText(8, temperature)}
                  </Button>
                  <Button size="small" onClick={() => ovenDevice.standIn()?.unplug()}>
                    Unplug
                  </Button>
                </>
              ) : null}
              <Button size="small" onClick={ovenDevice.stop}>
                Take it out of the oven
              </Button>
            </span>
          </>
        )}
      </section>
    </section>
  );
}

function clockText(seconds: number): string {
  const whole = Math.ceil(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
