'use client';

import { line } from '../layout/layout';
import { Button, Slider } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { memo, useEffect, useMemo, useState } from 'react';
import { flaredShares } from '@/core/skirts/seen-shares';
import type { SkirtLayer } from '@/core/skirts/skirt-layer';
import type { SkirtView } from '@/core/skirts/skirt-view';
import type { Bin } from '@/records/bin';
import { SkirtDrawing } from './SkirtDrawing';
import type { JigLook, SkirtState } from './skirt-look';
import { paneScale } from './pane-scale';
import { ScaleBar } from './ScaleBar';
import { ShareBar } from './ShareBar';
import styles from './skirt-panes.module.css';

type Shown = 'tying' | 'open';

/** Swimming, a skirt stands this far open between two pulses, and so much more or less in them. */
const SWIMMING = 0.28;
const PULSING = 0.16;
const PULSE_MS = 1400;
const FLARED: SkirtState = { is: 'open', open: 1, pulse: 0 };

interface OpenPaneProps {
  readonly jig: JigLook;
  readonly layers: readonly SkirtLayer[];
  readonly view: SkirtView;
  readonly widthPx: number;
  /** What the materials are called and look like. */
  readonly bins: ReadonlyMap<string, Bin>;
}

/** The skirt as far open as the slider says, swimming, or being tied layer by layer. */
export const OpenPane = memo(function OpenPane({ jig, layers, view, widthPx, bins }: OpenPaneProps) {
  const [shown, setShown] = useState<Shown>('open');
  const [open, setOpen] = useState(1);
  const [isSwimming, setSwimming] = useState(false);
  const [laid, setLaid] = useState<number | null>(null);
  const pulse = usePulse(isSwimming);
  const flared = useMemo(() => flaredShares(layers), [layers]);
  const isTying = shown === 'tying';
  const onNow = Math.min(layers.length, laid ?? layers.length);
  const nowOpen = isSwimming ? SWIMMING + PULSING * Math.sin(2 * Math.PI * pulse) : open;
  const state: SkirtState = isTying
    ? { is: 'tying', layers: onNow }
    : { is: 'open', open: nowOpen, pulse: isSwimming ? pulse : 0 };
  const seen = isTying && view === 'end' ? 'side' : view;
  // Flared it is largest: opening and closing must not change the scale.
  const pxPerMm = paneScale(jig, isTying ? state : FLARED, seen, widthPx);
  return (
    <section className={styles.pane} aria-label="On a stop">
      <PaneHead
        title={isTying ? 'Being tied' : isSwimming ? 'Swimming' : 'On a stop'}
        shown={shown}
        onShow={(next) => {
          setShown(next);
          setSwimming(false);
        }}
      />
      <p>{isTying ? `${onNow} of ${layers.length} layers on` : openWords(open, isSwimming)}</p>
      <div className={styles.stage}>
        <SkirtDrawing
          name={isTying ? 'The skirt being tied' : 'The skirt on a stop'}
          jig={jig}
          state={state}
          view={seen}
          pxPerMm={pxPerMm}
        />
        <ScaleBar pxPerMm={pxPerMm} />
      </div>
      {flared.ok && !isTying ? <ShareBar pose="stop" shares={flared.value} bins={bins} /> : null}
      {isTying ? (
        <div className={line(10, styles.opening)}>
          <span>first</span>
          <Slider
            ariaLabelForHandle="Layers tied"
            min={1}
            max={layers.length}
            value={onNow}
            tooltip={{ open: false }}
            onChange={setLaid}
          />
          <span>last</span>
        </div>
      ) : (
        <div className={line(10, styles.opening)}>
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
          <SwimButton isSwimming={isSwimming} onSwim={setSwimming} />
        </div>
      )}
    </section>
  );
});

interface PaneHeadProps {
  readonly title: string;
  readonly shown: Shown;
  readonly onShow: (shown: Shown) => void;
}

function PaneHead({ title, shown, onShow }: PaneHeadProps) {
  return (
    <header>
      <h3>{title}</h3>
      <Segmented<Shown>
        size="small"
        aria-label="Right drawing"
        value={shown}
        options={[
          { value: 'open', label: 'In water' },
          { value: 'tying', label: 'Being tied' },
        ]}
        onChange={onShow}
      />
    </header>
  );
}

interface SwimButtonProps {
  readonly isSwimming: boolean;
  readonly onSwim: (isSwimming: boolean) => void;
}

const SwimButton = memo(function SwimButton({ isSwimming, onSwim }: SwimButtonProps) {
  return (
    <Button size="small" aria-pressed={isSwimming} onClick={() => onSwim(!isSwimming)}>
      {isSwimming ? 'Hold still' : 'Swim'}
    </Button>
  );
});

function openWords(open: number, isSwimming: boolean): string {
  if (isSwimming) return 'swimming, with a pulse';
  if (open > 0.9) return 'flared';
  return open < 0.08 ? 'as good as laid back' : `${Math.round(open * 100)} % open`;
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
