'use client';

import { Modal } from 'antd';
import styles from './keys-help.module.css';

const KEYS: readonly (readonly [string, string])[] = [
  [
    '1 to 9, 0',
    'Ticket, Metal, Molds, Pour, Dress, Coat, Skirt, Build, Rig; 0 is Shelf. In a run digits mark cavities; hold Alt to change station',
  ],
  ['Space', 'in a run: the next pour'],
  ['1 to 9', 'in a run: that cavity of the last pour did not fill, or did after all'],
  ['Backspace', 'in a run: take the last pour or mark back'],
  ['Space, +, -', 'dressing: a tray through, one piece more, one less'],
  ['Space, arrows, Enter', 'tying: count one, a step on or back, this skirt is tied'],
  ['Space, Backspace', 'building: a count or a step on, one press back'],
  ['Arrows, Delete', 'on a hung head: to the next free slot, or down from the rack'],
  ['C, W', 'Cost, Water'],
  ['N', 'new ticket'],
  ['/', 'search the shelf'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['G', 'glove mode'],
  ['?', 'this list'],
];

export function KeysHelp({ onClose }: { onClose: () => void }) {
  return (
    <Modal open title="Keys" onCancel={onClose} footer={null} width={480}>
      <dl className={styles.keys}>
        {KEYS.map(([key, what]) => (
          <div key={key}>
            <dt>{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
