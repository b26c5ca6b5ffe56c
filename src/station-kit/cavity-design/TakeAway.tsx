'use client';

import { row } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import type { Solid } from '@/core/solids/solid';
import { platePdf } from '@/data/exchange/plate/plate-pdf';
import { plateSvg } from '@/data/exchange/plate/plate-svg';
import type { Plate } from '@/data/exchange/plate/plate';
import { useSentence } from '@/ui/units/use-units';
import type { Jobs } from '@/workers/protocol';
import { JobFailure } from '@/station-kit/JobFailure';
import { saveFile } from '@/station-kit/save-file';
import { useJob } from '@/station-kit/use-job';
import { usePrint } from '@/station-kit/use-print';
import styles from './design.module.css';
import { inBackground } from '@/station-kit/in-background';

interface TakeAwayProps {
  readonly name: string;
  /** The sheet, composed when it is asked for; null for a mesh, which has no section of its own. */
  readonly sheet: { readonly isDrilling: boolean; readonly compose: () => Plate } | null;
  readonly body: { readonly solid: Solid } | { readonly file: File; readonly scale: number } | null;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  readonly pinMm: number | null;
  readonly shrinkLinear: number;
}

type Body = 'head' | 'halves';
type MoldFiles = Extract<Jobs['cutMold']['gives'], { ok: true }>['value'];

/** What is being cut, and why it could not be. */
interface Cutting {
  readonly busy: Body | null;
  readonly refused: string | null;
}

const STL = 'model/stl';

/** What goes out of the door: the true-size sheet, and the bodies to print. */
export function TakeAway({ name, sheet, body, hook, eyeMm, pinMm, shrinkLinear }: TakeAwayProps) {
  const sentence = useSentence();
  const print = usePrint();
  const job = useJob<Cutting>();
  const file =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'cavity';

  const cut = (what: Body, save: (files: MoldFiles) => void) => {
    if (!body) return;
    job.start(async ({ ask, say }) => {
      say({ busy: what, refused: null });
      const files = await ask('cutMold', {
        spec: { hook, eyeMm, pinMm },
        body,
        coldScale: 1 - shrinkLinear,
        title: name,
      });
      if (files.ok) save(files.value);
      return { busy: null, refused: files.ok ? null : sentence(files.problem) };
    });
  };
  const busy = job.answer?.busy ?? null;
  return (
    <section className={row(8, styles.away)} aria-label="Take it away">
      <h2>Take it away</h2>
      {sheet ? (
        <>
          <Button
            onClick={() => inBackground(print({ file, make: (fonts) => platePdf(sheet.compose(), fonts) }))}
          >
            {sheet.isDrilling ? 'Drilling sheet, PDF' : 'True-size sheet, PDF'}
          </Button>
          <Button onClick={() => saveFile(`${file}.svg`, plateSvg(sheet.compose()), 'image/svg+xml')}>
            Drawing, SVG
          </Button>
        </>
      ) : null}
      <Button
        loading={busy === 'head'}
        disabled={!body}
        onClick={() => cut('head', ({ head }) => saveFile(`${file}-head.stl`, head, STL))}
      >
        Head, STL
      </Button>
      <Button
        loading={busy === 'halves'}
        disabled={!body}
        onClick={() =>
          cut('halves', ({ front, back }) => {
            saveFile(`${file}-front.stl`, front, STL);
            saveFile(`${file}-back.stl`, back, STL);
          })
        }
      >
        Mold halves, STL
      </Button>
      {busy ? (
        <Button type="text" onClick={job.cancel}>
          Cancel
        </Button>
      ) : null}
      {job.answer?.refused ? (
        <p role="alert" className="stop">
          {job.answer.refused}
        </p>
      ) : null}
      <JobFailure job={job} />
    </section>
  );
}
