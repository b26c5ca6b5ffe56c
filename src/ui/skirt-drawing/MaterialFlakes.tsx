'use client';

import { row } from '../layout/layout';
import { Button, ColorPicker } from 'antd';
import type { StrandBin } from '@/records/bin';
import { QuantityField } from '../unit-field/QuantityField';
import styles from './skirt-drawing.module.css';

interface MaterialFlakesProps {
  readonly flakes: StrandBin['flakes'];
  readonly onChange: (flakes: StrandBin['flakes']) => void;
}

const MOST_FLAKES = 3;
const NEW_FLAKE = { hex: '#e4c04a', sizeMm: 0.3 };

/** The flakes in a material: their colors and how large they are. */
export function MaterialFlakes({ flakes, onChange }: MaterialFlakesProps) {
  const set = (index: number, change: Partial<StrandBin['flakes'][number]>) =>
    onChange(flakes.map((each, at) => (at === index ? { ...each, ...change } : each)));
  return (
    <div className={row(8, styles.flakes)}>
      <strong>Flakes</strong>
      {flakes.map((flake, index) => (
        <span key={index}>
          <ColorPicker
            value={flake.hex}
            disabledAlpha
            onChangeComplete={(color) => set(index, { hex: color.toHexString().slice(0, 7) })}
          />
          <QuantityField
            label={`Size of flake ${index + 1}`}
            of="length"
            value={flake.sizeMm}
            least={0.05}
            most={5}
            onChange={(sizeMm) => sizeMm !== null && set(index, { sizeMm })}
            width={120}
          />
          <Button size="small" onClick={() => onChange(flakes.filter((_, at) => at !== index))}>
            Take out
          </Button>
        </span>
      ))}
      {flakes.length < MOST_FLAKES ? (
        <Button size="small" onClick={() => onChange([...flakes, NEW_FLAKE])}>
          + flake
        </Button>
      ) : null}
    </div>
  );
}
