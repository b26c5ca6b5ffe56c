'use client';

import { Button, ColorPicker, Upload } from 'antd';
import { useMemo, useState } from 'react';
import { fileSentence } from '@/text/bench-sentence';
import type { Skirt } from '@/records/skirt';
import { LARGEST_SKIRT_BYTES, readSkirtFile } from '@/records/skirt-file';
import { useBench } from '@/station-kit/BenchProvider';
import { searchBoard } from '@/model/skirts/board';
import { CompareSkirts } from './CompareSkirts';
import { ImportSkirt } from './ImportSkirt';
import { planImport, type SkirtImport } from '@/model/skirts/skirt-exchange';
import { SkirtThumb } from './SkirtThumb';
import { tieable } from '@/model/skirts/run-plan';
import { versionText } from '@/model/versions/version-text';
import { Nothing } from '@/ui/frame/Nothing';
import { Board } from '@/ui/board/Board';
import { SkirtDetail } from './SkirtDetail';
import styles from './board.module.css';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { inBackground } from '@/station-kit/in-background';

interface BoardPartProps {
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
  readonly onChange: (skirt: Skirt) => void;
  readonly onTie: (skirt: Skirt) => void;
  /** Goes where the first is made. */
  readonly onFirst: () => void;
  /** Beside the chosen one; null while none is compared. */
  readonly besideId: string | null;
  readonly onBeside: (id: string | null) => void;
}

/** The maker's recipes as small drawn skirts: found by word and color, looked at, set side by side. */
export function BoardPart(props: BoardPartProps) {
  const { chosenId, onChoose, besideId, onBeside } = props;
  const { view } = useBench();
  const [search, setSearch] = useState('');
  const [hex, setHex] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [incoming, setIncoming] = useState<SkirtImport | null>(null);
  const [isPicking, setPicking] = useState(false);
  const board = newestByFamily(view.skirts);
  const found = searchBoard(board, search, hex, view);
  const chosen = view.skirtById.get(chosenId ?? '') ?? found[0] ?? board[0] ?? null;
  const beside = view.skirtById.get(besideId ?? '') ?? null;
  const read = async (file: File) => {
    setProblem(null);
    if (file.size > LARGEST_SKIRT_BYTES) {
      setProblem(
        fileSentence({ code: 'file.too-large', bytes: file.size, most: LARGEST_SKIRT_BYTES }, 'skirt'),
      );
      return;
    }
    const reading = readSkirtFile(await file.text());
    if (reading.ok) setIncoming(planImport(reading.file, view));
    else setProblem(fileSentence(reading.problem, 'skirt'));
  };
  const choose = (id: string) => {
    if (isPicking && chosen) {
      onBeside(id);
      setPicking(false);
    } else {
      onChoose(id);
      onBeside(null);
    }
  };
  return (
    <Board
      things="Skirts"
      search={search}
      onSearch={setSearch}
      foundBy="name, prey, material"
      tools={
        <>
          <ColorPicker
            value={hex ?? '#5f6f35'}
            disabledAlpha
            onChangeComplete={(color) => setHex(color.toHexString().slice(0, 7))}
          >
            <Button>{hex === null ? 'By color' : `Near ${hex}`}</Button>
          </ColorPicker>
          {hex === null ? null : <Button onClick={() => setHex(null)}>Any color</Button>}
          <Upload
            accept=".json,application/json"
            showUploadList={false}
            beforeUpload={(file) => {
              inBackground(read(file));
              return false;
            }}
          >
            <Button>Open a file</Button>
          </Upload>
        </>
      }
      notes={
        <>
          {problem ? (
            <p role="alert" className="wrong">
              {problem}
            </p>
          ) : null}
          {isPicking ? (
            <p role="status" className={styles.picking}>
              Press the skirt to compare it with.{' '}
              <Button size="small" onClick={() => setPicking(false)}>
                None
              </Button>
            </p>
          ) : null}
        </>
      }
      none={
        board.length === 0 ? (
          <Nothing
            says="No skirt is kept yet. Each recipe that you keep lies here, drawn small; one from a file comes here too."
            mend="Make a recipe"
            onMend={props.onFirst}
          />
        ) : (
          <p>No skirt answers to that. Take a word out, or another color.</p>
        )
      }
      high={70}
      onChoose={choose}
      tiles={found.map((skirt) => ({
        id: skirt.id,
        name: versionText(skirt),
        isChosen: chosen?.family === skirt.family,
        picture: <SkirtThumb skirt={skirt} pxPerMm={2} maxWidthPx={168} maxHeightPx={64} />,
        words: <TileWords skirt={skirt} />,
      }))}
    >
      {chosen && beside ? (
        <CompareSkirts left={chosen} right={beside} onClose={() => onBeside(null)} />
      ) : chosen ? (
        <SkirtDetail
          key={chosen.id}
          skirt={chosen}
          onVersion={onChoose}
          onChange={() => props.onChange(chosen)}
          onTie={() => props.onTie(chosen)}
          onBeside={(id) => (id === null ? setPicking(true) : onBeside(id))}
        />
      ) : null}
      {incoming ? (
        <ImportSkirt
          incoming={incoming}
          onClose={() => setIncoming(null)}
          onKept={(id) => {
            setIncoming(null);
            onChoose(id);
          }}
        />
      ) : null}
    </Board>
  );
}

/** A recipe's prey, and how many the shelf gives. */
function TileWords({ skirt }: { readonly skirt: Skirt }) {
  const { view } = useBench();
  const { count } = useMemo(() => tieable(skirt, view), [skirt, view]);
  return (
    <>
      <small>{skirt.prey || ' '}</small>
      <small data-none={count === 0}>
        {count === 0 ? 'not enough on the shelf' : `${count} from the shelf`}
      </small>
    </>
  );
}
