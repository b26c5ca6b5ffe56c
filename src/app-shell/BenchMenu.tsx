'use client';

import { wrap } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { momentText } from '@/text/date-text';
import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useLiveQuery } from 'dexie-react-hooks';
import { useRef, useState, type RefObject } from 'react';
import { unpackText } from '@/data/copy/pack';
import { runsCsv, shelfCsv } from '@/data/exchange/csv';
import { fileSentence } from '@/text/bench-sentence';
import { EMPTY_CONTENTS, type BenchContents } from '@/records/bench-file';
import { LARGEST_FILE_BYTES, readBenchFile } from '@/records/read-bench-file';
import { useBench } from '@/station-kit/BenchProvider';
import { freeOf } from '@/model/stock/free-of';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import { AppPart } from './AppPart';
import { JoinPreview } from './JoinPreview';
import { ReplacePreview, type Pending } from './ReplacePreview';
import { saveFile } from '@/station-kit/save-file';
import { SavedPart } from './saved-copy/SavedPart';
import { StoragePart } from './StoragePart';
import { TablesPart } from './TablesPart';
import { UnitsPart } from './UnitsPart';
import { useBackUp } from './use-back-up';
import styles from './bench-menu.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Units, backups and whole benches. */
export function BenchMenu({ onClose }: { onClose: () => void }) {
  const { workshop, view, demo, carryOut } = useBench();
  const notice = useNotice();
  const preferences = usePreferences();
  const backUp = useBackUp();
  const earlier = useLiveQuery(() => workshop.backup.earlierBench(), [workshop]);
  const chooser = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const joiner = useRef<HTMLInputElement>(null);
  const [pending, setPending] = useState<Pending | null>(null);
  const [joining, setJoining] = useState<{ readonly name: string; readonly contents: BenchContents } | null>(
    null,
  );

  const propose = async (title: string, contents: BenchContents) => {
    setProblem(null);
    setPending({ title, contents, differences: await workshop.backup.preview(contents) });
  };
  const read = async (file: File, use: 'replace' | 'join') => {
    setPending(null);
    setJoining(null);
    setProblem(null);
    if (file.size > LARGEST_FILE_BYTES) {
      setProblem(fileSentence({ code: 'file.too-large', bytes: file.size, most: LARGEST_FILE_BYTES }));
      return;
    }
    const text = await unpackText(new Uint8Array(await file.arrayBuffer())).catch(() => '');
    const reading = readBenchFile(text);
    if (!reading.ok) setProblem(fileSentence(reading.problem));
    else if (use === 'join') setJoining({ name: file.name, contents: reading.file.contents });
    else await propose(`Restore ${file.name}?`, reading.file.contents);
  };
  const replace = async ({ contents }: Pending) => {
    await workshop.backup.restore(contents);
    setPreferences({ ticketInHand: null, metalInHand: null });
    setPending(null);
    notice.success('Done. The bench before is kept; Go back brings it again.');
  };
  const shelf = () =>
    shelfCsv(
      view.bins.map((bin) => ({
        bin,
        onHand: view.levels.get(bin.id) ?? 0,
        promised: view.promised.get(bin.id) ?? 0,
        free: freeOf(view, bin.id),
      })),
    );

  return (
    <Dialog open title="The bench" onCancel={onClose} footer={null} width={560}>
      <UnitsPart />
      <section className={styles.part}>
        <h3>Files</h3>
        <div className={wrap(8, styles.row)}>
          <Button type="primary" onClick={() => inBackground(backUp())}>
            Back up
          </Button>
          <Button onClick={() => chooser.current?.click()}>Restore</Button>
          <Button onClick={() => joiner.current?.click()}>Join another device</Button>
          <Button onClick={() => saveFile('ruvek-shelf.csv', shelf(), 'text/csv')}>Shelf as CSV</Button>
          <Button
            onClick={() => saveFile('ruvek-runs.csv', runsCsv(view.runs, view.bins, view.molds), 'text/csv')}
          >
            Runs as CSV
          </Button>
        </div>
        <FileInput
          input={chooser}
          label="Saved bench to restore"
          onFile={(file) => inBackground(read(file, 'replace'))}
        />
        <FileInput
          input={joiner}
          label="Saved bench to join"
          onFile={(file) => inBackground(read(file, 'join'))}
        />
        {problem ? (
          <p role="alert" className="stop">
            {problem}
          </p>
        ) : null}
        <p className={styles.quiet}>
          {preferences.backedUpAt === null
            ? 'No file was saved from this screen yet.'
            : `Last saved to a file ${momentText(preferences.backedUpAt)}.`}
        </p>
      </section>
      <SavedPart />
      <section className={styles.part}>
        <h3>Another bench</h3>
        <div className={wrap(8, styles.row)}>
          <Button
            onClick={() => inBackground(demo().then((bench) => propose('Open the demo bench?', bench)))}
          >
            Demo bench
          </Button>
          <Button onClick={() => inBackground(propose('Clear the bench?', EMPTY_CONTENTS))}>
            Empty bench
          </Button>
          {earlier ? (
            <Button onClick={() => inBackground(carryOut(workshop.backup.goBack()))}>
              Go back to the bench of {momentText(earlier)}
            </Button>
          ) : null}
        </div>
      </section>
      <TablesPart />
      <StoragePart />
      <AppPart />
      {joining ? <JoinPreview {...joining} onDone={() => setJoining(null)} /> : null}
      {pending ? (
        <ReplacePreview
          pending={pending}
          onGo={() => inBackground(replace(pending))}
          onLeave={() => setPending(null)}
        />
      ) : null}
    </Dialog>
  );
}

interface FileInputProps {
  readonly input: RefObject<HTMLInputElement | null>;
  readonly label: string;
  readonly onFile: (file: File) => void;
}

/** Asks for a saved bench; the same file can be chosen twice. */
function FileInput({ input, label, onFile }: FileInputProps) {
  return (
    <input
      ref={input}
      type="file"
      accept=".json,.gz,application/json,application/gzip"
      className="unseen"
      tabIndex={-1}
      aria-label={label}
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        event.target.value = '';
        if (file) onFile(file);
      }}
    />
  );
}
