'use client';

import { Select } from 'antd';
import { useId } from 'react';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { skirtText, useBench } from '../shared';
import type { DraftLine } from './draft';

interface DressFieldsProps {
  readonly line: DraftLine;
  readonly onChange: (change: Partial<DraftLine>) => void;
}

const NONE = 'none';

/** What a line's heads wear: a skirt, and with it another guard or collar than the recipe has. */
export function DressFields({ line, onChange }: DressFieldsProps) {
  const { view } = useBench();
  const id = useId();
  const newest = view.skirts.filter(
    (skirt) =>
      skirt.id === line.skirtId ||
      (!skirt.retired &&
        view.skirts.every(({ family, version }) => family !== skirt.family || version <= skirt.version)),
  );
  const parts = (sort: string) =>
    view.bins
      .filter((bin) => bin.kind === 'part' && bin.sort === sort)
      .map((bin) => ({ value: bin.id, label: bin.name }));
  const pick = (
    label: string,
    value: string | null,
    options: { value: string; label: string }[],
    none: string,
    onPick: (value: string | null) => void,
  ) => (
    <FieldShell id={`${id}${label}`} label={label}>
      <Select
        id={`${id}${label}`}
        value={value ?? NONE}
        popupMatchSelectWidth={false}
        showSearch={{ optionFilterProp: 'label' }}
        options={[{ value: NONE, label: none }, ...options]}
        onChange={(next) => onPick(next === NONE ? null : next)}
      />
    </FieldShell>
  );
  return (
    <>
      {pick(
        'Skirt',
        line.skirtId ?? null,
        newest
          .map((skirt) => ({ value: skirt.id, label: skirtText(skirt) }))
          .sort((a, b) => a.label.localeCompare(b.label)),
        'none',
        (skirtId) => onChange({ skirtId, guardBinId: null, collarBinId: null }),
      )}
      {line.skirtId ? (
        <>
          {pick('Guard', line.guardBinId, parts('weed guards'), 'as the recipe', (guardBinId) =>
            onChange({ guardBinId }),
          )}
          {pick('Collar', line.collarBinId, parts('collars'), 'as the recipe', (collarBinId) =>
            onChange({ collarBinId }),
          )}
        </>
      ) : null}
    </>
  );
}
