'use client';

import { Button } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { findRole } from '@/core/parts/part-roles';
import { partAs } from '@/model/stock/put-down';
import type { PartBin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { row } from '@/ui/layout/layout';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { KindPicker } from './KindPicker';

interface KindChangeProps {
  readonly bin: PartBin;
  /** What of it is another now. */
  readonly onChange: (change: Partial<PartBin>) => void;
}

/** What a part is, and another kind for what was put down as the wrong one: its count, price and place stay. */
export function KindChange({ bin, onChange }: KindChangeProps) {
  const [isOpen, setOpen] = useState(false);
  const suits = (kind: ThingKind) => kind.makes === 'part' && kind.unit === bin.unit;
  const is = bin.gauge ? findRole(bin.gauge.as).name.toLowerCase() : bin.sort || 'nothing told yet';
  return (
    <FieldShell id={`kind-of-${bin.id}`} label="What it is" hint="its measures begin anew, as typical ones">
      <div className={row(8)} id={`kind-of-${bin.id}`}>
        <strong>{is}</strong>
        <Button size="small" onClick={() => setOpen(true)}>
          It is something else
        </Button>
      </div>
      {isOpen ? (
        <Dialog open width={720} title={`What is ${bin.name}?`} footer={null} onCancel={() => setOpen(false)}>
          <KindPicker
            suits={suits}
            onPick={(kind) => {
              if (kind.makes === 'part') onChange(partAs(kind, bin));
              setOpen(false);
            }}
          />
        </Dialog>
      ) : null}
    </FieldShell>
  );
}
