'use client';

import { line } from '@/ui/layout/layout';
import { Select } from 'antd';
import { memo } from 'react';
import type { StrandBin } from '@/records/bin';
import { amountText } from '@/text/words';
import { tabsText } from '@/text/skirt-words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { strandsOnShelf } from '@/model/skirts/skirt-draft';
import { StrandSwatch } from '@/ui/skirt-drawing/StrandSwatch';
import styles from './skirt.module.css';

interface MaterialSelectProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChange: (binId: string) => void;
}

/** A material off the shelf, with its swatch and how much of it there is. */
export const MaterialSelect = memo(function MaterialSelect({ label, value, onChange }: MaterialSelectProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const materials = strandsOnShelf(view);
  const onShelf = (material: StrandBin) => {
    const there = Math.max(0, view.levels.get(material.id) ?? 0);
    return material.unit === 'pieces' ? tabsText(there) : amountText(there, material, mass);
  };
  return (
    <Select
      aria-label={label}
      value={value}
      placeholder="choose"
      style={{ width: '100%' }}
      popupMatchSelectWidth={false}
      showSearch={{ optionFilterProp: 'label' }}
      options={materials.map((material) => ({ value: material.id, label: material.name, material }))}
      optionRender={(option) => {
        const material = materials.find(({ id }) => id === option.value) ?? null;
        return (
          <span className={line(8, styles.option)}>
            <StrandSwatch material={material} size={20} /> {option.label}
            <em>{material ? onShelf(material) : ''}</em>
          </span>
        );
      }}
      onChange={onChange}
    />
  );
});
