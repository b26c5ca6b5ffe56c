'use client';

import { QuantityField } from '@/ui/unit-field/QuantityField';
import { stack, wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { roundLength } from '@/core/units/round-figure';
import { checkPattern, scalePattern, type HolePattern, type PlateHole } from '@/core/builds/hole-pattern';
import { platePdf } from '@/data/exchange/plate/plate-pdf';
import { bladePath } from '@/drawing/build/blade-path';
import { patternSentence } from '@/text/build-sentence';
import { lengthText } from '@/text/words';
import { slug } from '@/text/slug';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { usePrint, type Sheet } from '@/station-kit/use-print';
import { composeTemplate, HOLE_WORDS } from '@/station-kit/print/blade-template';
import type { BuildDraft } from '@/model/baits/build-draft';
import { pieceOf } from '@/model/baits/bait-facts';
import styles from './template.module.css';
import { inBackground } from '@/station-kit/in-background';

interface TemplatePanelProps {
  readonly draft: BuildDraft;
  readonly onChange: (draft: BuildDraft) => void;
}

/** The blade's holes as the proven first piece has them, drawn and printed at true size. */
export function TemplatePanel({ draft, onChange }: TemplatePanelProps) {
  const { view } = useBench();
  const print = usePrint();
  const units = useUnits();
  const { length } = units;
  const plate = pieceOf(draft.slots.find(({ slot }) => slot === 'plate')?.binId ?? null, view);
  if (!plate) return <p className="quiet">Choose the blade first; then its holes are laid out here.</p>;
  const { lengthMm = 30, widthMm = 20 } = plate.gauge.sizes;
  const form = plate.gauge.form ?? 'plate';
  const pattern: HolePattern = draft.pattern
    ? scalePattern(draft.pattern, lengthMm, widthMm)
    : { lengthMm, widthMm, holes: [] };
  const problems = checkPattern(pattern);
  const setHoles = (holes: PlateHole[]) => onChange({ ...draft, pattern: { lengthMm, widthMm, holes } });
  const setHole = (index: number, to: Partial<PlateHole>) =>
    setHoles(pattern.holes.map((hole, at) => (at === index ? { ...hole, ...to } : hole)));
  const isOther =
    draft.pattern !== null && (draft.pattern.lengthMm !== lengthMm || draft.pattern.widthMm !== widthMm);
  const title = draft.name.trim() || plate.name;
  const template: Sheet = {
    file: `template-${slug(title)}`,
    make: (fonts) => platePdf(composeTemplate(title, { name: plate.name, form }, pattern, length), fonts),
  };
  return (
    <section className={stack(12, styles.template)} aria-label="Hole template">
      <div>
        <h3>Holes of the first piece</h3>
        <p className="quiet">
          Measured along the middle from the front edge, on a piece that swam right.
          {isOther ? ' Scaled from a blade of another size.' : ''}
        </p>
        <ul>
          {pattern.holes.map((hole, index) => (
            <li key={index}>
              <Select
                aria-label={`Hole ${index + 1}, what for`}
                value={hole.is}
                options={Object.entries(HOLE_WORDS).map(([value, label]) => ({ value, label }))}
                onChange={(is) => setHole(index, { is })}
              />
              {(
                [
                  ['alongMm', 'from the edge', 'length', 0, lengthMm],
                  ['asideMm', 'aside', 'length', -widthMm / 2, widthMm / 2],
                  ['diameterMm', 'drill', 'drill', 0.5, 10],
                ] as const
              ).map(([key, words, of, min, max]) => (
                <label key={key}>
                  <QuantityField
                    isBare
                    isSigned={min < 0}
                    label={`Hole ${index + 1}, ${words}`}
                    of={of}
                    least={min}
                    most={max}
                    value={hole[key]}
                    onChange={(value) => value !== null && setHole(index, { [key]: value })}
                  />
                  <small>{words}</small>
                </label>
              ))}
              <Button size="small" onClick={() => setHoles(pattern.holes.filter((_, at) => at !== index))}>
                Take out
              </Button>
            </li>
          ))}
        </ul>
        {problems.map((problem) => (
          <p key={`${problem.code} ${problem.hole}`} role="alert" className="wrong">
            {patternSentence(problem, units)}
          </p>
        ))}
        <div className={wrap(8)}>
          <Button
            disabled={pattern.holes.length >= 12}
            onClick={() =>
              setHoles([
                ...pattern.holes,
                {
                  is: pattern.holes.length === 0 ? 'line' : 'swing',
                  alongMm: roundLength(4 + 7 * pattern.holes.length, length),
                  asideMm: 0,
                  diameterMm: roundLength(2.4, length),
                },
              ])
            }
          >
            Add a hole
          </Button>
          <Button
            type="primary"
            disabled={pattern.holes.length === 0}
            onClick={() => inBackground(print(template))}
          >
            Print the template
          </Button>
        </div>
      </div>
      <figure>
        <svg
          role="img"
          aria-label={`Blade with ${pattern.holes.length} holes`}
          viewBox={`-2 ${-widthMm / 2 - 2} ${lengthMm + 4} ${widthMm + 4}`}
          width={(lengthMm + 4) * 5}
          height={(widthMm + 4) * 5}
        >
          <path
            d={bladePath(form, lengthMm, widthMm)}
            fill="#c9ced2"
            stroke="var(--ink)"
            strokeWidth={0.25}
          />
          <path d={`M0 0H${lengthMm}`} stroke="var(--ink)" strokeWidth={0.1} strokeDasharray="1 0.7" />
          {pattern.holes.map(({ is, alongMm, asideMm, diameterMm }, index) => (
            <g key={index} transform={`translate(${alongMm} ${asideMm})`}>
              <circle r={diameterMm / 2} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={0.2} />
              {is === 'punched' ? null : (
                <path d="M-2.6 0H2.6M0 -2.6V2.6" stroke="var(--ember)" strokeWidth={0.18} />
              )}
            </g>
          ))}
        </svg>
        <figcaption>
          {lengthText(lengthMm, length)} × {lengthText(widthMm, length)}, printed at true size
        </figcaption>
      </figure>
      <p className={styles.caution}>
        Small sheet turns with the drill: clamp it to wood, never hold it by hand. Eye protection. The eye is
        opened at the pour, while the casting is warm.
      </p>
    </section>
  );
}
