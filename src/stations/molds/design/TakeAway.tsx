'use client';

import { App, Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import type { Solid } from '@/core/solids/solid';
import { platePdf } from '@/data/exchange/plate/plate-pdf';
import { plateSvg } from '@/data/exchange/plate/plate-svg';
import type { Plate } from '@/data/exchange/plate/plate';
import { sentence } from '@/text/sentence';
import { CalledOff, WorkLane } from '@/workers/client';
import { saveFile } from '@/station-kit/save-file';
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

const STL = 'model/stl';

/** What goes out of the door: the true-size sheet, and the bodies to print. */
export function TakeAway({ name, sheet, body, hook, eyeMm, pinMm, shrinkLinear }: TakeAwayProps) {
  const { message } = App.useApp();
  const print = usePrint();
  const lane = useRef<WorkLane | null>(null);
  const [busy, setBusy] = useState<'head' | 'halves' | null>(null);
  useEffect(() => () => lane.current?.close(), []);
  const file =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'cavity';

  const carry = async (what: NonNullable<typeof busy>, work: () => Promise<void>) => {
    setBusy(what);
    try {
      await work();
    } catch (error) {
      if (!(error instanceof CalledOff)) {
        void message.error(
          `That did not work: ${error instanceof Error ? error.message : String(error)}.`,
          6,
        );
      }
    } finally {
      setBusy(null);
    }
  };
  const cut = async () => {
    if (!body) throw new Error('there is no body yet');
    lane.current ??= new WorkLane();
    const files = await lane.current.ask('cutMold', {
      spec: { hook, eyeMm, pinMm },
      body,
      coldScale: 1 - shrinkLinear,
      title: name,
    });
    if (!files.ok) throw new Error(sentence(files.problem).replace(/\.$/, ''));
    return files.value;
  };
  return (
    <section className={styles.away} aria-label="Take it away">
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
        onClick={() =>
          inBackground(
            carry('head', async () => {
              saveFile(`${file}-head.stl`, (await cut()).head, STL);
            }),
          )
        }
      >
        Head, STL
      </Button>
      <Button
        loading={busy === 'halves'}
        onClick={() =>
          inBackground(
            carry('halves', async () => {
              const { front, back } = await cut();
              saveFile(`${file}-front.stl`, front, STL);
              saveFile(`${file}-back.stl`, back, STL);
            }),
          )
        }
      >
        Mold halves, STL
      </Button>
      {busy === 'halves' || busy === 'head' ? (
        <Button type="text" onClick={() => lane.current?.close()}>
          Cancel
        </Button>
      ) : null}
    </section>
  );
}
