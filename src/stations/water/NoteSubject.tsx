'use client';

import { useUnits } from '@/ui/units/use-units';
import { Button, Select } from 'antd';
import { useId, useMemo, useRef } from 'react';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { codeIn } from '@/station-kit/photo/pictures';
import { useNotice } from '@/station-kit/use-notice';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import type { NoteDraft } from './draft-note';
import { fishableThings, keyOf, readCode } from '@/model/water/things';

interface DraftProps {
  readonly draft: NoteDraft;
  readonly set: (change: Partial<NoteDraft>) => void;
}

const GROUPS = ['Baits', 'Heads', 'Rigs', 'Skirts'] as const;

/** What was on the line: chosen, or read off the label of its bag. */
export function NoteSubject({ draft, set }: DraftProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const notice = useNotice();
  const id = useId();
  const codeRef = useRef<HTMLInputElement>(null);
  const things = useMemo(() => fishableThings(view, mass), [view, mass]);
  const choose = (key: string) => {
    const thing = things.find(({ of }) => keyOf(of) === key);
    if (thing) set({ of: thing.of, weightG: thing.weightG ?? draft.weightG });
  };
  const scan = async (file: File | undefined) => {
    if (!file) return;
    const code = await codeIn(file);
    const of = code === null ? null : readCode(code, view);
    if (of) choose(keyOf(of));
    else notice.warning('No code of this bench in that picture. Hold the label flat and fill the frame.');
  };
  return (
    <>
      <FieldShell id={`${id}of`} label="On the line">
        <Select
          id={`${id}of`}
          style={{ width: '100%' }}
          showSearch={{ optionFilterProp: 'label' }}
          value={draft.of ? keyOf(draft.of) : null}
          placeholder="What was fished"
          options={GROUPS.map((group) => ({
            label: group,
            options: things
              .filter((thing) => thing.group === group)
              .map(({ of, name }) => ({ value: keyOf(of), label: name })),
          })).filter(({ options }) => options.length > 0)}
          onChange={choose}
        />
      </FieldShell>
      <Button onClick={() => codeRef.current?.click()}>Read its bag</Button>
      <input
        ref={codeRef}
        className="unseen"
        type="file"
        accept="image/*"
        capture="environment"
        aria-label="Picture of a bag label"
        tabIndex={-1}
        onChange={(event) => {
          inBackground(scan(event.target.files?.[0]));
          event.target.value = '';
        }}
      />
    </>
  );
}
