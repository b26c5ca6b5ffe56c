'use client';

import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { freezeTime } from '@/core/heat/freeze-time';
import { sinkSpeed } from '@/core/water/sink-speed';
import { numberText as n } from '@/text/number-text';
import type { MetalBin } from '@/records/bin';
import { Figure, type WorkingInput } from '@/ui/figure/Figure';
import { lengthText, massText } from '@/text/words';
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
  const { mass, length } = useUnits();
  const { body } = study;
  const lot: WorkingInput = {
    name: metal.name,
    value: `${n(metal.densityGcm3, 4)} g/cm³, shrinks ${n(metal.shrinkLinear * 100, 2)} %`,
    basis: metal.densityBasis,
  };
  const shape: WorkingInput = {
    name: 'the shape',
    value: `${n(design.volumeCm3, 5)} cm³ of cavity`,
    basis: 'given',
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
      <div>
        <dt>Gives</dt>
        <dd>
          <Figure
            working={{
              title: 'Weight',
              steps: [
                `${n(castGramsPerCm3(metal), 4)} g a cm³ of cavity × (${n(design.volumeCm3, 5)} − what is embedded) + what stays = ${massText(design.finishedG, mass)}`,
              ],
              inputs: [lot, shape],
            }}
          >
            {massText(design.finishedG, mass)}
          </Figure>
        </dd>
      </div>
      <div>
        <dt>Cavity</dt>
        <dd>
          <Figure
            working={{
              title: 'Volume',
              steps: ['closed form of each part of the shape, added'],
              inputs: [shape],
            }}
          >
            {n(design.volumeCm3, 4)} cm³
          </Figure>
        </dd>
      </div>
      <div>
        <dt>Middle from the foot</dt>
        <dd>
          <Figure
            working={{
              title: 'Center of volume',
              steps: ['moments of the parts over their volume'],
              inputs: [shape],
            }}
          >
            {lengthText(design.centroidMm, length)}
          </Figure>
        </dd>
      </div>
      <div data-late="true">
        <dt>Skin</dt>
        <dd>
          {body ? (
            <Figure
              working={{
                title: 'Skin',
                steps: [`${body.measure.triangles} triangles of the cold casting, their areas added`],
                inputs: [shape],
              }}
            >
              {n(body.measure.areaCm2, 3)} cm²
            </Figure>
          ) : (
            '…'
          )}
        </dd>
      </div>
      <div data-late="true">
        <dt>Modulus</dt>
        <dd>
          {body ? (
            <Figure
              working={{
                title: 'Modulus',
                steps: [
                  `${n(body.measure.volumeCm3, 4)} cm³ over ${n(body.measure.areaCm2, 4)} cm²: the thicker, the slower it freezes`,
                ],
                inputs: [shape],
              }}
            >
              {n(body.modulusMm, 3)} mm
            </Figure>
          ) : (
            '…'
          )}
        </dd>
      </div>
      <div data-late="true">
        <dt>Freezes in</dt>
        <dd>
          {freeze !== null && trial && body ? (
            <Figure
              working={{
                title: 'Freezing',
                steps: [
                  `${n(trial.seconds, 3)} s × (${n(body.modulusMm, 3)} / ${n(trial.modulusMm, 3)})^${n(trial.exponent, 2)} = ${n(freeze, 2)} s`,
                ],
                inputs: [
                  {
                    name: 'the head you timed',
                    value: `${n(trial.modulusMm, 3)} mm in ${n(trial.seconds, 3)} s`,
                    basis: 'given',
                  },
                  { name: 'exponent', value: n(trial.exponent, 2), basis: 'guess' },
                ],
              }}
            >
              {n(freeze, 2)} s
            </Figure>
          ) : (
            <span className="quiet">{body ? 'not known yet' : '…'}</span>
          )}
          <button type="button" className={styles.link} onClick={onTime}>
            {trial ? 'a head I timed' : 'time one head'}
          </button>
        </dd>
      </div>
      <div data-late="true">
        <dt>Sinks at</dt>
        <dd>
          {sink?.ok && body ? (
            <Figure
              working={{
                title: 'Sinking',
                steps: ['where its weight in water equals its drag: v = √(2 (m − ρV) g / (ρ A Cd))'],
                inputs: [
                  { name: 'drag coefficient', value: n(dragCoefficient, 2), basis: 'guess' },
                  { name: 'seen from below', value: `${n(body.frontalCm2, 3)} cm²`, basis: 'computed' },
                ],
              }}
            >
              {n(sink.value, 2)} m/s
            </Figure>
          ) : (
            '…'
          )}
        </dd>
      </div>
    </dl>
  );
}
