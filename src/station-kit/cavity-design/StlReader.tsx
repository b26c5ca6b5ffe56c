'use client';

import { areaText, roomText } from '@/text/writer';
import { sizeText } from '@/text/words';
import { stack } from '@/ui/layout/layout';
import { Button, Progress, Upload } from 'antd';
import { useSentence, useUnits } from '@/ui/units/use-units';
import type { ReadMesh } from '@/workers/protocol';
import styles from './design.module.css';
import { JobFailure } from '@/station-kit/JobFailure';
import { useJob } from '@/station-kit/use-job';

type Reading =
  | { readonly is: 'reading'; readonly share: number }
  | { readonly is: 'read'; readonly name: string; readonly mesh: ReadMesh }
  | { readonly is: 'refused'; readonly why: string };

/** Reads an STL in a worker, with how far it has come and a way to stop. */
export function StlReader({ onRead }: { onRead: (file: File, mesh: ReadMesh) => void }) {
  const sentence = useSentence();
  const job = useJob<Reading>();
  const state = job.answer;

  const read = (file: File) =>
    job.start(async ({ ask, say }) => {
      say({ is: 'reading', share: 0 });
      const outcome = await ask('readStl', { file }, ({ share }) => say({ is: 'reading', share }));
      if (!outcome.ok) return { is: 'refused', why: sentence(outcome.problem) };
      onRead(file, outcome.value);
      return { is: 'read', name: file.name, mesh: outcome.value };
    });

  return (
    <div className={stack(8)}>
      <Upload.Dragger
        accept=".stl"
        maxCount={1}
        showUploadList={false}
        beforeUpload={(file) => {
          read(file);
          return false;
        }}
      >
        <p>
          <strong>Drop an STL of the body here</strong>, or choose one. Millimeters; text or binary.
        </p>
      </Upload.Dragger>
      {state?.is === 'reading' ? (
        <div className={stack(10, styles.stlRow)}>
          <Progress percent={Math.round(state.share * 100)} size="small" aria-label="Reading the STL" />
          <Button size="small" onClick={job.cancel}>
            Cancel
          </Button>
        </div>
      ) : null}
      <JobFailure job={job} />
      {state?.is === 'refused' ? <p className="stop">{state.why}</p> : null}
      {state?.is === 'read' ? <MeshFacts name={state.name} mesh={state.mesh} /> : null}
    </div>
  );
}

function MeshFacts({ name, mesh: { measure } }: { name: string; mesh: ReadMesh }) {
  const { triangles, volumeCm3, areaCm2, boundsMm, watertight, openEdges, flippedEdges } = measure;
  const { length } = useUnits();
  const size = boundsMm.max.map((high, axis) => sizeText(high - (boundsMm.min[axis] ?? 0), length));
  return (
    <div aria-live="polite">
      <p>
        <strong>{name}</strong>: {triangles.toLocaleString('en')} triangles, {roomText(volumeCm3, length, 5)},{' '}
        {areaText(areaCm2, length, 5)}, {size.join(' × ')}
      </p>
      {watertight && flippedEdges === 0 ? <p className="quiet">Closed all round.</p> : null}
      {watertight ? null : (
        <p className="stop">
          Not closed: {openEdges} {openEdges === 1 ? 'edge is' : 'edges are'} not shared by exactly two
          triangles. The volume is about right at best; close the body in your drawing program.
        </p>
      )}
      {flippedEdges > 0 ? (
        <p className="stop">
          {flippedEdges} edges have a triangle inside out: the volume is not to be trusted. Turn its faces
          outward.
        </p>
      ) : null}
    </div>
  );
}
