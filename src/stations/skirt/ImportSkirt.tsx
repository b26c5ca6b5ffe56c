'use client';

import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { useBench } from '@/station-kit/BenchProvider';
import { binFor, importedRecipe, type SkirtImport } from '@/model/skirts/skirt-exchange';
import styles from './board.module.css';
import { inBackground } from '@/station-kit/in-background';

interface ImportSkirtProps {
  readonly incoming: SkirtImport;
  readonly onKept: (id: string) => void;
  readonly onClose: () => void;
}

/** A recipe out of a file, before it is kept: what of it the shelf knows, what will be put down empty. */
export function ImportSkirt({ incoming, onKept, onClose }: ImportSkirtProps) {
  const { view, workshop } = useBench();
  const [isBusy, setBusy] = useState(false);
  const { file, bins, unknown } = incoming;
  const added = file.materials.filter((_, index) => bins[index] === null);
  const keep = async () => {
    setBusy(true);
    const kept = await workshop.skirts.bringIn(
      file.materials.map((material, index) => bins[index]?.id ?? binFor(material)),
      (binIds) => importedRecipe(incoming, binIds, view, workshop.newId),
    );
    onKept(kept.id);
  };
  return (
    <Dialog
      open
      title={`Keep ${file.name}?`}
      okText="Keep it"
      confirmLoading={isBusy}
      onOk={() => inBackground(keep())}
      onCancel={onClose}
    >
      <p>
        {file.layers.length} layers of {file.materials.length} materials{file.prey ? `, ${file.prey}` : ''}.
      </p>
      <ul className={styles.incoming}>
        {file.materials.map((material, index) => (
          <li key={index}>
            <i style={{ background: material.hex }} aria-hidden="true" /> {material.name}:{' '}
            {bins[index] ? 'on this shelf' : 'not on this shelf, put down empty'}
          </li>
        ))}
      </ul>
      {added.length === 0 && unknown.length === 0 ? <p>All of it is known here.</p> : null}
      {unknown.length > 0 ? <p>Not known here, left off: {unknown.join(', ')}.</p> : null}
    </Dialog>
  );
}
