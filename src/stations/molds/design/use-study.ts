'use client';

import { startTransition, useEffect, useState } from 'react';
import type { Sitting, SittingBody } from '@/core/molds/sit-on-bottom';
import { scaleStudied, type StudiedBody } from '@/core/molds/study-body';
import type { Outcome } from '@/core/problems/problem';
import { CalledOff, WorkLane } from '@/workers/client';
import type { Design, Shape } from './design';

/** Drags settle before a body is raised anew. */
const SETTLE_MS = 120;

export interface Study {
  readonly body: StudiedBody | null;
  readonly sitting: Outcome<Sitting> | null;
  readonly failure: string | null;
  /** What is shown belongs to an earlier shape. */
  readonly isStale: boolean;
}

type SittingWish = Omit<SittingBody, 'triangles'>;

/** Raises the cold casting in a worker and lays it on the bottom, anew whenever the design changes. */
export function useStudy(
  shape: Shape,
  design: Design | null,
  shrinkLinear: number,
  wish: SittingWish | null,
): Study {
  const [lane] = useState(() => (typeof Worker === 'undefined' ? null : new WorkLane()));
  const [study, setStudy] = useState<Omit<Study, 'isStale'> & { key: string }>({
    body: null,
    sitting: null,
    failure: null,
    key: '',
  });
  const mesh = shape.kind === 'mesh' ? shape.mesh : null;
  const key = design
    ? JSON.stringify([design.solid, mesh ? design.scale : 1, shrinkLinear, wish, mesh !== null])
    : '';

  useEffect(() => () => lane?.close(), [lane]);
  useEffect(() => {
    if (!lane || key === '') return undefined;
    let isLive = true;
    const [solid, scale, shrink, sitting] = JSON.parse(key) as [
      Design['solid'],
      number,
      number,
      SittingWish | null,
    ];
    const work = async () => {
      const body = mesh
        ? scaleStudied(mesh, scale * (1 - shrink))
        : await lane.ask('studyBody', { solid: solid ?? { parts: [] }, scale: 1 - shrink });
      if (!isLive) return;
      const laid = sitting ? await lane.ask('sitOnBottom', { ...sitting, triangles: body.sketch }) : null;
      // Several poses are a large drawing: it is made in slices, so that the page never stalls.
      if (isLive) startTransition(() => setStudy({ body, sitting: laid, failure: null, key }));
    };
    const timer = setTimeout(() => {
      work().catch((error: unknown) => {
        if (isLive && !(error instanceof CalledOff)) {
          setStudy({
            body: null,
            sitting: null,
            failure: error instanceof Error ? error.message : String(error),
            key,
          });
        }
      });
    }, SETTLE_MS);
    return () => {
      isLive = false;
      clearTimeout(timer);
    };
  }, [lane, key, mesh]);
  return { ...study, isStale: study.key !== key };
}
