'use client';

import { speedText } from '@/text/quantity-text';
import { areaText, fillText, roomText } from '@/text/writer';
import type { ReactNode } from 'react';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { freezeTime } from '@/core/heat/freeze-time';
import { sinkSpeed } from '@/core/water/sink-speed';
import { numberText as n } from '@/text/number-text';
import type { Bench } from '@/records/bench';
import type { MetalBin } from '@/records/bin';
import { Figure, type Working, type WorkingInput } from '@/ui/figure/Figure';
import { lengthText, massText, sizeText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { Design } from '@/model/molds/design';
import type { Study } from '@/ui/mold-design/study';
import styles from './design.module.css';

interface DesignFiguresProps {
  readonly design: Design;
  readonly metal: MetalBin;
  readonly study: Study;
  readonly dragCoefficient: number;
  /** The maker wants to time a head. */
  readonly onTime: () => void;
}

/** What the cavity holds and what its casting does: each figure with its sum. */
export function DesignFigures({ design, metal, study, dragCoefficient, onTime }: DesignFiguresProps) {
  const { view } = useBench();
  const { mass, length, speed } = useUnits();
  const { body } = study;
  const lot: WorkingInput = {
    name: metal.name,
    value: `${n(metal.densityGcm3, 4)} g/cm³, shrinks ${n(metal.shrinkLinear * 100, 2)} %`,
    basis: metal.densityBasis,
  };
  const shape: WorkingInput = {
    name: 'the shape',
    value: `${roomText(design.volumeCm3, length, 5)} of cavity`,
    basis: 'computed',
  };
  const trial = view.bench.freezeTrial;
  const sink = body
    ? sinkSpeed({
        massG: design.finishedG,
        volumeCm3: body.measure.volumeCm3,
        frontalCm2: body.frontalCm2,
        dragCoefficient,
        waterGcm3: 1,
      })
    : null;
  const freeze = body && trial ? freezeTime(trial, body.modulusMm, trial.exponent) : null;
  return (
    <dl className={styles.figures} data-stale={study.isStale}>
      <Fact
        name="Gives"
        working={{
          title: 'Weight',
          steps: [
            `${fillText(castGramsPerCm3(metal), length)} of cavity × (${roomText(design.volumeCm3, length, 5)} − what is embedded) + what stays = ${massText(design.finishedG, mass)}`,
          ],
          inputs: [lot, shape],
        }}
      >
        {massText(design.finishedG, mass)}
      </Fact>
      <Fact
        name="Cavity"
        working={{
          title: 'Volume',
          steps: ['closed form of each part of the shape, added'],
          inputs: [shape],
        }}
      >
        {roomText(design.volumeCm3, length, 4)}
      </Fact>
      <Fact
        name="Middle from the foot"
        working={{
          title: 'Center of volume',
          steps: ['moments of the parts over their volume'],
          inputs: [shape],
        }}
      >
        {lengthText(design.centroidMm, length)}
      </Fact>
      <Fact
        name="Skin"
        isLate
        working={
          body && {
            title: 'Skin',
            steps: [`${body.measure.triangles} triangles of the cold casting, their areas added`],
            inputs: [shape],
          }
        }
      >
        {body ? areaText(body.measure.areaCm2, length) : '…'}
      </Fact>
      <Fact
        name="Modulus"
        isLate
        working={
          body && {
            title: 'Modulus',
            steps: [
              `${roomText(body.measure.volumeCm3, length, 4)} over ${areaText(body.measure.areaCm2, length, 4)}: the thicker, the slower it freezes`,
            ],
            inputs: [shape],
          }
        }
      >
        {body ? lengthText(body.modulusMm, length) : '…'}
      </Fact>
      <Fact
        name="Freezes in"
        isLate
        working={
          freeze !== null && trial && body ? freezeWorking(trial, body.modulusMm, freeze, length) : null
        }
        more={
          <button type="button" className={styles.link} onClick={onTime}>
            {trial ? 'a head I timed' : 'time one head'}
          </button>
        }
      >
        {freeze !== null ? (
          `${n(freeze, 2)} s`
        ) : (
          <span className="quiet">{body ? 'not known yet' : '…'}</span>
        )}
      </Fact>
      <Fact
        name="Sinks at"
        isLate
        working={
          body && sink?.ok
            ? {
                title: 'Sinking',
                steps: ['where its weight in water equals its drag: v = √(2 (m − ρV) g / (ρ A Cd))'],
                inputs: [
                  { name: 'drag coefficient', value: n(dragCoefficient, 2), basis: 'guess' },
                  { name: 'seen from below', value: areaText(body.frontalCm2, length), basis: 'computed' },
                ],
              }
            : null
        }
      >
        {sink?.ok ? speedText(sink.value, speed) : '…'}
      </Fact>
    </dl>
  );
}

interface FactProps {
  readonly name: string;
  /** How it comes about; null while it is not known. */
  readonly working: Working | null;
  /** It follows a moment behind the rest: the body is raised in a worker. */
  readonly isLate?: boolean;
  readonly children: ReactNode;
  readonly more?: ReactNode;
}

/** A figure under its name. */
function Fact({ name, working, isLate, children, more }: FactProps) {
  return (
    <div data-late={isLate}>
      <dt>{name}</dt>
      <dd>
        {working ? <Figure working={working}>{children}</Figure> : children}
        {more}
      </dd>
    </div>
  );
}

/** How the time it takes to freeze follows from the head that was timed. */
function freezeWorking(
  trial: NonNullable<Bench['freezeTrial']>,
  modulusMm: number,
  seconds: number,
  length: 'mm' | 'in',
): Working {
  return {
    title: 'Freezing',
    steps: [
      `${n(trial.seconds, 3)} s × (${n(modulusMm, 3)} / ${n(trial.modulusMm, 3)})^${n(trial.exponent, 2)} = ${n(seconds, 2)} s`,
    ],
    inputs: [
      {
        name: 'the head you timed',
        value: `${sizeText(trial.modulusMm, length)} in ${n(trial.seconds, 3)} s`,
        basis: 'given',
      },
      { name: 'exponent', value: n(trial.exponent, 2), basis: 'guess' },
    ],
  };
}
