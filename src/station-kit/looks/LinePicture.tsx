'use client';

import { useMemo } from 'react';
import { SkirtDrawing } from '@/ui/skirt-drawing/SkirtDrawing';
import { headText } from '@/text/words';
import { jigOf } from './jig-look';
import { useBench } from '../BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { DraftLine } from '@/model/tickets/ticket-draft';
import { HeadPicture } from './HeadPicture';
import { versionText } from '@/model/versions/version-text';

type LinePictureProps = Pick<
  DraftLine,
  | 'style'
  | 'nominalG'
  | 'hookBinId'
  | 'metalBinId'
  | 'coatId'
  | 'skirtId'
  | 'guardBinId'
  | 'collarBinId'
  | 'trailerBinId'
>;

const PX_PER_MM = 3.5;
const MOST_PX = 210;

/** What a line asks for, drawn to scale: the head in its color, in its skirt where it gets one. */
export function LinePicture(line: LinePictureProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { style, nominalG, hookBinId, coatId, skirtId, guardBinId, collarBinId, trailerBinId } = line;
  const skirt = view.skirtById.get(skirtId ?? '');
  const jig = useMemo(
    () =>
      skirt && nominalG !== null
        ? jigOf(skirt, view, {
            style,
            nominalG,
            hookBinId,
            coatId,
            collarBinId,
            ...(trailerBinId ? { trailerBinId } : {}),
            guardBinId: guardBinId ?? skirt.shownOn.guardBinId,
          })
        : null,
    [skirt, view, style, nominalG, hookBinId, coatId, guardBinId, collarBinId, trailerBinId],
  );
  if (!skirt || !jig || nominalG === null) return <HeadPicture {...line} />;
  return (
    <SkirtDrawing
      name={`${headText({ style, nominalG, hookBinId }, view.binById, mass)} in ${versionText(skirt)}, drawn to scale`}
      jig={jig}
      state={{ is: 'rest' }}
      view="side"
      pxPerMm={PX_PER_MM}
      maxWidthPx={MOST_PX}
    />
  );
}
