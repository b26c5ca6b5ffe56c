'use client';

import { Button } from 'antd';
import { isEqual } from 'es-toolkit/predicate';
import { useMemo, useState } from 'react';
import type { BuildRecord } from '@/records/build';
import { PartsStation } from '@/station-kit/PartsStation';
import { useBench } from '@/station-kit/BenchProvider';
import { BaitPart } from './BaitPart';
import { BeginBuilding } from './BeginBuilding';
import { BoardPart } from './BoardPart';
import { BuildRuns } from './BuildRuns';
import { BuildSlip } from './BuildSlip';
import { draftOf } from '@/model/baits/build-draft';
import { MeasurePart } from '@/station-kit/measure/MeasurePart';
import { MixPart } from './MixPart';
import { PlasticPart } from './PlasticPart';
import { SalvageForm } from './SalvageForm';
import { useBuild, type BaitDraftInHand } from './use-build';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

type Part = 'bait' | 'board' | 'run' | 'mix' | 'parts' | 'plastic';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'bait', label: 'Bait' },
  { value: 'board', label: 'Board' },
  { value: 'run', label: 'Run' },
  { value: 'mix', label: 'What now' },
  { value: 'parts', label: 'Parts' },
  { value: 'plastic', label: 'Plastic' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

const SIX = 6;

/** Builds: baits drawn to scale from measured parts, a board of them, runs with a card, the shelf shared out, soft plastic. */
export function BuildStation() {
  const { view } = useBench();
  const first = useMemo(() => latestOf(view.builds), [view.builds]);
  const fallback = useMemo(() => (first ? draftOf(first) : null), [first]);
  const inHand = useBuild(fallback);
  const [opensAt] = useState<Part>(view.building ? 'run' : 'bait');
  const [part, setPart] = useInAddress('part', PART_NAMES, opensAt);
  const [chosenId, setChosenId] = useInHand('bait');
  const [wish, setWish] = useState<{ readonly build: BuildRecord; readonly count: number } | null>(null);
  const [stripping, setStripping] = useState<{ readonly build: BuildRecord | null } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const { draft } = inHand;
  const begun = view.builds.find(({ family, version }) => family === draft?.family && version === draft.from);
  // What is built is a version that was kept, never one half changed.
  const isChanged = begun !== undefined && !isEqual(draftOf(begun), draft);
  const turn = (to: Part) => {
    setPart(to);
    setSaid(null);
    window.scrollTo({ top: 0 });
  };
  const build = (record: BuildRecord, count: number) => setWish({ build: record, count });
  const building = view.building ? view.buildById.get(view.building.buildId) : undefined;
  return (
    <PartsStation<Part>
      heading={headingOf(part, draft)}
      parts={PARTS}
      part={part}
      onTurn={turn}
      said={said}
      actions={
        <>
          {part === 'bait' && begun ? (
            <Button
              type="primary"
              disabled={isChanged}
              title={isChanged ? 'Keep it as a new version first' : undefined}
              onClick={() => build(begun, SIX)}
            >
              Build {SIX}
            </Button>
          ) : null}
          {part === 'run' || part === 'parts' ? (
            <Button onClick={() => setStripping({ build: null })}>Strip an old bait</Button>
          ) : null}
        </>
      }
      slip={<BuildSlip draft={part === 'run' && building ? draftOf(building) : draft} />}
    >
      {part === 'bait' ? (
        <BaitPart
          inHand={inHand}
          onKept={(id) => {
            setChosenId(id);
            turn('board');
          }}
        />
      ) : null}
      {part === 'board' ? (
        <BoardPart
          chosenId={chosenId}
          onChoose={setChosenId}
          onChange={(record) => {
            inHand.begin(draftOf(record));
            turn('bait');
          }}
          onBuild={(record) => build(record, SIX)}
          onStrip={(record) => setStripping({ build: record })}
          onFirst={() => turn('bait')}
        />
      ) : null}
      {part === 'run' ? <BuildRuns onBuild={build} onFirst={() => turn('bait')} /> : null}
      {part === 'mix' ? <MixPart onBuild={build} onFirst={() => turn('bait')} /> : null}
      {part === 'parts' ? <MeasurePart /> : null}
      {part === 'plastic' ? <PlasticPart /> : null}
      {wish ? (
        <BeginBuilding
          build={wish.build}
          count={wish.count}
          onClose={() => setWish(null)}
          onBegun={() => {
            setWish(null);
            turn('run');
          }}
        />
      ) : null}
      {stripping ? (
        <SalvageForm
          build={stripping.build}
          onClose={() => setStripping(null)}
          onDone={(done) => {
            setStripping(null);
            setSaid(done);
          }}
        />
      ) : null}
    </PartsStation>
  );
}

/** The bait that was kept last. */
function latestOf(builds: readonly BuildRecord[]): BuildRecord | null {
  return [...newestByFamily(builds)].sort((a, b) => b.createdAt - a.createdAt)[0] ?? null;
}

function headingOf(part: Part, draft: BaitDraftInHand['draft']): readonly [title: string, sub: string] {
  switch (part) {
    case 'bait': {
      if (!draft) return ['Build', 'baits from heads and small parts'];
      const name = draft.name.trim() || 'A new bait';
      return [draft.from === null ? name : `${name}, from version ${draft.from}`, ''];
    }
    case 'board':
      return ['Board', 'every bait kept, to scale'];
    case 'run':
      return ['Run', 'the kit, one step at a time, looked over, bagged'];
    case 'mix':
      return ['What can I make now', 'the best the whole shelf gives'];
    case 'parts':
      return ['Parts', 'as they are, not as their packet says'];
    case 'plastic':
      return ['Plastic', 'colors stirred, batches scaled'];
  }
}
