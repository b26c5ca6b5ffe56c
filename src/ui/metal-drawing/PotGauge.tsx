'use client';

import { proseIn } from '@/text/prose-in';
import { spread, stack } from '../layout/layout';
import { Select } from 'antd';
import { guidePot } from '@/core/metals/guide-pot';
import type { ReferenceMetal } from '@/reference/metals';
import { roundTemperature } from '@/core/units/round-figure';
import { temperatureText, lengthText } from '@/text/words';
import { Figure } from '../figure/Figure';
import { useUnits } from '../units/use-units';
import styles from './metal-drawing.module.css';
import type { Section } from '@/core/cavities/section';

/** How far the tube runs past the zones, C. */
const PAST_C = 45;

const HEIGHT = 190;

const WIDTH = 26;

interface PotGaugeProps {
  readonly metal: ReferenceMetal | null;
  /** Up to where what is in it stays solid, C, which a trace may bring down; as the metal has it where nobody says. */
  readonly solidusC?: number | null;
  readonly sections: readonly Section[];
  readonly section: Section | null;
  readonly onSection: (id: string) => void;
}

/** A thermometer with the pot's zones for a metal and a section: too cold, good, too hot. */
export function PotGauge({ metal, solidusC = null, sections, section, onSection }: PotGaugeProps) {
  const units = useUnits();
  const { temperature, length } = units;
  const t = (celsius: number) => temperatureText(celsius, temperature);
  // A guide is a round figure, on whichever scale.
  const aim = (celsius: number) => t(roundTemperature(celsius, temperature));
  const guide =
    metal && section ? guidePot(metal.potC.value, metal.liquidusC.value, section.modulusMm) : null;
  const top = (guide?.hotOverC ?? 0) + PAST_C;
  const solidC = solidusC ?? metal?.solidusC.value ?? 0;
  const low = solidC - PAST_C;
  const y = (celsius: number) => HEIGHT * (1 - (celsius - low) / (top - low));
  return (
    <section className={stack(8)} aria-label="Pot temperature">
      <div className={spread(6)}>
        <strong className="narrow">{metal ? metal.name : 'No metal to guide by'}</strong>
        <Select
          aria-label="For the castings of"
          value={section?.id}
          popupMatchSelectWidth={false}
          options={sections.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={onSection}
        />
      </div>
      {metal && guide && section ? (
        <div className={stack(6, styles.gaugeRow)}>
          <svg
            viewBox={`-4 -8 ${WIDTH + 128} ${HEIGHT + 16}`}
            role="img"
            aria-label={`Pot for ${metal.name}: ${aim(guide.coldUnderC)} to ${aim(guide.hotOverC)}`}
          >
            <defs>
              <pattern
                id="gauge-cold"
                width="5"
                height="5"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <rect width="5" height="5" fill="var(--sunk)" />
                <path d="M0 0V5" stroke="var(--lead)" strokeWidth="1.4" />
              </pattern>
              <pattern
                id="gauge-hot"
                width="5"
                height="5"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(-45)"
              >
                <rect width="5" height="5" fill="var(--ember-wash)" />
                <path d="M0 0V5" stroke="var(--alarm)" strokeWidth="1.6" />
              </pattern>
            </defs>
            <rect x={0} y={0} width={WIDTH} height={y(guide.hotOverC)} fill="url(#gauge-hot)" />
            <rect
              x={0}
              y={y(guide.hotOverC)}
              width={WIDTH}
              height={y(guide.coldUnderC) - y(guide.hotOverC)}
              fill="var(--quench)"
            />
            <rect
              x={0}
              y={y(guide.coldUnderC)}
              width={WIDTH}
              height={HEIGHT - y(guide.coldUnderC)}
              fill="url(#gauge-cold)"
            />
            <rect
              x={0}
              y={0}
              width={WIDTH}
              height={HEIGHT}
              fill="none"
              stroke="var(--ink)"
              rx={3}
              strokeWidth={1.5}
            />
            {[
              { at: (y(guide.hotOverC) - 0) / 2, text: 'too hot', mark: '' },
              { at: y(guide.hotOverC), text: aim(guide.hotOverC), mark: 'line' },
              { at: (y(guide.hotOverC) + y(guide.coldUnderC)) / 2, text: 'pour here', mark: '' },
              { at: y(guide.coldUnderC), text: aim(guide.coldUnderC), mark: 'line' },
              { at: y(solidC), text: `solid under ${t(solidC)}`, mark: 'line' },
            ].map(({ at, text, mark }) => (
              <g key={text}>
                {mark ? <path d={`M0 ${at}H${WIDTH + 6}`} stroke="var(--ink)" strokeWidth={1.2} /> : null}
                <text x={WIDTH + 9} y={at + 4} className={mark ? styles.gaugeNumber : styles.gaugeWord}>
                  {text}
                </text>
              </g>
            ))}
          </svg>
          <ul className={stack(6, styles.gaugeNotes)}>
            <li>
              <b>Too cold:</b> wrinkles, missing fins and collars.
            </li>
            <li>
              <b>Too hot:</b> frosty gray skin, fume, slow freezing. Fume grows fast with heat: vent, and go
              no hotter than the thin parts need.
            </li>
            <li className="quiet">
              Typical for a section of{' '}
              <Figure
                working={{
                  title: 'Pour here',
                  steps: [
                    `volume ÷ skin of the thinnest casting = ${lengthText(section.modulusMm, length)}`,
                    `from ${t(metal.potC.value[0])} for thick castings to ${t(metal.potC.value[1])} for thin ones, by that; ${aim(guide.coldUnderC)} to ${aim(guide.hotOverC)}`,
                  ],
                  inputs: [
                    { name: `pot for ${metal.name}`, value: 'common practice', basis: 'reference' },
                    { name: 'all melted at', value: t(metal.liquidusC.value), basis: 'reference' },
                  ],
                }}
              >
                {lengthText(section.modulusMm, length)}
              </Figure>{' '}
              (volume over area): {proseIn(metal.potC.source, units)}.
            </li>
          </ul>
        </div>
      ) : (
        <p className="quiet">Choose a lot whose metal is known, or charge the pot.</p>
      )}
    </section>
  );
}
