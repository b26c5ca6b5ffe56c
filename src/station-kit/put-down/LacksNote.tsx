'use client';

import { Button } from 'antd';
import type { Bin } from '@/records/bin';
import { row } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { CountButton } from './CountButton';
import styles from './put-down.module.css';

/** What the shelf does not have enough of, by its count. */
export interface Lack {
  readonly bin: Bin;
  /** How much is needed, in the bin's unit. */
  readonly needed: number;
}

/** What is short by the books may lie in the drawer all the same: counted in there and then, all of it or one by one. */
export function LacksNote({ lacks }: { readonly lacks: readonly Lack[] }) {
  const { workshop } = useBench();
  if (lacks.length === 0) return null;
  // Of a line one says how long it is: the rest is counted as it is wanted.
  const pieces = lacks.filter(({ bin }) => bin.unit !== 'mm');
  const countAll = () =>
    workshop.shelf.countDay(
      pieces.map(({ bin, needed }) => ({ binId: bin.id, counted: needed, reason: 'found to lie here' })),
    );
  return (
    <div className={row(8, styles.lacks)} role="group" aria-label="What is short">
      <span>The shelf counts too few. Do they lie here?</span>
      {pieces.length === 0 ? null : (
        <Button size="small" type="primary" onClick={() => inBackground(countAll())}>
          {pieces.length < lacks.length ? 'All but the line lies here' : 'All of it lies here'}
        </Button>
      )}
      <InKits lacks={lacks} />
      {lacks.map(({ bin }) => (
        <CountButton key={bin.id} bin={bin} label={`Count ${bin.name}`} />
      ))}
    </div>
  );
}

/** What is short may be out on the water, in a trip kit: in the boat that is what the shelf gives. */
function InKits({ lacks }: { readonly lacks: readonly Lack[] }) {
  const { view, workshop, carryOut } = useBench();
  return view.kits
    .filter(({ state }) => state === 'packed')
    .flatMap((kit) => {
      const out = lacks.flatMap(({ bin, needed }) => {
        const there = kit.lines.find(({ binId }) => binId === bin.id)?.qty ?? 0;
        const qty = Math.min(there, Math.ceil(needed - (view.levels.get(bin.id) ?? 0)));
        return qty > 0 ? [{ binId: bin.id, qty }] : [];
      });
      return out.length === 0 ? (
        []
      ) : (
        <Button
          key={kit.id}
          size="small"
          onClick={() => inBackground(carryOut(workshop.kits.takeOut(kit.id, out)))}
        >
          Take them out of kit {kit.no}, {kit.name}
        </Button>
      );
    });
}
