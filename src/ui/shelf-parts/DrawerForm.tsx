'use client';

import { fields } from '../layout/layout';
import { Button, Popconfirm } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import type { Drawer } from '@/records/cabinet';
import { TextField } from '../unit-field/TextField';
import styles from './shelf-parts.module.css';

const KINDS: { readonly value: Drawer['kind']; readonly label: string }[] = [
  { value: 'drawer', label: 'Drawer' },
  { value: 'box', label: 'Box' },
  { value: 'shelf', label: 'Open shelf' },
];

interface DrawerFormProps {
  readonly drawer: Drawer;
  readonly onSave: (drawer: Drawer) => void;
  readonly onRemove: () => void;
}

/** What the drawer in hand is called and what it is; its place and size are set in the drawing. */
export function DrawerForm({ drawer, onSave, onRemove }: DrawerFormProps) {
  const [name, setName] = useState(drawer.name);
  const [note, setNote] = useState(drawer.note);
  const problem = name.trim() === '' ? 'Name it, such as Top left.' : null;
  return (
    <form
      className={fields(0, styles.form)}
      aria-label={`Drawer ${drawer.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (!problem) onSave({ ...drawer, name: name.trim(), note: note.trim() });
      }}
    >
      <TextField label="Name" value={name} most={80} onChange={setName} problem={problem} />
      <TextField label="Note" value={note} most={200} onChange={setNote} />
      <Segmented<Drawer['kind']>
        aria-label="What it is"
        value={drawer.kind}
        options={KINDS}
        onChange={(kind) => onSave({ ...drawer, kind })}
      />
      <Button type="primary" htmlType="submit">
        Save
      </Button>
      <Popconfirm
        title="Take it out of the cabinet?"
        description="What lies in it lies loose then."
        okText="Take it out"
        onConfirm={onRemove}
      >
        <Button>Take it out</Button>
      </Popconfirm>
    </form>
  );
}
