'use client';

import { Button } from 'antd';
import type { HeatBench } from '@/model/coats/heat-bench';
import { isBoughtHead, isPowder } from '@/reference/typical/suits';
import { row, wrap } from '@/ui/layout/layout';
import { PutDownButton } from '../put-down/PutDownButton';

interface TypicalHeatProps {
  readonly is: HeatBench['isTypical'];
  /** Opens what heats on this bench. */
  readonly onSetUp: () => void;
}

/** Says which of what heat is reckoned with is only typical, and where to put down one's own. */
export function TypicalHeat({ is, onSetUp }: TypicalHeatProps) {
  const typical = [
    ...(is.heads ? ['head'] : []),
    ...(is.powders ? ['powder'] : []),
    ...(is.heaters ? ['heat'] : []),
  ];
  if (typical.length === 0) return null;
  const said = typical.length > 1 ? `${typical.slice(0, -1).join(', ')} and ${typical.at(-1)}` : typical[0];
  return (
    <section className={row(12)} aria-label="Typical figures">
      <p className="quiet">
        A typical {said} {typical.length > 1 ? 'stand' : 'stands'} here, since none of your own does yet.
      </p>
      <div className={wrap(8)}>
        {is.heads ? <PutDownButton size="small" mend="Put bought heads down" suits={isBoughtHead} /> : null}
        {is.powders ? <PutDownButton size="small" mend="Put a jar down" suits={isPowder} /> : null}
        {is.heaters ? (
          <Button size="small" onClick={onSetUp}>
            Ovens and heat
          </Button>
        ) : null}
      </div>
    </section>
  );
}
