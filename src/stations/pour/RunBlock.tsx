'use client';

import { useMemo } from 'react';
import type { BlockCount } from '@/core/pours/count-run';
import type { Mold } from '@/records/mold';
import type { Pour, Run } from '@/records/run';
import type { CavityMark } from '@/ui/mold-block/cavity-mark';
import { MoldBlock } from '@/ui/mold-block/MoldBlock';
import { drawMold } from '@/station-kit/draw-mold';
import { markText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';

interface RunBlockProps {
  readonly run: Run;
  readonly mold: Mold;
  readonly shown: Pour | null;
  readonly state: BlockCount;
  readonly onTap: (cavity: number) => void;
}

/** The block in hand, its cavities lit, cast or misfilled; a tap marks one that did not come good. */
export function RunBlock({ run, mold, shown, state, onTap }: RunBlockProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const block = run.blocks.find(({ moldId }) => moldId === mold.id);
  const hooks = useMemo(
    () =>
      mold.cavities.map((_, index) => {
        const key = run.cells.find((cell) => cell.moldId === mold.id && cell.cavity === index)?.key;
        const hookId = run.heads.find((head) => head.key === key)?.hookBinId;
        return hookId ? (view.hooks.get(hookId) ?? null) : null;
      }),
    [mold, run, view.hooks],
  );
  const layout = useMemo(() => drawMold(mold, hooks), [mold, hooks]);
  if (!layout) return null;
  const marks = mold.cavities.map((cavity, index): CavityMark => {
    const castings = shown?.castings.filter((each) => each.cavity === index) ?? [];
    const failed = castings.filter(({ good }) => !good).length;
    const isWarmUp = shown?.isWarmUp === true;
    const isNext = state.next.some((slot) => slot.cavity === index);
    const share = block?.fills.find((fill) => fill.cavities.includes(index));
    const asked = share?.filled.reduce((sum, { count }) => sum + count, 0) ?? 0;
    const good = state.cavities.get(index)?.good ?? 0;
    const isShared = (share?.cavities.length ?? 0) > 1;
    const mark = markText(cavity.nominalG, mass);
    const how =
      castings.length > 0
        ? isWarmUp
          ? 'warm-up'
          : failed === 0
            ? 'cast'
            : castings.length > 1
              ? `${failed} of ${castings.length} misfilled`
              : 'misfilled'
        : isNext
          ? 'next'
          : 'stays empty';
    return {
      mark,
      state:
        castings.length > 0
          ? isWarmUp
            ? 'idle'
            : failed === 0
              ? 'lit'
              : 'misfilled'
          : !shown && isNext
            ? 'lit'
            : isNext
              ? 'idle'
              : 'empty',
      foot: asked > 0 ? (isShared ? `${good} good` : `${Math.min(good, asked)} of ${asked}`) : undefined,
      name: `Cavity ${index + 1}, ${mark}, ${how}`,
    };
  });
  return (
    <MoldBlock
      title={`${mold.name} on the bench`}
      layout={layout}
      marks={marks}
      onTap={onTap}
      isTappable={(index) => Boolean(shown?.castings.some((casting) => casting.cavity === index))}
      pressed={(index) =>
        !shown?.isWarmUp && shown?.castings.some(({ cavity, good }) => cavity === index && !good) === true
      }
      maxHeightPx={mold.kind === 'spun' ? 380 : 300}
    />
  );
}
