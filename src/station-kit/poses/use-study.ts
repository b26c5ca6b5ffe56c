'use client';

import { useEffect } from 'react';
import type { Sitting, SittingBody } from '@/core/molds/sit-on-bottom';
import { scaleStudied, type StudiedBody } from '@/core/molds/study-body';
import type { Outcome } from '@/core/problems/problem';
import { useJob, type Job } from '../use-job';
import type { Design, Shape } from '@/model/molds/design';
import type { Study } from '@/ui/mold-design/study';

/** Drags settle before a body is raised anew. */
const SETTLE_MS = 120;

interface Studied {
  readonly body: StudiedBody;
  readonly sitting: Outcome<Sitting> | null;
  /** Of which design. */
  readonly key: string;
}

type SittingWish = Omit<SittingBody, 'triangles'>;

/** Raises the cold casting in a worker and lays it on the bottom, anew whenever the design changes. */
export function useStudy(
  shape: Shape,
  design: Design | null,
  shrinkLinear: number,
  wish: SittingWish | null,
): Study & { readonly job: Job<Studied> } {
  const job = useJob<Studied>({ keepsLast: true });
  const { start } = job;
  const mesh = shape.kind === 'mesh' ? shape.mesh : null;
  const key = design
    ? JSON.stringify([design.solid, mesh ? design.scale : 1, shrinkLinear, wish, mesh !== null])
    : '';

  useEffect(() => {
    if (key === '') return undefined;
    const [solid, scale, shrink, sitting] = JSON.parse(key) as [
      Design['solid'],
      number,
      number,
      SittingWish | null,
    ];
    const timer = setTimeout(
      () =>
        start(async ({ ask }) => {
          const body = mesh
            ? scaleStudied(mesh, scale * (1 - shrink))
            : await ask('studyBody', { solid: solid ?? { parts: [] }, scale: 1 - shrink });
          const laid = sitting ? await ask('sitOnBottom', { ...sitting, triangles: body.sketch }) : null;
          return { body, sitting: laid, key };
        }),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [key, mesh, start]);
  const { answer } = job;
  return { body: answer?.body ?? null, sitting: answer?.sitting ?? null, isStale: answer?.key !== key, job };
}
