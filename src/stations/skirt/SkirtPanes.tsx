'use client';

import { Button, Segmented, Slider } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { flaredShares, restShares } from '@/core/skirts/seen-shares';
import type { SkirtView } from '@/core/skirts/skirt-view';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { skirtBox } from '@/ui/skirt-drawing/skirt-box';
import { useWidth } from '@/ui/use-width';
import { jigOf, layersOf, lengthText, setPreferences, useBench, usePreferences } from '../shared';
import type { SkirtState } from '@/ui/skirt-drawing/skirt-look';
import type { SkirtDraft } from './draft';
import { ShareBar } from './ShareBar';
import styles from './skirt.module.css';

type Right = 'tying' | 'open';

/** Swimming, a skirt stands this far open between two pulses. */
const SWIMMING = 0.28;
const PULSE_MS = 1400;
const MOST_HIGH_PX = 290;

/** A recipe drawn twice: at rest, and standing open as far as the slider says, or in the tying. */
export function SkirtPanes({ draft }: { readonly draft: SkirtDraft }) {
  const { view } = useBench();
  const { skirtView } = usePreferences();
  const [right, setRight] = useState<Right>('open');
  const [open, setOpen] = useState(1);
  const [isSwimming, setSwimming] = useState(false);
  const [laid, setLaid] = useState<number | null>(null);
  const [ref, width] = useWidth<HTMLDivElement>(640);
  const jig = useMemo(() => jigOf(draft, view), [draft, view]);
  const layers = useMemo(() => layersOf(draft, view), [draft, view]);
  const pulse = usePulse(isSwimming);
  const rest = restShares(layers, draft.collar.diameterMm, skirtView);
  const flared = flaredShares(layers);
  if (!jig) return null;
  const isNarrow = width < 520;
  const paneWidth = isNarrow ? width : (width - 24) / 2;
  const shown = Math.min(layers.length, laid ?? layers.length);
  const nowOpen = isSwimming ? SWIMMING + 0.16 * Math.sin(2 * Math.PI * pulse) : open;
  // Each as large as its pane bears; the bar under it says how long twenty millimeters are in it.
  const scaleOf = (state: SkirtState) => {
    const [, , wide, high] = skirtBox(jig, state, skirtView);
    return Math.min(4.4, MOST_HIGH_PX / high, paneWidth / wide);
  };
  const restScale = scaleOf({ is: 'rest' });
  const openScale = scaleOf({ is: 'open', open: 1, pulse: 0 });
  const tyingScale = scaleOf({ is: 'tying', layers: shown });
  const said =
    right === 'tying'
      ? `${shown} of ${layers.length} layers on`
      : isSwimming
        ? 'swimming, with a pulse'
        : open > 0.9
          ? 'flared'
          : open < 0.08
            ? 'as good as laid back'
            : `${Math.round(open * 100)} % open`;
  return (
    <div ref={ref} className={styles.panes} data-narrow={isNarrow}>
      <section className={styles.pane} aria-label="At rest">
        <header>
          <h3>At rest</h3>
          <Segmented<SkirtView>
            size="small"
            aria-label="Seen from"
            value={skirtView}
            options={[
              { value: 'side', label: 'Side' },
              { value: 'top', label: 'Top' },
              { value: 'end', label: 'End on' },
            ]}
            onChange={(next) => setPreferences({ skirtView: next })}
          />
        </header>
        <p>laid back by the pull</p>
        <div className={styles.stage}>
          <SkirtDrawing
            name="The skirt at rest"
            jig={jig}
            state={{ is: 'rest' }}
            view={skirtView}
            pxPerMm={restScale}
          />
          <ScaleBar pxPerMm={restScale} />
        </div>
        {rest.ok ? <ShareBar label="shows at rest" shares={rest.value} /> : null}
      </section>
      <section className={styles.pane} aria-label="On a stop">
        <header>
          <h3>{right === 'tying' ? 'Being tied' : isSwimming ? 'Swimming' : 'On a stop'}</h3>
          <Segmented<Right>
            size="small"
            aria-label="Right drawing"
            value={right}
            options={[
              { value: 'open', label: 'In water' },
              { value: 'tying', label: 'Being tied' },
            ]}
            onChange={(next) => {
              setRight(next);
              setSwimming(false);
            }}
          />
        </header>
        <p>{said}</p>
        <div className={styles.stage}>
          <SkirtDrawing
            name={right === 'tying' ? 'The skirt being tied' : 'The skirt on a stop'}
            jig={jig}
            state={right === 'tying' ? { is: 'tying', layers: shown } : { is: 'open', open: nowOpen, pulse }}
            view={right === 'tying' && skirtView === 'end' ? 'side' : skirtView}
            pxPerMm={right === 'tying' ? tyingScale : openScale}
          />
          <ScaleBar pxPerMm={right === 'tying' ? tyingScale : openScale} />
        </div>
        {flared.ok && right === 'open' ? <ShareBar label="shows on a stop" shares={flared.value} /> : null}
        {right === 'open' ? (
          <div className={styles.opening}>
            <span>pull</span>
            <Slider
              ariaLabelForHandle="How far it stands open"
              min={0}
              max={100}
              value={Math.round(nowOpen * 100)}
              tooltip={{ open: false }}
              onChange={(value) => {
                setSwimming(false);
                setOpen(value / 100);
              }}
            />
            <span>stop</span>
            <Button size="small" aria-pressed={isSwimming} onClick={() => setSwimming(!isSwimming)}>
              {isSwimming ? 'Hold still' : 'Swim'}
            </Button>
          </div>
        ) : (
          <div className={styles.opening}>
            <span>first</span>
            <Slider
              ariaLabelForHandle="Layers tied"
              min={1}
              max={layers.length}
              value={shown}
              tooltip={{ open: false }}
              onChange={setLaid}
            />
            <span>last</span>
          </div>
        )}
      </section>
    </div>
  );
}

const BAR_MM = 20;

/** How long twenty millimeters are in the drawing above. */
function ScaleBar({ pxPerMm }: { readonly pxPerMm: number }) {
  const { length } = usePreferences();
  return (
    <span className={styles.scaleBar}>
      <i style={{ width: BAR_MM * pxPerMm }} /> {lengthText(BAR_MM, length)}
    </span>
  );
}

/** Where in its pulse a swimming skirt is; stands still where motion is not wanted. */
function usePulse(isOn: boolean): number {
  const [pulse, setPulse] = useState(0);
  useEffect(() => {
    if (!isOn || window.matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    let frame = 0;
    const tick = (now: number) => {
      setPulse((now % PULSE_MS) / PULSE_MS);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [isOn]);
  return pulse;
}
