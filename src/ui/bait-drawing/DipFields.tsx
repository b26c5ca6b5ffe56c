'use client';

import { Checkbox, ColorPicker } from 'antd';
import { useId } from 'react';
import { stack } from '../layout/layout';
import { FieldShell } from '../unit-field/FieldShell';
import { TextField } from '../unit-field/TextField';

interface Dip {
  readonly says: string;
  readonly hex: string;
}

const USUAL: Dip = { says: 'chartreuse dye', hex: '#c6d63a' };

interface DipFieldsProps {
  readonly dip: Dip | undefined;
  readonly onChange: (dip: Dip | undefined) => void;
}

/** Whether the finished bait's tail is dipped or dyed, in what, and what color that is. */
export function DipFields({ dip, onChange }: DipFieldsProps) {
  const id = useId();
  return (
    <div className={stack(6)}>
      <Checkbox
        checked={dip !== undefined}
        onChange={({ target }) => onChange(target.checked ? USUAL : undefined)}
      >
        Tail dipped or dyed last
      </Checkbox>
      {dip ? (
        <>
          <TextField
            label="Dipped in"
            value={dip.says}
            most={60}
            asks="Say what it is dipped in, such as chartreuse dye."
            onChange={(says) => onChange({ ...dip, says })}
          />
          <FieldShell id={`${id}hex`} label="Its color">
            <ColorPicker
              value={dip.hex}
              disabledAlpha
              showText
              onChangeComplete={(color) => onChange({ ...dip, hex: color.toHexString().slice(0, 7) })}
            />
          </FieldShell>
        </>
      ) : null}
    </div>
  );
}
