'use client';

import { useRouter } from 'next/navigation';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { wrap } from '@/ui/layout/layout';
import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { PartsStation } from '@/station-kit/PartsStation';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { CostSlip } from './CostSlip';
import { LossPart } from './LossPart';
import { MoneyForm } from './MoneyForm';
import { OfferPart } from './OfferPart';
import { OutlayPart } from './OutlayPart';
import { PiecePart } from './PiecePart';
import { costablePieces, type CostablePiece } from '@/model/cost/pieces';
import { RoutePart } from './RoutePart';
import styles from './cost.module.css';
import { useInAddress, useInHand } from '@/station-kit/use-in-address';

type Part = 'piece' | 'route' | 'outlay' | 'offer' | 'lost';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'piece', label: 'A piece' },
  { value: 'route', label: 'Make or buy' },
  { value: 'outlay', label: 'Outlay' },
  { value: 'offer', label: 'Offer' },
  { value: 'lost', label: 'Lost' },
];
const PART_NAMES = PARTS.map(({ value }) => value);
const GROUPS: readonly CostablePiece['group'][] = ['Baits', 'Rigs', 'Skirts', 'Heads'];
const TWENTY = 20;

/** What a piece really costs, whether to make it, when the outlay pays, what to ask for it, what the water took. */
export function CostStation() {
  const { view } = useBench();
  const router = useRouter();
  const { mass } = useUnits();
  const pieces = useMemo(() => costablePieces(view, mass), [view, mass]);
  const [part, setPart] = useInAddress<Part>('part', PART_NAMES, 'piece');
  const [pieceId, setPieceId] = useInHand('piece');
  const [count, setCount] = useState<number | null>(TWENTY);
  const [open, setOpen] = useState<readonly string[] | null>(null);
  const [isAsking, setAsking] = useState(false);
  const piece = pieces.find(({ id }) => id === pieceId) ?? pieces[0] ?? null;
  const many = Math.max(1, count ?? 1);
  const isOfPiece = part === 'piece' || part === 'route' || part === 'offer';
  return (
    <PartsStation<Part>
      heading={headingOf(part, piece)}
      parts={PARTS}
      part={part}
      onTurn={setPart}
      actions={<Button onClick={() => setAsking(true)}>Hours and power</Button>}
      slip={<CostSlip />}
    >
      {isOfPiece && piece ? (
        <div className={wrap(0, styles.ask)}>
          <FieldShell id="cost-piece" label="What">
            <Select
              id="cost-piece"
              showSearch={{ optionFilterProp: 'label' }}
              value={piece.id}
              style={{ width: 300, maxWidth: '100%' }}
              options={GROUPS.map((group) => ({
                label: group,
                options: pieces
                  .filter((each) => each.group === group)
                  .map(({ id, name }) => ({ value: id, label: name })),
              })).filter(({ options }) => options.length > 0)}
              onChange={(next) => {
                setPieceId(next);
                setOpen(null);
              }}
            />
          </FieldShell>
          <CountField label="How many" value={count} min={1} onChange={setCount} width={110} />
        </div>
      ) : null}
      {isOfPiece && !piece ? (
        <EmptyStation
          of="cost"
          says="Nothing to price yet. Keep a bait at Build, a rig at Rig, a recipe at Skirt, or write a ticket."
          mend={
            <Button type="primary" onClick={() => router.push('/build')}>
              Make a bait
            </Button>
          }
        />
      ) : null}
      {part === 'piece' && piece ? (
        <PiecePart piece={piece} count={many} open={open} onOpen={setOpen} />
      ) : null}
      {part === 'route' && piece ? <RoutePart piece={piece} count={many} /> : null}
      {part === 'outlay' ? <OutlayPart pieces={pieces} /> : null}
      {part === 'offer' ? <OfferPart piece={piece} count={many} /> : null}
      {part === 'lost' ? <LossPart /> : null}
      {isAsking ? <MoneyForm onClose={() => setAsking(false)} /> : null}
    </PartsStation>
  );
}

function headingOf(part: Part, piece: CostablePiece | null): readonly [title: string, sub: string] {
  switch (part) {
    case 'piece':
      return [piece ? piece.name : 'Cost', 'what one costs, down to the last bead'];
    case 'route':
      return ['Make or buy', piece ? piece.name : ''];
    case 'outlay':
      return ['Outlay', 'from how many pieces on it pays'];
    case 'offer':
      return ['Offer', 'cost and your margin'];
    case 'lost':
      return ['Lost', 'what the water took this year'];
  }
}
