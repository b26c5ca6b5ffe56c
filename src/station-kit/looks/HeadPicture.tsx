'use client';

import { findStyle } from '@/core/cavities/styles';
import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { headView } from '@/drawing/head-view';
import { CoatedHead } from '@/ui/head-drawing/CoatedHead';
import { useBench } from '../BenchProvider';
import { headText } from '@/text/words';
import { lookOf } from './coat-look';
import { useUnits } from '@/ui/units/use-units';

interface HeadPictureProps {
  readonly style: string;
  readonly nominalG: number | null;
  readonly hookBinId: string | null;
  readonly metalBinId: string | null;
  readonly coatId: string | null;
}

const PX_PER_MM = 3.5;
const MOST_PX = 210;

/** Shown where no weight is written yet. */
const STAND_IN_G = 10;

/** The head a line asks for, in its color, at the size that weight has in that metal. All lines share one scale. */
export function HeadPicture({ style: key, nominalG, hookBinId, metalBinId, coatId }: HeadPictureProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const style = findStyle(key);
  const metal = view.metals.find((each) => each.id === metalBinId) ?? view.metals[0];
  if (!style || !metal) return null;
  const hook = hookBinId === null ? null : (view.hooks.get(hookBinId) ?? null);
  const grams = nominalG ?? STAND_IN_G;
  const bodyG = Math.max(grams * 0.3, grams - (hook?.massG ?? 0));
  const name = `${headText({ style: key, nominalG: grams, hookBinId }, view.binById, mass)}, drawn to scale`;
  const coat = view.coatById.get(coatId ?? '');
  const drawn = headView(style, bodyG / castGramsPerCm3(metal), style.isHooked ? hook : null);
  const [, , width, height] = drawn.viewBox;
  const scale = Math.min(PX_PER_MM, MOST_PX / width);
  return (
    <svg
      role="img"
      aria-label={name}
      width={width * scale}
      height={height * scale}
      viewBox={drawn.viewBox.join(' ')}
    >
      <CoatedHead view={drawn} look={coat ? lookOf(coat, view) : null} />
    </svg>
  );
}
