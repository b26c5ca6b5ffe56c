'use client';

import { stack } from '@/ui/layout/layout';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { MassField } from '@/ui/unit-field/MassField';
import { lotText, massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import type { Charge } from '@/model/metals/charge';
import styles from './metal.module.css';

/** What goes into the pot, each amount to be set. */
export function ChargeList({ charge, onChange }: { charge: Charge; onChange: (charge: Charge) => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  return (
    <ul className={stack(6, styles.charge)} aria-label="Charge">
      {charge.map(({ binId, g }) => {
        const lot = view.binById.get(binId);
        const onHandG = view.levels.get(binId) ?? 0;
        if (!lot) return null;
        return (
          <li key={binId}>
            <MassField
              label={lotText(lot.name)}
              value={g}
              onChange={(grams) =>
                onChange(charge.map((each) => (each.binId === binId ? { binId, g: grams } : each)))
              }
              problem={g !== null && g > onHandG ? `There are ${massText(onHandG, mass)} of it.` : null}
            />
            <Button
              type="text"
              icon={<DeleteOutlined />}
              aria-label={`Take ${lot.name} out of the pot`}
              onClick={() => onChange(charge.filter((each) => each.binId !== binId))}
            />
          </li>
        );
      })}
    </ul>
  );
}
