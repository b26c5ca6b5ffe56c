'use client';

import { Button } from 'antd';
import { isEqual } from 'es-toolkit/predicate';
import { useMemo, useState } from 'react';
import type { RigRecord } from '@/records/rig';
import { PartsStation } from '@/station-kit/PartsStation';
import { useBench } from '@/station-kit/BenchProvider';
import { BeginRigging } from './BeginRigging';
import { BoardPart } from './BoardPart';
import { rigDraftOf, type RigDraft } from '@/model/rigs/rig-draft';
import { newestRigs } from '@/model/rigs/rig-facts';
import { KitPart } from './KitPart';
import { MatchesPart } from './MatchesPart';
import { RigPart } from './RigPart';
import { RigSlip } from './RigSlip';
import { RollsPart } from './RollsPart';
import { RIG_RUNS } from './RigRuns';
import { useRig } from './use-rig';
import { CardRunPart } from '@/station-kit/card-runs/CardRunPart';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

type Part = 'rig' | 'board' | 'run' | 'rolls' | 'matches' | 'kit';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'rig', label: 'Rig' },
  { value: 'board', label: 'Board' },
  { value: 'run', label: 'Run' },
  { value: 'rolls', label: 'Rolls' },
  { value: 'matches', label: 'Matches' },
  { value: 'kit', label: 'Trip kit' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

const TWENTY = 20;

/** Rigs: laid out along their length, judged, cut to least waste, made twenty at a sitting, packed for an outing. */
export function RigStation() {
  const { view } = useBench();
  const fallback = useMemo(() => {
    const [latest] = newestRigs(view.rigs);
    return latest ? rigDraftOf(latest) : null;
  }, [view.rigs]);
  const inHand = useRig(fallback);
  const [opensAt] = useState<Part>(view.rigging ? 'run' : 'rig');
  const [part, setPart] = useInAddress('part', PART_NAMES, opensAt);
  const [chosenId, setChosenId] = useInHand('rig');
  const [wish, setWish] = useState<{ readonly rig: RigRecord; readonly count: number } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const { draft } = inHand;
  const begun = view.rigs.find(({ family, version }) => family === draft?.family && version === draft.from);
  // What is made is a version that was kept, never one half changed.
  const isChanged = begun !== undefined && !isEqual(rigDraftOf(begun), draft);
  const turn = (to: Part) => {
    setPart(to);
    setSaid(null);
    window.scrollTo({ top: 0 });
  };
  const underWay = view.rigging ? view.rigById.get(view.rigging.rigId) : undefined;
  return (
    <PartsStation<Part>
      heading={headingOf(part, draft)}
      parts={PARTS}
      part={part}
      onTurn={turn}
      said={said}
      actions={
        part === 'rig' && begun ? (
          <Button
            type="primary"
            disabled={isChanged}
            title={isChanged ? 'Keep it as a new version first' : undefined}
            onClick={() => setWish({ rig: begun, count: TWENTY })}
          >
            Make {TWENTY}
          </Button>
        ) : null
      }
      slip={<RigSlip draft={part === 'run' && underWay ? rigDraftOf(underWay) : draft} />}
    >
      {part === 'rig' ? (
        <RigPart
          inHand={inHand}
          onSaid={setSaid}
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
          onChange={(rig) => {
            inHand.begin(rigDraftOf(rig));
            turn('rig');
          }}
          onMake={(rig) => setWish({ rig, count: TWENTY })}
          onFirst={() => turn('rig')}
        />
      ) : null}
      {part === 'run' ? (
        <CardRunPart
          kind={RIG_RUNS}
          onMake={(rig, count) => setWish({ rig, count })}
          onFirst={() => turn('rig')}
        />
      ) : null}
      {part === 'rolls' ? <RollsPart /> : null}
      {part === 'matches' ? <MatchesPart /> : null}
      {part === 'kit' ? <KitPart /> : null}
      {wish ? (
        <BeginRigging
          rig={wish.rig}
          count={wish.count}
          onClose={() => setWish(null)}
          onBegun={() => {
            setWish(null);
            turn('run');
          }}
        />
      ) : null}
    </PartsStation>
  );
}

function headingOf(part: Part, draft: RigDraft | null): readonly [title: string, sub: string] {
  switch (part) {
    case 'rig': {
      if (!draft) return ['Rig', 'lines, cables and cords with what hangs on them'];
      const name = draft.name.trim() || 'A new rig';
      return [draft.from === null ? name : `${name}, from version ${draft.from}`, ''];
    }
    case 'board':
      return ['Board', 'every rig kept, to scale'];
    case 'run':
      return ['Run', 'cut, tied, looked over, into the wallet'];
    case 'rolls':
      return ['Rolls', 'every roll, stick and offcut'];
    case 'matches':
      return ['Matches', 'what suits what, what ends take'];
    case 'kit':
      return ['Trip kit', 'packed from the shelf, booked back'];
  }
}
