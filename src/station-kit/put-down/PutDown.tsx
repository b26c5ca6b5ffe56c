'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useId, useState } from 'react';
import { THING_KINDS } from '@/reference/typical';
import type { Bin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { inBackground } from '../in-background';
import { KindPicker } from './KindPicker';
import { draftOf } from './thing-draft';
import { ThingForm } from './ThingForm';
import { usePutDown } from './use-put-down';

interface PutDownProps {
  /** What it is missed for: `A swivel for the loop`. */
  readonly title?: string;
  /** Which kinds would do where it is missed; any where nobody says. */
  readonly suits?: (kind: ThingKind) => boolean;
  readonly onClose: () => void;
  /** Each thing that was put down: it can take its place at once. */
  readonly onAdded: (bin: Bin) => void;
}

const anyKind = () => true;

/** The one form to put a thing down, wherever it is missed: kind first, then only what that kind needs. */
export function PutDown({ title = 'Put something down', suits = anyKind, onClose, onAdded }: PutDownProps) {
  const would = THING_KINDS.filter(suits);
  const only = would.length === 1 ? (would[0] ?? null) : null;
  const [kind, setKind] = useState<ThingKind | null>(only);
  if (kind === null) {
    return (
      <Dialog open width={720} title={title} footer={null} onCancel={onClose}>
        <KindPicker suits={suits} onPick={setKind} />
      </Dialog>
    );
  }
  return (
    <ThingDialog
      kind={kind}
      title={title}
      onOtherKind={only ? null : () => setKind(null)}
      onClose={onClose}
      onAdded={onAdded}
    />
  );
}

interface ThingDialogProps extends Required<Omit<PutDownProps, 'suits'>> {
  readonly kind: ThingKind;
  readonly onOtherKind: (() => void) | null;
}

function ThingDialog({ kind, title, onOtherKind, onClose, onAdded }: ThingDialogProps) {
  const id = useId();
  const form = usePutDown(draftOf(kind), onAdded);
  const put = async (then: () => void) => {
    if (await form.put()) then();
  };
  return (
    <Dialog
      open
      width={720}
      title={title}
      onCancel={onClose}
      footer={[
        <Button key="leave" onClick={onClose}>
          Cancel
        </Button>,
        <Button key="another" onClick={() => inBackground(put(form.next))}>
          Put down, and another size
        </Button>,
        <Button key="put" type="primary" htmlType="submit" form={id}>
          Put on the shelf
        </Button>,
      ]}
    >
      <form
        id={id}
        onSubmit={(event) => {
          event.preventDefault();
          inBackground(put(onClose));
        }}
      >
        <ThingForm form={form} onOtherKind={onOtherKind} />
      </form>
    </Dialog>
  );
}
