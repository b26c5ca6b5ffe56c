'use client';

import { isPart } from '@/reference/typical/suits';
import { PutDownHere } from '../put-down/PutDownHere';
import { hasWords } from '@/core/numeric/has-words';
import { apart, column } from '@/ui/layout/layout';
import { useInHand } from '../use-in-address';
import { Input } from 'antd';
import { useState } from 'react';
import { compareNames } from '@/core/numeric/compare-names';
import { findRole } from '@/core/parts/part-roles';
import type { UnitChoices } from '@/core/units/unit-choices';
import { numberText } from '@/text/number-text';
import { strengthText } from '@/text/quantity-text';
import { massText, sizeText } from '@/text/words';
import { roomText } from '@/text/writer';
import { useUnits } from '@/ui/units/use-units';
import type { PartBin } from '@/records/bin';
import type { Gauge } from '@/records/gauge';
import { useBench } from '../BenchProvider';
import { GaugeForm } from './GaugeForm';
import styles from './measure.module.css';

/** Parts as they are, not as their packet says: measured by calipers or laid on the screen, and which size they really are. */
export function MeasurePart() {
  const { view } = useBench();
  const units = useUnits();
  const [chosenId, setChosenId] = useInHand('measured');
  const [search, setSearch] = useState('');
  const parts = view.bins
    .filter((bin): bin is PartBin => bin.kind === 'part' && bin.buildId === null && bin.sort !== 'skirts')
    .filter(({ name, sort }) => hasWords(`${name} ${sort}`, search))
    .sort((a, b) => compareNames(a.sort, b.sort) || compareNames(a.name, b.name));
  const first = parts.find(({ gauge }) => gauge?.as === 'blade') ?? parts[0] ?? null;
  const chosen = parts.find(({ id }) => id === chosenId) ?? first;
  return (
    <div className={apart(24, styles.measure)}>
      <div className={column(10, styles.list)}>
        <Input.Search
          aria-label="Search parts"
          placeholder="name or sort"
          allowClear
          value={search}
          onChange={({ target }) => setSearch(target.value)}
        />
        <ul>
          {parts.slice(0, 80).map((bin) => (
            <li key={bin.id}>
              <button
                type="button"
                aria-pressed={bin.id === chosen?.id}
                onClick={() => setChosenId(bin.id)}
                data-unmeasured={bin.gauge === null}
              >
                {bin.name}
                <small>{bin.gauge ? sizesText(bin.gauge, units) : 'not measured'}</small>
              </button>
            </li>
          ))}
        </ul>
        {parts.length > 80 ? (
          <p className="quiet">and {parts.length - 80} more: type part of a name</p>
        ) : null}
        {parts.length > 0 ? null : search === '' ? (
          <PutDownHere says="No parts lie here yet." mend="Put a part down" suits={isPart} />
        ) : (
          <p>No part is called that.</p>
        )}
      </div>
      {chosen ? <GaugeForm key={chosen.id} bin={chosen} /> : null}
    </div>
  );
}

/** What it is and its first sizes, each in the maker's unit: `blade, 7/8 in × 1/2 in`. */
function sizesText({ as, sizes, basis }: Gauge, { length, strength, mass }: UnitChoices): string {
  const write = {
    mm: (value: number) => sizeText(value, length),
    kgf: (value: number) => strengthText(value, strength),
    g: (value: number) => massText(value, mass),
    deg: (value: number) => `${numberText(value, 3)}°`,
    cm3: (value: number) => roomText(value, length),
    pieces: (value: number) => numberText(value, 3),
    times: (value: number) => `${numberText(value, 3)}:1`,
  };
  const words = findRole(as).sizes.flatMap(({ id, unit }) => {
    const size = sizes[id];
    return size === undefined ? [] : [write[unit](size)];
  });
  return `${findRole(as).name.toLowerCase()}, ${words.slice(0, 3).join(' × ')}${basis === 'guess' ? ', a guess' : ''}`;
}
