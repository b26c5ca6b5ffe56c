'use client';

import { Button, Slider } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import dynamic from 'next/dynamic';
import { startTransition, useCallback, useEffect, useMemo, useState } from 'react';
import type { MoldSpec } from '@/core/molds/cut-halves';
import type { BodySource } from '@/core/molds/body-source';
import type { Problem } from '@/core/problems/problem';
import { lengthText } from '@/text/words';
import { BodyStill } from '@/ui/bodies/BodyStill';
import { CUTS, type BodyPart, type CutName } from '@/ui/bodies/body-part';
import bodies from '@/ui/bodies/bodies.module.css';
import { column, wrap } from '@/ui/layout/layout';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { useSentence, useUnits } from '@/ui/units/use-units';
import type { RaisedMold } from '@/workers/protocol';
import { JobFailure } from '../JobFailure';
import { useJob } from '../use-job';
import { canTurn } from './can-turn';

/** The library that turns bodies is large: it comes when somebody looks at one. */
const BodyStage = dynamic(() => import('@/ui/bodies/BodyStage'), {
  ssr: false,
  loading: () => <p role="status">Getting what turns bodies.</p>,
});

interface TurnBodiesProps {
  readonly name: string;
  readonly source: BodySource;
  readonly spec: Omit<MoldSpec, 'cavity'>;
  readonly coldScale: number;
}

const VIEWS = [
  { value: 'head', label: 'Head' },
  { value: 'casting', label: 'With its sprue' },
  { value: 'mold', label: 'Mold' },
] as const;
type View = (typeof VIEWS)[number]['value'];

/** A mold opens so far, degrees: then its other half lies flat. */
const OPEN_DEGREES = 90;
const HALF_TURN = 180;
/** The bar of the scale is one of these, mm, whichever comes nearest to this many pixels. */
const [BAR_PX, BARS_MM, INCH_MM] = [90, [1, 2, 5, 10, 20, 50], 25.4];
const BARS_IN = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2].map((inch) => inch * INCH_MM);

/** The head with its hook, the casting with its sprue, the mold opened: turned by hand, cut through, to scale. */
export function TurnBodies(props: TurnBodiesProps) {
  const [isOpen, setOpen] = useState(false);
  return isOpen ? (
    <Turning {...props} onClose={() => setOpen(false)} />
  ) : (
    <div>
      <Button onClick={() => setOpen(true)}>Turn it in your hand</Button>
    </div>
  );
}

function Turning({
  name,
  source,
  spec,
  coldScale,
  onClose,
}: TurnBodiesProps & { readonly onClose: () => void }) {
  const { length } = useUnits();
  const sentence = useSentence();
  const [view, setView] = useState<View>('head');
  const [open, setOpen] = useState(0.8);
  const [cutBy, setCutBy] = useState<CutName | null>(null);
  const [cutAt, setCutAt] = useState(0.5);
  const [pxPerMm, setPxPerMm] = useState<number | null>(null);
  const { raised, refused, job } = useRaised(source, spec, coldScale);
  const parts = useMemo(() => (raised ? partsOf(raised, view) : []), [raised, view]);
  const tell = useCallback((px: number) => setPxPerMm(px), []);
  const cut = useMemo(
    () => (cutBy === null ? null : cutOf(parts, CUTS[cutBy].axis, cutAt)),
    [parts, cutBy, cutAt],
  );
  const says = `${name}, ${view === 'head' ? 'the head' : view === 'casting' ? 'the casting with its sprue' : 'the mold'}`;
  return (
    <section className={column(10)} aria-label="Turn it in your hand">
      <div className={wrap(10)}>
        <Segmented<View> aria-label="What is turned" value={view} options={[...VIEWS]} onChange={setView} />
        <Button type="text" onClick={onClose}>
          Close
        </Button>
      </div>
      {job.is === 'working' ? <p role="status">Raising the bodies.</p> : null}
      <JobFailure job={job} />
      {refused ? (
        <p role="alert" className="stop">
          {sentence(refused)}
        </p>
      ) : null}
      {parts.length > 0 ? (
        <>
          <div className={bodies.stage}>
            {canTurn() ? (
              <BodyStage
                key={view}
                says={says}
                parts={parts}
                openTurn={view === 'mold' ? (open * OPEN_DEGREES * Math.PI) / HALF_TURN : 0}
                cut={cut}
                onScale={tell}
              />
            ) : (
              <BodyStill says={says} parts={parts} />
            )}
            {pxPerMm ? <ScaleBar pxPerMm={pxPerMm} length={length} /> : null}
          </div>
          {canTurn() ? (
            <div className={bodies.tools}>
              {view === 'mold' ? (
                <div>
                  <span>Open the mold</span>
                  <Slider
                    min={0}
                    max={1}
                    step={0.01}
                    value={open}
                    tooltip={{ open: false }}
                    ariaLabelForHandle="Open the mold"
                    onChange={(share) => startTransition(() => setOpen(share))}
                  />
                </div>
              ) : null}
              <ChoiceField
                label="Cut"
                value={cutBy}
                none="not cut"
                options={Object.entries(CUTS).map(([value, { says: label }]) => ({ value, label }))}
                onChange={(value) => setCutBy(value as CutName | null)}
              />
              {cutBy ? (
                <div>
                  <span>Where it is cut</span>
                  <Slider
                    min={0}
                    max={1}
                    step={0.005}
                    value={cutAt}
                    tooltip={{ open: false }}
                    ariaLabelForHandle="Where it is cut"
                    onChange={(share) => startTransition(() => setCutAt(share))}
                  />
                </div>
              ) : null}
            </div>
          ) : (
            <p className="quiet">This browser cannot turn bodies (no WebGL), so here is a still picture.</p>
          )}
        </>
      ) : null}
    </section>
  );
}

/** The bodies of what is asked, raised in a worker whenever that changes. */
function useRaised(source: BodySource, spec: Omit<MoldSpec, 'cavity'>, coldScale: number) {
  const job = useJob<{ readonly raised: RaisedMold } | { readonly refused: Problem }>({ keepsLast: true });
  const { start } = job;
  useEffect(() => {
    start(async ({ ask }) => {
      const found = await ask('raiseMold', { body: source, spec, coldScale });
      return found.ok ? { raised: found.value } : { refused: found.problem };
    });
  }, [start, source, spec, coldScale]);
  const { answer } = job;
  return {
    raised: answer && 'raised' in answer ? answer.raised : null,
    refused: answer && 'refused' in answer ? answer.refused : null,
    job,
  };
}

function partsOf({ head, gate, front, back, hook }: RaisedMold, view: View): readonly BodyPart[] {
  const casting: BodyPart[] = [
    { name: 'head', look: 'lead', ...head, opens: false },
    ...(hook ? [{ name: 'hook', look: 'steel' as const, ...hook, opens: false }] : []),
  ];
  if (view === 'head') return casting;
  const withGate: BodyPart[] = [...casting, { name: 'sprue', look: 'gate', ...gate, opens: false }];
  if (view === 'casting') return withGate;
  return [
    ...withGate,
    { name: 'front half', look: 'mold', ...front, opens: false },
    { name: 'back half', look: 'mold', ...back, opens: true },
  ];
}

/** A cut square to an axis, at a share of how far the parts reach along it. */
function cutOf(parts: readonly BodyPart[], axis: 0 | 1 | 2, share: number) {
  let [low, high] = [Infinity, -Infinity];
  for (const { triangles } of parts) {
    for (let at = axis; at < triangles.length; at += 3) {
      low = Math.min(low, triangles[at] ?? Infinity);
      high = Math.max(high, triangles[at] ?? -Infinity);
    }
  }
  return { axis, atMm: low + share * (high - low) };
}

function ScaleBar({ pxPerMm, length }: { readonly pxPerMm: number; readonly length: 'mm' | 'in' }) {
  const bars = length === 'mm' ? BARS_MM : BARS_IN;
  const mm = bars.reduce((best, each) =>
    Math.abs(each * pxPerMm - BAR_PX) < Math.abs(best * pxPerMm - BAR_PX) ? each : best,
  );
  return (
    <span className={bodies.scale} style={{ width: mm * pxPerMm }}>
      {lengthText(mm, length)}
    </span>
  );
}
