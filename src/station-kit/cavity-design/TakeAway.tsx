'use client';

import { row, stack } from '@/ui/layout/layout';
import { Button, Dropdown } from 'antd';
import { useState } from 'react';
import type { MoldSpec, MoldWall } from '@/core/molds/cut-halves';
import type { BodySource } from '@/core/molds/body-source';
import type { MoldMake } from '@/core/molds/mold-make';
import { platePdf } from '@/data/exchange/plate/plate-pdf';
import { plateSvg } from '@/data/exchange/plate/plate-svg';
import type { Plate } from '@/data/exchange/plate/plate';
import { slug } from '@/text/slug';
import { useSentence } from '@/ui/units/use-units';
import type { MoldBody } from '@/workers/protocol';
import { JobFailure } from '@/station-kit/JobFailure';
import { saveFile } from '@/station-kit/save-file';
import { useJob } from '@/station-kit/use-job';
import { usePrint } from '@/station-kit/use-print';
import styles from './design.module.css';
import { inBackground } from '@/station-kit/in-background';
import { MakeFields } from './MakeFields';
import { ThinWalls } from './ThinWalls';

interface TakeAwayProps {
  readonly name: string;
  /** The sheet, composed when it is asked for; null for a mesh, which has no section of its own. */
  readonly sheet: { readonly isDrilling: boolean; readonly compose: () => Plate } | null;
  readonly body: BodySource | null;
  readonly spec: Omit<MoldSpec, 'cavity'>;
  readonly make: MoldMake;
  readonly onMake: (make: MoldMake) => void;
  readonly shrinkLinear: number;
}

/** What is being cut, why it could not be, and how thick the last was. */
interface Cutting {
  readonly busy: MoldBody | null;
  readonly refused: string | null;
  readonly walls: readonly MoldWall[];
}

const TYPES = { stl: 'model/stl', '3mf': 'model/3mf' } as const;
const BODIES: readonly { readonly what: MoldBody; readonly label: string }[] = [
  { what: 'head', label: 'Head' },
  { what: 'halves', label: 'Mold halves' },
  { what: 'pattern', label: 'Pattern' },
];

/** What goes out of the door: the true-size sheet, and the bodies to print. */
export function TakeAway({ name, sheet, body, spec, make, onMake, shrinkLinear }: TakeAwayProps) {
  const sentence = useSentence();
  const print = usePrint();
  const job = useJob<Cutting>();
  const [isMaking, setMaking] = useState(false);
  const file = slug(name);

  const cut = (what: MoldBody, as: 'stl' | '3mf') => {
    if (!body) return;
    job.start(async ({ ask, say }) => {
      say({ busy: what, refused: null, walls: [] });
      const cutting = { spec: { ...spec, make }, body, coldScale: 1 - shrinkLinear, title: name, what, as };
      const made = await ask('cutMold', cutting);
      if (!made.ok) return { busy: null, refused: sentence(made.problem), walls: [] };
      for (const { part, bytes } of made.value.files) saveFile(`${file}-${part}.${as}`, bytes, TYPES[as]);
      return { busy: null, refused: null, walls: what === 'halves' ? made.value.walls : [] };
    });
  };
  const busy = job.answer?.busy ?? null;
  return (
    <section className={stack(8, styles.away)} aria-label="Take it away">
      <div className={row(8)}>
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
        {BODIES.map(({ what, label }) => (
          <Dropdown
            key={what}
            trigger={['click']}
            disabled={!body}
            menu={{
              items: [
                { key: 'stl', label: `${label}, STL`, onClick: () => cut(what, 'stl') },
                { key: '3mf', label: `${label}, 3MF`, onClick: () => cut(what, '3mf') },
              ],
            }}
          >
            <Button loading={busy === what} disabled={!body}>
              {label}
            </Button>
          </Dropdown>
        ))}
        {busy ? (
          <Button type="text" onClick={job.cancel}>
            Cancel
          </Button>
        ) : null}
        <Button type="text" aria-expanded={isMaking} onClick={() => setMaking(!isMaking)}>
          How it is made
        </Button>
      </div>
      {isMaking ? <MakeFields make={make} onMake={onMake} /> : null}
      <ThinWalls walls={job.answer?.walls ?? []} />
      {job.answer?.refused ? (
        <p role="alert" className="stop">
          {job.answer.refused}
        </p>
      ) : null}
      <JobFailure job={job} />
    </section>
  );
}
