'use client';

import { column, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import { judgeRig } from '@/core/rigs/judge-rig';
import { findRigKind } from '@/core/rigs/kinds';
import { strengthText } from '@/text/quantity-text';
import { useUnits } from '@/ui/units/use-units';
import { rigSentence } from '@/text/rig-sentence';
import { hasWords } from '@/core/numeric/has-words';
import type { RigRecord } from '@/records/rig';
import { holdsWorking } from '@/station-kit/figures/holds-working';
import { GivesFigure } from '@/station-kit/figures/GivesFigure';
import { PaceFigure } from '@/station-kit/figures/PaceFigure';
import { Figure } from '@/ui/figure/Figure';
import { Nothing } from '@/ui/frame/Nothing';
import { Board, BoardDetail, NONE_CALLED } from '@/ui/board/Board';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { useWidth } from '@/ui/use-width';
import { matchLines } from '@/model/rigs/match-lines';
import { rigOf } from '@/model/bills/rig-uses';
import { useBench } from '@/station-kit/BenchProvider';
import { newestRigs, riggable, rigShelf, stepsOfRig } from '@/model/rigs/rig-facts';
import { ItemList } from '@/ui/rig-drawing/ItemList';
import { paceOf } from '@/model/pace/pace-of';
import styles from './rig.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

interface BoardPartProps {
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
  readonly onChange: (rig: RigRecord) => void;
  readonly onMake: (rig: RigRecord) => void;
  /** Goes where the first is made. */
  readonly onFirst: () => void;
}

/** Every rig kept, drawn to scale; one of them looked at. */
export function BoardPart({ chosenId, onChoose, onChange, onMake, onFirst }: BoardPartProps) {
  const { view } = useBench();
  const [search, setSearch] = useState('');
  const board = newestRigs(view.rigs);
  const found = board.filter(({ name, kind, note }) =>
    hasWords(`${name} ${findRigKind(kind).name} ${note}`, search),
  );
  const chosen = view.rigById.get(chosenId ?? '') ?? found[0] ?? null;
  return (
    <Board
      things="Rigs"
      search={search}
      onSearch={setSearch}
      foundBy="name, kind"
      none={
        board.length === 0 ? (
          <Nothing
            says="No rig is kept yet. Each that you keep lies here, drawn to scale, to be made again."
            mend="Make a rig"
            onMend={onFirst}
          />
        ) : (
          NONE_CALLED
        )
      }
      high={72}
      onChoose={onChoose}
      tiles={found.map((rig) => ({
        id: rig.id,
        name: versionText(rig),
        isChosen: chosen?.family === rig.family,
        picture: (
          <RigDrawing
            name=""
            rig={rigOf(rig, view)}
            maxWidthPx={196}
            maxHeightPx={64}
            pxPerMm={1.6}
            isBroken
          />
        ),
        words: (
          <small>
            {findRigKind(rig.kind).name}, {riggable(rig, view).count} from the shelf
          </small>
        ),
      }))}
    >
      {chosen ? (
        <RigDetail
          key={chosen.id}
          rig={chosen}
          onChange={() => onChange(chosen)}
          onMake={() => onMake(chosen)}
        />
      ) : null}
    </Board>
  );
}

function RigDetail({
  rig: record,
  onChange,
  onMake,
}: {
  readonly rig: RigRecord;
  readonly onChange: () => void;
  readonly onMake: () => void;
}) {
  const { view, workshop } = useBench();
  const units = useUnits();
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const rig = rigOf(record, view);
  const kind = findRigKind(record.kind);
  const { findings, strength } = judgeRig(rig, rigShelf(view), matchLines(view));
  const pace = paceOf({ stage: 'rig', family: record.family, kind: record.kind }, view);
  return (
    <BoardDetail name={versionText(record)}>
      <h2>{versionText(record)}</h2>
      <p className="quiet">{kind.how}</p>
      <div ref={ref}>
        <RigDrawing
          name={`${versionText(record)}, drawn`}
          rig={rig}
          maxWidthPx={width}
          maxHeightPx={220}
          pxPerMm={4}
          isBroken
          hasNumbers
        />
      </div>
      <p>
        {strength ? (
          <>
            Holds{' '}
            <Figure working={holdsWorking(rig, strength, units.strength)}>
              {strengthText(strength.kgf, units.strength)}
            </Figure>
            : {strength.weakest}.{' '}
          </>
        ) : null}
        <GivesFigure gives={riggable(record, view)} /> from the shelf, <PaceFigure pace={pace} /> each.
        {record.note ? ` ${record.note}` : ''}
      </p>
      {findings
        .filter(({ weight }) => weight === 'stop')
        .map((finding, index) => (
          <p key={index} role="alert" className="wrong">
            {rigSentence(finding, units)}
          </p>
        ))}
      <div className={wrap(8)}>
        <Button type="primary" onClick={onMake}>
          Make some
        </Button>
        <Button onClick={onChange}>Change it</Button>
        <Button onClick={() => inBackground(workshop.rigs.putAway(record.family, true))}>Put it away</Button>
      </div>
      <ItemList rig={rig} marked={[]} chosen={null} />
      <section className={column(12, styles.list)} aria-label="How it is made">
        <h3>How it is made</h3>
        <ol className={styles.steps}>
          {stepsOfRig(record, view, units.length).map(({ id, title, how }) => (
            <li key={id}>
              <strong>{title}</strong> {how}
            </li>
          ))}
        </ol>
      </section>
    </BoardDetail>
  );
}
