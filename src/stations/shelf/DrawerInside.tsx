'use client';

import { stack } from '@/ui/layout/layout';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Button, Select } from 'antd';
import { useId } from 'react';
import { compareNames } from '@/core/numeric/compare-names';
import { clashSentence } from '@/text/clash-sentence';
import type { Bin } from '@/records/bin';
import type { Drawer } from '@/records/cabinet';
import { FieldShell } from '@/ui/unit-field/FieldShell';
import { amountText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { usePrint } from '@/station-kit/use-print';
import { clashesOf } from '@/model/stock/cabinet';
import { drawerSheet } from '@/station-kit/print/print-drawer';
import { contentStyle } from '@/station-kit/looks/content-style';
import { shelfBin } from '@/model/stock/shelf-rows';
import { LOOSE, type Dragged } from './use-cabinet-drag';
import styles from './cabinet.module.css';
import { inBackground } from '@/station-kit/in-background';

const MOST_SHOWN = 60;

interface DrawerInsideProps {
  /** Null for what lies in no drawer. */
  readonly drawer: Drawer | null;
  readonly bins: readonly Bin[];
  readonly onChoose: (binId: string) => void;
  readonly onFile: (binIds: readonly string[], drawerId: string | null) => void;
}

/** An open drawer from above: a compartment a bin, to be dragged into another drawer, and a field to put more in. */
export function DrawerInside({ drawer, bins, onChoose, onFile }: DrawerInsideProps) {
  const { view } = useBench();
  const print = usePrint();
  const units = useUnits();
  const { setNodeRef, isOver } = useDroppable({ id: drawer?.id ?? LOOSE });
  const id = useId();
  const sorted = [...bins].sort((a, b) => compareNames(a.name, b.name));
  const clashes = clashesOf(bins);
  const [clash] = clashes;
  const offered = drawer ? view.bins.filter(({ drawerId }) => drawerId !== drawer.id) : [];
  return (
    <section
      className={styles.inside}
      aria-label={drawer ? `In ${drawer.name}` : 'In no drawer'}
      ref={drawer ? undefined : setNodeRef}
      data-over={!drawer && isOver}
    >
      <h3>
        {drawer ? drawer.name : 'In no drawer'} <small>{bins.length}</small>
        {drawer && bins.length > 0 ? (
          <Button size="small" onClick={() => inBackground(print(drawerSheet(sorted, drawer.name, units)))}>
            Print labels
          </Button>
        ) : null}
      </h3>
      {drawer && clash ? (
        <p role="alert" className={styles.clash}>
          {clashSentence(clash.why, clash.a.name, clash.b.name)}
          {clashes.length > 1 ? ` ${clashes.length - 1} more pairs lie here.` : ''}
        </p>
      ) : null}
      <ul className={stack(4, styles.bins)}>
        {sorted.slice(0, MOST_SHOWN).map((bin) => (
          <li key={bin.id}>
            <Compartment bin={bin} onChoose={() => onChoose(bin.id)} />
          </li>
        ))}
      </ul>
      {sorted.length > MOST_SHOWN ? (
        <p className="quiet">And {sorted.length - MOST_SHOWN} more: search for them.</p>
      ) : null}
      {bins.length === 0 ? (
        <p className="quiet">
          {drawer ? 'Empty. Drag bins onto its front, or put them in here.' : 'Nothing lies loose.'}
        </p>
      ) : null}
      {drawer && offered.length > 0 ? (
        <FieldShell id={`${id}put`} label={`Put into ${drawer.name}`}>
          <Select
            id={`${id}put`}
            value={null}
            placeholder="a bin by its name"
            style={{ width: '100%', maxWidth: 320 }}
            showSearch={{ optionFilterProp: 'label' }}
            options={offered.map((bin) => ({ value: bin.id, label: bin.name }))}
            onChange={(binId: string) => onFile([binId], drawer.id)}
          />
        </FieldShell>
      ) : null}
    </section>
  );
}

function Compartment({ bin, onChoose }: { readonly bin: Bin; readonly onChoose: () => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const data: Dragged = { is: 'bin', binId: bin.id };
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: `bin ${bin.id}`, data });
  const { onHand, isShort, isLow, fill } = shelfBin(view, bin);
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      className={styles.compartment}
      data-carried={isDragging}
      data-state={isShort ? 'short' : isLow ? 'low' : 'well'}
      onClick={onChoose}
    >
      <i
        style={{ height: `${Math.round(fill * 100)}%`, ...contentStyle(bin, isShort || isLow) }}
        aria-hidden="true"
      />
      <span>{bin.name}</span>
      <b>
        {amountText(onHand, bin, mass)}
        {isShort ? <small> short</small> : isLow ? <small> low</small> : null}
      </b>
    </button>
  );
}
