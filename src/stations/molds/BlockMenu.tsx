'use client';

import { App, Button, Dropdown } from 'antd';
import type { Mold } from '@/records/mold';
import { useBench } from '@/station-kit/BenchProvider';

interface BlockMenuProps {
  readonly mold: Mold;
  readonly isArranging: boolean;
  readonly onArrange: (isArranging: boolean) => void;
  readonly onForm: (form: Mold | 'new') => void;
  readonly onGone: () => void;
}

/** What can be done with the block in hand. */
export function BlockMenu({ mold, isArranging, onArrange, onForm, onGone }: BlockMenuProps) {
  const { workshop } = useBench();
  const { modal } = App.useApp();
  const remove = (gone: Mold) =>
    modal.confirm({
      title: `Take ${gone.name} off the bench?`,
      content: 'Runs that used it keep their figures. Undo brings it back.',
      okText: 'Take it off',
      cancelText: 'Keep it',
      onOk: () => workshop.molds.remove(gone).then(() => onGone()),
    });

  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'change', label: 'Change block', onClick: () => onForm(mold) },
          ...(mold.kind === 'spun'
            ? []
            : [
                {
                  key: 'arrange',
                  label: isArranging ? 'Done arranging' : 'Arrange cavities',
                  onClick: () => onArrange(!isArranging),
                },
              ]),
          { key: 'new', label: 'New block', onClick: () => onForm('new') },
          { key: 'remove', label: 'Take off the bench', danger: true, onClick: () => remove(mold) },
        ],
      }}
    >
      <Button>Block</Button>
    </Dropdown>
  );
}
