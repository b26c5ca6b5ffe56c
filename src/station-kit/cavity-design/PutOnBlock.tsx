'use client';

import { Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useState } from 'react';
import { findStyle } from '@/core/cavities/styles';
import type { MakingWay } from '@/core/solids/forms/definition';
import { outlineOf } from '@/core/solids/solid-outline';
import type { HookBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import { useBench } from '@/station-kit/BenchProvider';
import type { CastDraft } from '@/model/molds/cast-question';
import type { Design } from '@/model/molds/design';
import { inBackground } from '@/station-kit/in-background';

const NEW = 'new';

interface PutOnBlockProps {
  readonly design: Design;
  readonly title: string;
  readonly way: MakingWay;
  readonly cavity: {
    readonly style: string;
    readonly nominalG: number;
    readonly hook: HookBin | null;
    readonly draft: CastDraft;
  };
  readonly onClose: () => void;
  readonly onSaved: (moldId: string) => void;
}

/** The designed cavity becomes one of a block: a new board or block, or one more of one that is there. */
export function PutOnBlock({ design, title, way, cavity, onClose, onSaved }: PutOnBlockProps) {
  const { view, workshop } = useBench();
  const [target, setTarget] = useState(NEW);
  const [name, setName] = useState(way === 'drilled' ? `Board, ${title}` : `Block, ${title}`);
  const id = useId();
  const save = async () => {
    if (target === NEW && name.trim() === '') return;
    const made: Cavity = {
      // Named when it is saved.
      id: '',
      style: cavity.style,
      nominalG: cavity.nominalG,
      volumeCm3: design.volumeCm3,
      volumeBasis: 'guess',
      standardErrorCm3: null,
      weighedCount: 0,
      hookSizes: cavity.hook ? [cavity.hook.size] : [],
      hookNotes: {},
      hookShare: cavity.hook ? findStyle(cavity.style)?.hookShare || 0.3 : 0,
      inserts: design.embedded
        .filter(({ removed }) => removed)
        .map(({ name: part, massG, volumeCm3 }) => ({
          name: part,
          count: 1,
          massG,
          volumeCm3,
          embeddedShare: 1,
          removed: true,
        })),
      outline: design.solid ? outlineOf(design.solid) : null,
      gate: { ...cavity.draft.gate, vents: [...cavity.draft.vents] },
      spot: null,
    };
    const known = view.moldById.get(target);
    const mold: Omit<Mold, 'id'> & { id?: string } = known
      ? { ...known, cavities: [...known.cavities, made] }
      : {
          name: name.trim(),
          kind: way === 'drilled' ? 'board' : 'bar',
          spin: null,
          place: '',
          note: 'Made here.',
          secondsPerPour: 45,
          setupSeconds: 600,
          spruePerPourG: 5,
          copies: 1,
          maxPours: null,
          warmUpPours: 1,
          warmWork: null,
          heat: { of: cavity.draft.of, weighsG: null, gapMm: cavity.draft.gapMm },
          cavities: [made],
        };
    onSaved(await workshop.molds.save(mold));
    onClose();
  };
  return (
    <Dialog
      open
      title="Put it on a block"
      width={420}
      okText="Put it on"
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <div style={{ display: 'grid', gap: 10 }}>
        <FieldShell id={`${id}block`} label="Block">
          <Select
            id={`${id}block`}
            value={target}
            style={{ width: '100%' }}
            options={[
              { value: NEW, label: way === 'drilled' ? 'a new board' : 'a new block' },
              ...view.molds
                .filter(({ kind }) => kind !== 'spun')
                .map((mold) => ({ value: mold.id, label: mold.name })),
            ]}
            onChange={setTarget}
          />
        </FieldShell>
        {target === NEW ? (
          <TextField label="Name" asks="Give it a name." value={name} onChange={setName} />
        ) : null}
        <p className="quiet">Its volume is computed, not weighed: cast three and weigh them in.</p>
      </div>
    </Dialog>
  );
}
