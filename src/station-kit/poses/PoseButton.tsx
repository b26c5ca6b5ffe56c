'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { headsFor, type BuildLike } from '@/model/baits/bait-facts';
import type { Build } from '@/core/builds/build';
import { findStyle } from '@/core/cavities/styles';
import { boughtLike } from '@/model/heads/bought-head';
import { hookIn } from '@/model/heads/head-facts';
import { headDesign, trailerOf } from '@/model/molds/head-design';
import { usualMetal } from '@/model/metals/usual-metal';
import { lotText } from '@/text/words';
import { listedMetal, metalIdOf } from '@/model/metals/listed-metal';
import { stack } from '@/ui/layout/layout';
import { Sitting } from '@/ui/mold-design/Sitting';
import { useSentence } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { JobFailure } from '../JobFailure';
import { useStudy } from './use-study';

interface PoseButtonProps {
  readonly record: BuildLike;
  readonly build: Build;
}

/** Where nobody said what a head is of. */
const USUAL_METAL = 'listed:soft-lead';

/** How a head with its trailer lies on the bottom, asked where the bait is built, of own and of bought heads. */
export function PoseButton({ record, build }: PoseButtonProps) {
  const [isOpen, setOpen] = useState(false);
  if (!record.head) return null;
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        How it lies on the bottom
      </Button>
      {isOpen ? (
        <Dialog open title="On the bottom" footer={null} width={720} onCancel={() => setOpen(false)}>
          <Poses record={record} build={build} head={record.head} />
        </Dialog>
      ) : null}
    </>
  );
}

interface PosesProps extends PoseButtonProps {
  readonly head: NonNullable<BuildLike['head']>;
}

function Poses({ record, build, head }: PosesProps) {
  const { view } = useBench();
  const sentence = useSentence();
  const [there] = headsFor(record, view);
  const isHooked = findStyle(head.style)?.isHooked ?? false;
  const bought = there?.bought ?? boughtLike(head, view)?.bought ?? null;
  const hookBinId = head.hookBinId ?? there?.hookBinId ?? null;
  const hook = isHooked ? hookIn({ ...head, metalBinId: null, hookBinId, bought }, view) : null;
  // A jig without its hook would stand on its nose: nothing is drawn of what nobody said.
  const isKnown = !isHooked || hook !== null;
  const metalId = there ? metalIdOf(there) : null;
  const bin = metalId === null ? undefined : view.binById.get(metalId);
  const known = bin?.kind === 'metal' ? bin : listedMetal(metalId);
  // Where its weight is taken in the metal there is most of, it lies in that too.
  const usual = usualMetal(view);
  const metal = known ?? usual ?? listedMetal(USUAL_METAL);
  const body = metal ? headDesign(head, metal, hook) : null;
  const design = body?.design.ok ? body.design.value : null;
  const trailer = trailerOf(build);
  const eyeMm = (body?.eyeAt ?? 0) * (design?.lengthMm ?? 0);
  const study = useStudy(
    body?.shape ?? { kind: 'profile', points: [] },
    design,
    metal?.shrinkLinear ?? 0,
    design && metal && isKnown ? { densityGcm3: metal.densityGcm3, hook, eyeMm, trailer } : null,
  );
  const hasTrailer = build.slots.some(({ slot }) => slot === 'trailer');
  return (
    <div className={stack(12)}>
      {body?.design.ok === false ? <p role="alert">{sentence(body.design.problem)}</p> : null}
      <JobFailure job={study.job} />
      {isKnown ? null : (
        <p role="alert">
          Which hook is in it is not said: choose it under Hook in it, or put the head down as you bought it.
        </p>
      )}
      {design && isKnown ? <Sitting study={study} hook={hook} eyeMm={eyeMm} trailer={trailer} /> : null}
      <p className="quiet">
        By the usual form of such a head
        {known ? '' : ` in ${usual ? lotText(usual.name) : 'soft lead'}, since nobody said what it is of`}
        {hasTrailer && trailer === null ? '; its trailer was not measured and weighed, and is left out' : ''}.
        Your own profile is laid down at Molds, New cavity.
      </p>
    </div>
  );
}
