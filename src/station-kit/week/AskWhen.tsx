'use client';

import { Select } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { useMemo, useState } from 'react';
import { costablePieces, type CostablePiece } from '@/model/cost/pieces';
import { stack } from '@/ui/layout/layout';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { PromisePart } from './PromisePart';
import type { Asked } from './use-promise';

const FIRST_COUNT = 40;

/** A wish for so many of a piece, as a ticket would have it. */
function wishOf({ piece }: CostablePiece, count: number): Asked {
  const ware = { id: 'asked-ware', count, dueOn: null };
  switch (piece.kind) {
    case 'head':
      return {
        ...WISH,
        lines: [{ guardBinId: null, collarBinId: null, ...piece.head, id: 'asked-line', count, dueOn: null }],
      };
    case 'build':
      return { ...WISH, wares: [{ ...ware, kind: 'build', family: piece.build.family }] };
    case 'rig':
      return { ...WISH, wares: [{ ...ware, kind: 'rig', family: piece.rig.family }] };
    case 'skirt':
      return { ...WISH, wares: [{ ...ware, kind: 'skirt', family: piece.skirt.family }] };
    default:
      return WISH;
  }
}

const WISH: Asked = { id: 'asked', title: 'What is asked', toleranceShare: 0.05, lines: [], wares: [] };

/** When could I have 40 of these? Without writing a ticket. */
export function AskWhen({ onClose }: { readonly onClose: () => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const pieces = useMemo(() => costablePieces(view, mass), [view, mass]);
  const [pieceId, setPieceId] = useState<string | null>(null);
  const [count, setCount] = useState<number | null>(FIRST_COUNT);
  const piece = pieces.find(({ id }) => id === pieceId);
  const groups = [...new Set(pieces.map(({ group }) => group))];
  return (
    <Dialog open title="When could I have…" footer={null} onCancel={onClose}>
      <div className={stack(12)}>
        {pieces.length === 0 ? (
          <p>
            Nothing is known yet that could be made: keep a bait, a rig or a skirt, or write a ticket first.
          </p>
        ) : null}
        <CountField label="How many" min={1} max={10_000} value={count} onChange={setCount} />
        <FieldShell id="of-what" label="Of what">
          <Select
            id="of-what"
            style={{ width: '100%' }}
            showSearch={{ optionFilterProp: 'label' }}
            value={pieceId}
            placeholder="Choose what it is"
            options={groups.map((group) => ({
              label: group,
              options: pieces
                .filter((each) => each.group === group)
                .map(({ id, name }) => ({ value: id, label: name })),
            }))}
            onChange={setPieceId}
          />
        </FieldShell>
        <PromisePart asked={piece && count !== null ? wishOf(piece, count) : null} />
      </div>
    </Dialog>
  );
}
