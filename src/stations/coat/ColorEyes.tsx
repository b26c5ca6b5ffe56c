'use client';

import { line } from '@/ui/layout/layout';
import { Checkbox, ColorPicker } from 'antd';
import type { DraftCoat } from './draft-coat';

interface PartProps {
  readonly draft: DraftCoat;
  readonly set: (change: Partial<DraftCoat>) => void;
}

const EYE = { hex: '#1a1a1a', ringHex: '#e4c04a' };

/** Eyes that are painted on after. */
export function ColorEyes({ draft, set }: PartProps) {
  return (
    <>
      <Checkbox
        checked={draft.eye !== null}
        onChange={({ target }) => set({ eye: target.checked ? EYE : null })}
      >
        Eyes, painted on after
      </Checkbox>
      {draft.eye ? (
        <span className={line(12)}>
          <ColorPicker
            value={draft.eye.hex}
            disabledAlpha
            onChangeComplete={(color) =>
              draft.eye && set({ eye: { ...draft.eye, hex: color.toHexString().slice(0, 7) } })
            }
          />
          <Checkbox
            checked={draft.eye.ringHex !== null}
            onChange={({ target }) =>
              draft.eye && set({ eye: { ...draft.eye, ringHex: target.checked ? EYE.ringHex : null } })
            }
          >
            ring
          </Checkbox>
          {draft.eye.ringHex ? (
            <ColorPicker
              value={draft.eye.ringHex}
              disabledAlpha
              onChangeComplete={(color) =>
                draft.eye && set({ eye: { ...draft.eye, ringHex: color.toHexString().slice(0, 7) } })
              }
            />
          ) : null}
        </span>
      ) : null}
    </>
  );
}
