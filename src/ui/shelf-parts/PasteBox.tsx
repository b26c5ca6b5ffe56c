'use client';

import { Button, Input } from 'antd';
import { useState } from 'react';
import { row, stack } from '../layout/layout';

const LIKE = 'or paste a table here, its heads first:\nName, Qty, Price\nBarrel swivel #7, 2 dozen, 0.20';

/** A table out of a sheet, or a seller's packing list out of a letter: pasted, its first line the heads. */
export function PasteBox({ onPaste }: { readonly onPaste: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <div className={stack(6)}>
      <Input.TextArea
        aria-label="Paste a list"
        rows={5}
        value={text}
        placeholder={LIKE}
        onChange={({ target }) => setText(target.value)}
      />
      <div className={row(8)}>
        <Button disabled={text.trim() === ''} onClick={() => onPaste(text)}>
          Read what I pasted
        </Button>
      </div>
    </div>
  );
}
