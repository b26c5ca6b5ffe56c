'use client';

import { findStyle } from '@/core/cavities/styles';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { HeadDrawing } from '@/ui/head-drawing/HeadDrawing';
import { useBench, headText, usePreferences } from '../shared';

interface HeadPictureProps {
  readonly style: string;
  readonly nominalG: number | null;
  readonly hookBinId: string | null;
  readonly metalBinId: string | null;
}

/** Shown where no weight is written yet. */
const STAND_IN_G = 10;

/** The head a line asks for, at the size that weight has in that metal. All lines share one scale. */
export function HeadPicture({ style: key, nominalG, hookBinId, metalBinId }: HeadPictureProps) {
  const { view } = useBench();
  const { mass } = usePreferences();
  const style = findStyle(key);
  const metal = view.metals.find((each) => each.id === metalBinId) ?? view.metals[0];
  if (!style || !metal) return null;
  const hook = hookBinId === null ? null : (view.hooks.get(hookBinId) ?? null);
  const grams = nominalG ?? STAND_IN_G;
  const bodyG = Math.max(grams * 0.3, grams - (hook?.massG ?? 0));
  const name = `${headText({ style: key, nominalG: grams, hookBinId }, view.binById, mass)}, drawn to scale`;
  return (
    <HeadDrawing
      name={name}
      style={style}
      volumeCm3={bodyG / castGramsPerCm3(metal)}
      hook={style.isHooked ? hook : null}
      pxPerMm={3.5}
      maxWidthPx={210}
    />
  );
}
