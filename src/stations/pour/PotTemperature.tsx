'use client';

import { apart, row } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useEffect, useMemo } from 'react';
import { oncePer } from '@/core/numeric/once-per';
import { cavityModulus } from '@/core/cavities/cavity-modulus';
import { guidePot } from '@/core/metals/guide-pot';
import type { PotLimits } from '@/core/pours/watch-pot';
import type { DeviceFault } from '@/devices/device';
import { tracePath, traceY, type TraceBox } from '@/drawing/temperature-trace';
import type { Bin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { ring } from '@/station-kit/ring';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { useDevice } from '@/station-kit/device/use-device';
import { potDevice } from '@/station-kit/device/watches';
import { nearestMetal } from '@/reference/nearest-metal';
import styles from './pot-temperature.module.css';

const SPAN_MS = 1_200_000;
/** Over and under the band, C. */
const MARGIN_C = 25;
const RING_EVERY_MS = 4000;
/** Where nothing is known of the metal or the section, C: hard lead, a middling head. */
const USUAL: PotLimits = { coldUnderC: 365, hotOverC: 415 };

const FAULTS: Record<DeviceFault['code'], string> = {
  'not-supported': 'This browser cannot talk to a thermocouple. Use one that has serial ports.',
  'not-chosen': 'No thermocouple was chosen. Plug it in and choose its port.',
  lost: 'The thermocouple went silent. What it told is kept. Check its cable and put it in again.',
  unreadable: 'What comes in reads as no temperature. Set the reader to send lines of text at 9600 baud.',
};

interface PotTemperatureProps {
  readonly metalId: string;
  /** The blocks in hand: one pot serves them all. */
  readonly molds: readonly Mold[];
  readonly massG: number;
  readonly now: number;
}

/** The pot's temperature as it streams: the last twenty minutes, the band of the blocks in hand, and what is wrong. */
export function PotTemperature({ metalId, molds, massG, now }: PotTemperatureProps) {
  const { workshop, view } = useBench();
  const { temperature } = useUnits();
  const { source, seen: watch, fault } = useDevice(potDevice);
  const metal = view.binById.get(metalId);
  const { coldUnderC, hotOverC } = bandOf(metal, molds);
  const limits = useMemo(() => ({ coldUnderC, hotOverC }), [coldUnderC, hotOverC]);
  useEffect(() => potDevice.keepWithin(limits), [limits]);
  useEffect(() => {
    if (watch.sounding === null && fault === null) return undefined;
    ring();
    const timer = setInterval(ring, RING_EVERY_MS);
    return () => clearInterval(timer);
  }, [watch.sounding, fault]);
  const aimC = (limits.coldUnderC + limits.hotOverC) / 2;
  const start = (kind: 'stand-in' | 'real') => potDevice.start(kind, workshop.now, { massG, aimC });
  const text = (tempC: number) => temperatureText(tempC, temperature);

  if (source === null) {
    return (
      <section className={row(0, styles.off)} aria-label="Pot temperature">
        <span className="quiet">No thermometer connected.</span>
        <Button size="small" onClick={() => start('real')}>
          Thermocouple on a port
        </Button>
        <Button size="small" onClick={() => start('stand-in')}>
          Stand-in thermocouple
        </Button>
      </section>
    );
  }
  const box: TraceBox = {
    width: 390,
    height: 112,
    now,
    spanMs: SPAN_MS,
    lowC: limits.coldUnderC - MARGIN_C,
    highC: limits.hotOverC + MARGIN_C,
  };
  const latest = fault === null ? watch.latest : null;
  const [top, bottom] = [traceY(box, limits.hotOverC), traceY(box, limits.coldUnderC)];
  return (
    <section className={apart(16, styles.on)} aria-label="Pot temperature">
      <svg viewBox={`0 0 ${box.width} ${box.height}`} className={styles.trace} aria-hidden="true">
        <rect width={box.width} height={top} className={styles.beyond} />
        <rect y={top} width={box.width} height={bottom - top} className={styles.band} />
        <rect y={bottom} width={box.width} height={box.height - bottom} className={styles.beyond} />
        <path d={tracePath(box, watch.trace)} className={styles.line} />
        <text x="6" y={top - 6} className={styles.over}>
          over {text(limits.hotOverC)}: frost, fume
        </text>
        <text x="6" y={bottom + 15}>
          under {text(limits.coldUnderC)}: short fills
        </text>
      </svg>
      <div>
        <p className={styles.figure} data-sounding={watch.sounding ?? ''}>
          {latest ? text(latest.tempC) : '- - -'}
        </p>
        <p role="status" className={watch.sounding || fault ? styles.alarm : 'quiet'}>
          {fault
            ? FAULTS[fault.code]
            : watch.sounding === 'cold'
              ? 'Too cold: wait before the next pour.'
              : watch.sounding === 'hot'
                ? 'Too hot: turn it down, vent on.'
                : !watch.wasReady
                  ? 'Coming up.'
                  : `good for ${molds.map(({ name }) => name).join(' and ')}`}
        </p>
        {watch.alarmCount > 0 ? (
          <p className="quiet">
            {watch.alarmCount} {watch.alarmCount === 1 ? 'alarm' : 'alarms'} so far
          </p>
        ) : null}
        <p className={styles.hands}>
          {fault ? (
            <Button size="small" type="primary" onClick={() => start(source)}>
              Put it in again
            </Button>
          ) : null}
          {source === 'stand-in' && !fault ? (
            <Button size="small" onClick={() => potDevice.standIn()?.unplug()}>
              Unplug
            </Button>
          ) : null}
          <Button size="small" onClick={potDevice.stop}>
            Take it out
          </Button>
        </p>
      </div>
    </section>
  );
}

/** The modulus of a block's thinnest casting, mm; infinite where no shape is known. The pot is read every second. */
const thinnestOf = oncePer(({ cavities }: Mold) =>
  Math.min(Infinity, ...cavities.flatMap((cavity) => cavityModulus(cavity) ?? [])),
);

/** The band for the thinnest casting of the blocks in hand, in a metal. */
function bandOf(bin: Bin | undefined, molds: readonly Mold[]): PotLimits {
  const told = bin?.kind === 'metal' ? nearestMetal(bin.composition) : null;
  const thinnestMm = Math.min(Infinity, ...molds.map(thinnestOf));
  return told && Number.isFinite(thinnestMm)
    ? guidePot(told.potC.value, told.liquidusC.value, thinnestMm)
    : USUAL;
}
