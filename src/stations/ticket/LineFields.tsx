'use client';

import { stack } from '@/ui/layout/layout';
import { DeleteOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { useId } from 'react';
import { findStyle, HEAD_STYLES } from '@/core/cavities/styles';
import { CountField } from '@/ui/unit-field/CountField';
import { DayField } from '@/ui/unit-field/DayField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { MassField } from '@/ui/unit-field/MassField';
import { lotText, markText, massText } from '@/text/words';
import { isCastIn, isMetal } from '@/reference/typical/suits';
import { StockField } from '@/station-kit/put-down/StockField';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { sortHooks, type DraftLine, type LineField } from '@/model/tickets/ticket-draft';
import { DressFields } from './DressFields';
import { LinePicture } from '@/station-kit/looks/LinePicture';
import styles from './ticket.module.css';

const BARE = 'bare';

interface LineFieldsProps {
  readonly line: DraftLine;
  readonly place: number;
  readonly problems: Partial<Record<LineField, string>>;
  readonly canRemove: boolean;
  readonly onChange: (line: DraftLine) => void;
  readonly onRemove: () => void;
}

/** One line of a ticket being written: the head it asks for, drawn, and its fields. */
export function LineFields({ line, place, problems, canRemove, onChange, onRemove }: LineFieldsProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const id = useId();
  const style = findStyle(line.style);
  const set = (change: Partial<DraftLine>) => onChange({ ...line, ...change });
  return (
    <fieldset className={stack(14, styles.line)}>
      <legend className="unseen">Line {place}</legend>
      <div className={styles.picture}>
        <LinePicture {...line} />
      </div>
      <div className={styles.lineFields}>
        <FieldShell id={`${id}style`} label="Head">
          <Select
            id={`${id}style`}
            value={line.style}
            options={HEAD_STYLES.map((each) => ({ value: each.key, label: each.name }))}
            onChange={(key) =>
              set({ style: key, ...(findStyle(key)?.isHooked ? {} : { hookBinId: null, skirtId: null }) })
            }
          />
        </FieldShell>
        <MassField
          label="Weight"
          value={line.nominalG}
          write={(grams) => markText(grams, mass)}
          onChange={(nominalG) => set({ nominalG })}
          problem={problems.nominalG}
          check={(grams) =>
            grams <= 0
              ? 'A head weighs more than nothing.'
              : grams > 5000
                ? `Over ${massText(5000, mass)} is no head.`
                : null
          }
        />
        <CountField
          label="Pieces"
          value={line.count}
          min={1}
          onChange={(count) => set({ count })}
          problem={problems.count}
        />
        <StockField
          label="Hook"
          value={style?.isHooked ? line.hookBinId : null}
          isFixed={!style?.isHooked}
          placeholder={style?.isHooked ? 'choose' : 'no hook'}
          problem={problems.hookBinId}
          there={sortHooks(view.hooks.values()).map((hook) => ({
            value: hook.id,
            label: hook.name,
            note: `${view.levels.get(hook.id) ?? 0} on the shelf`,
          }))}
          suits={isCastIn}
          onChange={(hookBinId) => set({ hookBinId })}
        />
        <StockField
          label="Metal"
          value={line.metalBinId}
          none={{ label: 'bought, or any there', onChoose: () => set({ metalBinId: null }) }}
          placeholder="choose"
          there={view.metals.map((metal) => ({ value: metal.id, label: metal.name }))}
          suits={isMetal}
          short={lotText}
          onChange={(metalBinId) => set({ metalBinId })}
        />
        <FieldShell id={`${id}coat`} label="Color">
          <Select
            id={`${id}coat`}
            value={line.coatId ?? BARE}
            popupMatchSelectWidth={false}
            options={[
              { value: BARE, label: 'bare' },
              ...view.coats
                .filter((coat) => !coat.retired || coat.id === line.coatId)
                .map((coat) => ({ value: coat.id, label: coat.name })),
            ]}
            onChange={(coatId: string) => set({ coatId: coatId === BARE ? null : coatId })}
          />
        </FieldShell>
        {style?.isHooked ? <DressFields line={line} onChange={set} /> : null}
        <DayField label="Due" value={line.dueOn} onChange={(dueOn) => set({ dueOn })} />
      </div>
      <Button
        type="text"
        icon={<DeleteOutlined />}
        aria-label={`Remove line ${place}`}
        disabled={!canRemove}
        onClick={onRemove}
      />
    </fieldset>
  );
}
