'use client';

import { stack } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { DeviceFault } from '@/devices/device';
import { writeMass } from '@/core/units/write-mass';
import { MassField } from '@/ui/unit-field/MassField';
import { useUnits } from '@/ui/units/use-units';
import { weighedText } from '@/text/words';
import { useScale } from './use-scale';
import styles from './scale.module.css';

/** Where a weight comes from. */
export type WeightSource = 'typed' | 'stand-in' | 'serial';

const FAULTS: Record<DeviceFault['code'], string> = {
  'not-supported': 'This browser cannot talk to a scale. Use one that has serial ports, or type the weight.',
  'not-chosen': 'No scale was chosen. Plug it in and choose its port.',
  lost: 'The scale went silent. Check its cable and turn it on again.',
  unreadable: 'The scale sends nothing that reads as a weight. Set it to send lines of text at 9600 baud.',
};

interface ScalePanelProps {
  /** Pieces on the pan, drawn. */
  readonly count: number;
  /** What lies on the pan, above the field. */
  readonly label?: string;
  /** What is to be laid on. */
  readonly what?: string;
  readonly onWeighed: (massG: number, source: WeightSource) => void;
  readonly said: string;
  /** Weights can be typed here; else they are typed elsewhere on the page. */
  readonly isTypable?: boolean;
  /** Pieces are counted by it: more may be poured on what lies there. */
  readonly isCounting?: boolean;
}

/** The scale: typed, the stand-in that ships, or a real one; a weight that settles is taken. */
export function ScalePanel({
  count,
  label = 'All of them together',
  onWeighed,
  said,
  what = 'the castings',
  isTypable = true,
  isCounting = false,
}: ScalePanelProps) {
  const { mass } = useUnits();
  const [source, setSource] = useState<WeightSource>('typed');
  const [typedG, setTypedG] = useState<number | null>(null);
  const [loadG, setLoadG] = useState<number | null>(null);
  const { scale, ...reading } = useScale((massG) => onWeighed(massG, source), isCounting);
  const write = (massG: number) => weighedText(massG, mass);
  const turn = (next: WeightSource) => {
    setSource(next);
    if (next === 'typed') scale.stop();
    else scale.start(next === 'serial' ? 'real' : next, null);
  };
  const shown = source === 'typed' ? typedG : reading.massG;
  const written = shown === null ? null : writeMass(Math.max(0, shown), mass);
  return (
    <section className={stack(10)} aria-label="Scale">
      <Segmented<WeightSource>
        aria-label="Where the weight comes from"
        block
        value={source}
        options={[
          { value: 'typed', label: isTypable ? 'Typed' : 'Scale off' },
          { value: 'stand-in', label: 'Stand-in scale' },
          { value: 'serial', label: 'Serial scale' },
        ]}
        onChange={turn}
      />
      {source === 'typed' && !isTypable ? null : (
        <svg viewBox="0 0 320 150" className={styles.scaleDrawing} aria-hidden="true">
          <rect
            x="30"
            y="62"
            width="260"
            height="8"
            rx="2"
            fill="var(--steel-2)"
            stroke="var(--steel-edge)"
          />
          <path d="M120 70h80l6 14h-92z" fill="var(--steel-1)" stroke="var(--steel-edge)" />
          <path d="M22 84h276l10 56h-296z" fill="var(--cavity-2)" stroke="var(--steel-edge)" />
          <rect x="74" y="95" width="172" height="36" rx="3" fill="#1b1f23" />
          <text
            x="236"
            y="121"
            textAnchor="end"
            className={styles.display}
            fill={reading.settledG !== null || source === 'typed' ? '#8fd9c9' : '#e0b05a'}
          >
            {written ? `${written.number} ${written.unit}` : '- - -'}
          </text>
          {(shown ?? 0) > 0.2
            ? Array.from({ length: Math.min(count, 10) }, (_, index) => (
                <circle
                  key={index}
                  cx={160 + (index - (Math.min(count, 10) - 1) / 2) * 23}
                  cy={51}
                  r={10.5}
                  fill="var(--cavity-1)"
                  stroke="var(--wire)"
                />
              ))
            : null}
        </svg>
      )}
      {source === 'typed' && isTypable ? (
        <div className={styles.scaleRow}>
          <MassField
            label={label}
            value={typedG}
            write={write}
            onChange={setTypedG}
            check={(massG) => (massG <= 0 ? 'It weighs more than nothing.' : null)}
          />
          <Button
            type="primary"
            disabled={typedG === null}
            onClick={() => {
              if (typedG !== null) onWeighed(typedG, 'typed');
              setTypedG(null);
            }}
          >
            Take it
          </Button>
        </div>
      ) : null}
      {source === 'stand-in' ? (
        <div className={styles.scaleRow}>
          <MassField label="Lay on the stand-in's pan" value={loadG} write={write} onChange={setLoadG} />
          <Button onClick={() => scale.standIn()?.put(loadG ?? 0)}>Lay on</Button>
          <Button onClick={() => scale.standIn()?.put(0)}>Clear pan</Button>
        </div>
      ) : null}
      <p role="status" className="quiet">
        {reading.fault
          ? FAULTS[reading.fault.code]
          : source === 'typed'
            ? said
            : reading.settledG !== null
              ? `Settled. ${said} ${isCounting ? 'Pour more on, or clear the pan.' : 'Clear the pan for the next.'}`
              : reading.massG !== null && reading.massG > 0.2
                ? 'Settling.'
                : `Lay ${what} on; the weight is taken when it settles. ${said}`}
      </p>
    </section>
  );
}
