'use client';

import { Button } from 'antd';
import { useRouter } from 'next/navigation';
import { bodyProfileOf } from '@/core/outline/body-profile';
import { frameOf } from '@/core/outline/frame';
import type { ToldPart } from '@/core/outline/read-part';
import { numberText } from '@/text/number-text';
import { lotText, massText } from '@/text/words';
import { roomText } from '@/text/writer';
import { Figure } from '@/ui/figure/Figure';
import { stack } from '@/ui/layout/layout';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { profileInAddress } from './profile-in-address';

const METALS = 3;

/** What a round body of this outline weighs in the metals of the shelf, and the way to a cavity of it. */
export function BodyWeights({ told }: { readonly told: ToldPart }) {
  const { view } = useBench();
  const { mass, length } = useUnits();
  const router = useRouter();
  const room = told.sizes.find(({ id }) => id === 'volumeMm3');
  if (!room) return null;
  const cm3 = room.value / 1000;
  const share = numberText((100 * room.off) / room.value, 2);
  const toCavity = (densityGcm3: number | null) => {
    const profile = profileInAddress(bodyProfileOf(told.outline, frameOf(told.outline)));
    const grams = densityGcm3 === null ? '' : `&grams=${(cm3 * densityGcm3).toFixed(2)}`;
    router.push(`/molds?view=design&profile=${profile}${grams}`);
  };
  const metals = view.metals.slice(0, METALS);
  return (
    <div className={stack(6)}>
      {metals.length > 0 ? (
        <ul className={stack(2)} aria-label="What it weighs if it is round">
          {metals.map((metal) => (
            <li key={metal.id}>
              <Figure
                working={{
                  title: `In ${lotText(metal.name)}`,
                  steps: [
                    `${roomText(cm3, length)} × ${numberText(metal.densityGcm3, 4)} g/cm³ = ${massText(cm3 * metal.densityGcm3, mass)}`,
                    `± ${share} %: as far as its outline is known, and round as it is taken to be`,
                  ],
                  inputs: [
                    { name: 'room', value: roomText(cm3, length), basis: 'computed' },
                    {
                      name: 'density',
                      value: `${numberText(metal.densityGcm3, 4)} g/cm³`,
                      basis: metal.densityBasis,
                    },
                  ],
                }}
              >
                {massText(cm3 * metal.densityGcm3, mass)}
              </Figure>{' '}
              <span className="quiet">in {lotText(metal.name)}</span>
            </li>
          ))}
        </ul>
      ) : null}
      <div>
        <Button size="small" onClick={() => toCavity(metals[0]?.densityGcm3 ?? null)}>
          Begin a cavity of it
        </Button>
      </div>
    </div>
  );
}
