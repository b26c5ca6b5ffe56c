'use client';

import { stack } from '@/ui/layout/layout';
import { ColorPicker } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useId } from 'react';
import { useBench } from '@/station-kit/BenchProvider';
import { lookOf } from '@/station-kit/looks/coat-look';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { TextField } from '@/ui/unit-field/TextField';
import styles from './colors.module.css';
import type { DraftCoat } from './draft-coat';
import { powdersOnShelf, PowderSelect } from './PowderSelect';

interface PartProps {
  readonly draft: DraftCoat;
  readonly set: (change: Partial<DraftCoat>) => void;
}

/** What a color is made with: a powder that heat hardens, or a paint that dries in the air. */
export function ColorBase({ draft, set }: PartProps) {
  const { view } = useBench();
  const id = useId();
  const powders = powdersOnShelf(view);
  return (
    <>
      <FieldShell id={`${id}kind`} label="Hardens">
        <Segmented<'powder' | 'air'>
          id={`${id}kind`}
          block
          value={draft.base.kind}
          options={[
            { value: 'powder', label: 'Powder, by heat' },
            { value: 'air', label: 'Paint, in the air' },
          ]}
          onChange={(kind) =>
            set(
              kind === 'air'
                ? {
                    base: { kind, paint: 'Air-dry paint', hex: lookOf(draft, view).base.hex },
                    second: null,
                    clearBinId: null,
                  }
                : { base: { kind, powderBinId: powders[0]?.id ?? '' } },
            )
          }
        />
      </FieldShell>
      {draft.base.kind === 'powder' ? (
        <FieldShell id={`${id}base`} label="Base">
          <PowderSelect
            label="Base"
            value={draft.base.powderBinId}
            onChange={(powderBinId) => set({ base: { kind: 'powder', powderBinId } })}
          />
        </FieldShell>
      ) : (
        <div className={stack(12, styles.pair)}>
          <TextField
            label="Paint"
            value={draft.base.paint}
            most={80}
            onChange={(paint) => draft.base.kind === 'air' && set({ base: { ...draft.base, paint } })}
          />
          <FieldShell id={`${id}hex`} label="Color">
            <ColorPicker
              value={draft.base.hex}
              disabledAlpha
              showText
              onChangeComplete={(color) =>
                draft.base.kind === 'air' &&
                set({ base: { ...draft.base, hex: color.toHexString().slice(0, 7) } })
              }
            />
          </FieldShell>
        </div>
      )}
    </>
  );
}
