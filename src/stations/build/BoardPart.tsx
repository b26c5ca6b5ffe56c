'use client';

import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { findKind } from '@/core/builds/kinds';
import { hasWords } from '@/core/numeric/has-words';
import type { BuildRecord } from '@/records/build';
import { Nothing } from '@/ui/frame/Nothing';
import { Board, NONE_CALLED } from '@/ui/board/Board';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { BuildDetail } from './BuildDetail';
import { CompareBuilds } from './CompareBuilds';
import { finishedOf, weightLines } from '@/model/baits/bait-facts';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';

interface BoardPartProps {
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
  readonly onChange: (build: BuildRecord) => void;
  readonly onBuild: (build: BuildRecord) => void;
  readonly onStrip: (build: BuildRecord) => void;
  /** Goes where the first is made. */
  readonly onFirst: () => void;
}

const [LEAST_BESIDE, MOST_BESIDE] = [2, 6];

/** Every bait kept, drawn to scale: one looked at, or two to six set side by side. */
export function BoardPart({ chosenId, onChoose, onChange, onBuild, onStrip, onFirst }: BoardPartProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const [search, setSearch] = useState('');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [isBeside, setBeside] = useState(false);
  const board = newestByFamily(view.builds);
  const found = board.filter(({ name, kind, note }) =>
    hasWords(`${name} ${findKind(kind).name} ${note}`, search),
  );
  const chosen = view.buildById.get(chosenId ?? '') ?? found[0] ?? null;
  const beside = picked.flatMap((id) => view.buildById.get(id) ?? []);
  if (isBeside && beside.length >= LEAST_BESIDE) {
    return <CompareBuilds builds={beside} onClose={() => setBeside(false)} />;
  }
  return (
    <Board
      things="Baits"
      search={search}
      onSearch={setSearch}
      foundBy="name, kind"
      tools={
        <Button
          type={picked.length >= LEAST_BESIDE ? 'primary' : 'default'}
          disabled={picked.length < LEAST_BESIDE}
          title={picked.length < LEAST_BESIDE ? 'Tick two to six of them first' : undefined}
          onClick={() => setBeside(true)}
        >
          Side by side{picked.length > 0 ? ` (${picked.length})` : ''}
        </Button>
      }
      none={
        board.length === 0 ? (
          <Nothing
            says="No bait is kept yet. Each that you keep lies here, drawn to scale, to be built again."
            mend="Make a bait"
            onMend={onFirst}
          />
        ) : (
          NONE_CALLED
        )
      }
      high={98}
      onChoose={onChoose}
      tiles={found.map((build) => ({
        id: build.id,
        name: versionText(build),
        isChosen: chosen?.family === build.family,
        picture: (
          <BaitDrawing
            name=""
            look={lookOfBuild(build, view)}
            pose="pulled"
            pxPerMm={1.5}
            maxWidthPx={176}
            maxHeightPx={92}
          />
        ),
        words: (
          <small>
            {findKind(build.kind).name}, {massText(finishedOf(weightLines(build, view)).finishedG, mass)}
          </small>
        ),
        beside: (
          <Checkbox
            aria-label={`Compare ${versionText(build)} with others`}
            checked={picked.includes(build.id)}
            disabled={!picked.includes(build.id) && picked.length >= MOST_BESIDE}
            onChange={({ target }) =>
              setPicked(target.checked ? [...picked, build.id] : picked.filter((id) => id !== build.id))
            }
          />
        ),
      }))}
    >
      {chosen ? (
        <BuildDetail
          key={chosen.id}
          build={chosen}
          onVersion={onChoose}
          onChange={() => onChange(chosen)}
          onBuild={() => onBuild(chosen)}
          onStrip={() => onStrip(chosen)}
        />
      ) : null}
    </Board>
  );
}
