'use client';

import { column, fields, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { Rig } from '@/core/rigs/rig';
import { PAPERS, type PaperId } from '@/data/exchange/board/board';
import { cutsOf } from '@/model/bills/rig-uses';
import { ChoiceField } from '@/ui/unit-field/ChoiceField';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { useBench } from '@/station-kit/BenchProvider';
import { usePrint } from '@/station-kit/use-print';
import type { RigDraft } from '@/model/rigs/rig-draft';
import { rigShelf } from '@/model/rigs/rig-facts';
import { boardSheet, saveBoardSvg } from '@/station-kit/print/print-board';
import { bendPattern, markBoard } from '@/station-kit/print/rig-boards';
import styles from './rig.module.css';
import { inBackground } from '@/station-kit/in-background';

interface TemplateBarProps {
  readonly draft: RigDraft;
  readonly rig: Rig;
}

/** Templates of true size: the mark board of this rig, the bend pattern of a wire; on the maker’s paper. */
export function TemplateBar({ draft, rig }: TemplateBarProps) {
  const { view } = useBench();
  const print = usePrint();
  const { paper, length } = usePreferences();
  const [wireId, setWireId] = useState<string | null>(null);
  const wires = rigShelf(view).filter(({ gauge }) => gauge.as === 'frame');
  const wire = wires.find(({ binId }) => binId === wireId);
  const board = () => markBoard(draft.name.trim() || 'Rig', rig, cutsOf(draft, view), length);
  return (
    <section className={column(12, styles.templates)} aria-label="Templates">
      <header>
        <h3>Templates, true size</h3>
        <Segmented<PaperId>
          size="small"
          aria-label="Paper"
          value={paper}
          options={(Object.keys(PAPERS) as PaperId[]).map((id) => ({ value: id, label: PAPERS[id].name }))}
          onChange={(next) => setPreferences({ paper: next })}
        />
      </header>
      <div className={wrap(8)}>
        <Button onClick={() => inBackground(print(boardSheet(board(), paper)))}>Print the mark board</Button>
        <Button onClick={() => saveBoardSvg(board())}>Mark board as SVG</Button>
      </div>
      <div className={fields(8, styles.bend)}>
        <ChoiceField
          label="Bend pattern of"
          value={wireId}
          none="a wire of the shelf"
          options={wires.map(({ binId, name }) => ({ value: binId, label: name }))}
          onChange={setWireId}
        />
        <Button
          disabled={!wire}
          onClick={() => wire && inBackground(print(boardSheet(bendPattern(wire), paper)))}
        >
          Print it
        </Button>
      </div>
    </section>
  );
}
