'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { BARS_MM, PAPERS, type PaperId } from '@/core/mat/mat';
import { matPdf } from '@/data/exchange/mat/mat-pdf';
import { fields, row, stack } from '@/ui/layout/layout';
import { UnitField } from '@/ui/unit-field/UnitField';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { usePrint } from '../use-print';
import { finelyText } from './told-text';

const PAPER_IDS = Object.keys(PAPERS) as PaperId[];
/** A bar farther off than this is one of another sheet, a share of it. */
const FARTHEST = 0.2;

/** The mat on paper: printed, and its two bars as they came out. */
export function MatPrint() {
  const { view, workshop } = useBench();
  const { length } = useUnits();
  const print = usePrint();
  const { mat } = view.bench;
  const [bars, setBars] = useState<{ across: number | null; along: number | null }>({
    across: mat?.acrossMm ?? null,
    along: mat?.alongMm ?? null,
  });
  const say = (change: Partial<typeof bars>) => {
    const next = { ...bars, ...change };
    setBars(next);
    if (next.across === null || next.along === null) return;
    const printed = { acrossMm: next.across, alongMm: next.along };
    inBackground(workshop.bench.save({ ...view.bench, mat: printed }));
  };
  const check = (meant: number) => (mm: number) =>
    Math.abs(mm / meant - 1) > FARTHEST
      ? `It was meant to be ${finelyText(meant, length)} long: measure from stroke to stroke.`
      : null;
  return (
    <section className={stack(8)} aria-label="The mat on paper">
      <div className={row(8)}>
        {PAPER_IDS.map((paper) => (
          <Button
            key={paper}
            onClick={() =>
              inBackground(print({ file: `measuring-mat-${paper}`, make: (fonts) => matPdf(paper, fonts) }))
            }
          >
            Print the mat on {PAPERS[paper].name}
          </Button>
        ))}
      </div>
      <div className={fields(16)}>
        {(['across', 'along'] as const).map((way) => (
          <UnitField
            key={way}
            label={way === 'across' ? 'Bar along the bottom' : 'Bar along the side'}
            quantity="length"
            assume={length}
            write={(mm) => finelyText(mm, length)}
            hint={`meant to be ${finelyText(BARS_MM[way], length)}`}
            value={bars[way]}
            isOptional
            check={check(BARS_MM[way])}
            onChange={(mm) => say({ [way]: mm !== null && check(BARS_MM[way])(mm) === null ? mm : null })}
            width={170}
          />
        ))}
      </div>
      {mat ? null : (
        <p className="quiet">
          Printers often make a page a little smaller. Until both bars are measured, once, with a rule on the
          paper, every size may be off by 4 %.
        </p>
      )}
    </section>
  );
}
