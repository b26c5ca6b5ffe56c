'use client';

import { column, stack } from '@/ui/layout/layout';
import { LeftOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { Rigging } from '@/records/rig';
import { lengthText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { CutBars } from '@/ui/rig-drawing/CutBars';
import { cutOrder } from '@/model/rigs/run-plan';
import styles from './run.module.css';
import { useKeyMap } from '@/station-kit/key-map';
import { CUT_KEYS } from './keys';
import { inBackground } from '@/station-kit/in-background';

/** The cuts of a run in their order, one large at a time, counted by key or knuckle. */
export function CutCard({ rigging }: { readonly rigging: Rigging }) {
  const { view, workshop, carryOut } = useBench();
  const { length } = useUnits();
  const order = cutOrder(rigging.cut);
  const { cutDone } = rigging;
  const now = order[cutDone];
  const go = () => {
    if (now) inBackground(carryOut(workshop.riggings.cutOne(rigging.id, 1)));
  };
  const back = () => {
    if (cutDone > 0) inBackground(carryOut(workshop.riggings.cutOne(rigging.id, -1)));
  };
  useKeyMap(CUT_KEYS, { go, back });
  const roll = now ? rigging.cut[now.roll] : undefined;
  return (
    <section className={column(10, styles.cutCard)} aria-label="Cut card">
      <p>
        Cut {Math.min(cutDone + 1, order.length)} of {order.length}
        {now && roll ? `, ${now.nth + 1} of ${now.of} from this roll` : ''}
      </p>
      {now && roll ? (
        <>
          <h2 aria-live="polite">{lengthText(now.lengthMm, length)}</h2>
          <p className={styles.of}>{view.binById.get(roll.binId)?.name ?? 'a bin gone'}</p>
          <CutBars
            cut={[roll]}
            nameOf={(binId) => view.binById.get(binId)?.name ?? 'a bin gone'}
            unit={length}
          />
        </>
      ) : null}
      <div className={stack(10, styles.pressRow)}>
        <Button icon={<LeftOutlined />} aria-label="One back" onClick={back} disabled={cutDone === 0} />
        <button type="button" className={styles.go} onClick={go}>
          Cut, next
        </button>
      </div>
      <div className={styles.hands}>
        <Button
          onClick={() => inBackground(carryOut(workshop.riggings.cutAll(rigging.id, order.length)))}
          title="Where you cut without counting"
        >
          All of it is cut
        </Button>
      </div>
      <p className="quiet">Space counts and goes on · Backspace takes one back</p>
    </section>
  );
}
