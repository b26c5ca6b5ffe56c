'use client';

import { ArrowLeftOutlined, ArrowRightOutlined, CloseOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { findKind } from '@/core/builds/kinds';
import { lengthAlong } from '@/core/builds/place-parts';
import type { Build } from '@/core/builds/build';
import { lengthText } from '@/text/words';
import { useUnits } from '../units/use-units';
import styles from './bait-stage.module.css';

interface ArmListProps {
  readonly build: Build;
  /** What its skirt is called; null where it wears none. */
  readonly skirt: string | null;
  readonly marked: readonly string[];
  readonly chosen: string | null;
  readonly onChoose: (at: string | null) => void;
  readonly onMove: (at: string, by: 1 | -1) => void;
  readonly onTakeOff: (at: string) => void;
}

/** What is on the bait, from the eye to the end, then beside it: chosen, moved, taken off. */
export function ArmList({ build, skirt, marked, chosen, onChoose, onMove, onTakeOff }: ArmListProps) {
  const { length } = useUnits();
  const kind = findKind(build.kind);
  const worn = skirt === null ? [] : [{ at: 'skirt', name: `Skirt, ${skirt}`, what: 'over the collar' }];
  const slots = build.slots.map(({ slot, part }) => ({
    at: slot,
    name: part.name,
    what: kind.slots.find(({ id }) => id === slot)?.name ?? slot,
  }));
  const { hanger, blade } = build.end;
  return (
    <section className={styles.armList} aria-label="On the bait">
      <h3>{kind.arm ? 'From the eye to the end' : 'On the bait'}</h3>
      <ol>
        {build.arm.map(({ id, part, blade: hung }, index) => (
          <li key={id} data-marked={marked.includes(id)} data-chosen={chosen === id}>
            <button
              type="button"
              aria-pressed={chosen === id}
              onClick={() => onChoose(chosen === id ? null : id)}
            >
              {hung ? `${hung.name} on ${lower(part.name)}` : part.name}
              <small>{lengthText(lengthAlong(part), length)} of the arm</small>
            </button>
            <Button
              type="text"
              size="small"
              icon={<ArrowLeftOutlined />}
              disabled={index === 0}
              aria-label={`${part.name}, toward the eye`}
              onClick={() => onMove(id, -1)}
            />
            <Button
              type="text"
              size="small"
              icon={<ArrowRightOutlined />}
              disabled={index === build.arm.length - 1}
              aria-label={`${part.name}, toward the end`}
              onClick={() => onMove(id, 1)}
            />
            <Button
              type="text"
              size="small"
              icon={<CloseOutlined />}
              aria-label={`Take off ${hung?.name ?? part.name}`}
              onClick={() => onTakeOff(id)}
            />
          </li>
        ))}
        {hanger || blade ? (
          <li data-marked={marked.includes('end')} data-chosen={chosen === 'end'}>
            <button
              type="button"
              aria-pressed={chosen === 'end'}
              onClick={() => onChoose(chosen === 'end' ? null : 'end')}
            >
              {blade && hanger ? `${blade.name} on ${lower(hanger.name)}` : (blade ?? hanger)?.name}
              <small>in the loop</small>
            </button>
            <Button
              type="text"
              size="small"
              icon={<CloseOutlined />}
              aria-label={`Take off ${blade?.name ?? hanger?.name}`}
              onClick={() => onTakeOff('end')}
            />
          </li>
        ) : null}
        {[...worn, ...slots].map(({ at, name, what }) => (
          <li key={at} data-marked={marked.includes(at)} data-chosen={chosen === at}>
            <button
              type="button"
              aria-pressed={chosen === at}
              onClick={() => onChoose(chosen === at ? null : at)}
            >
              {name}
              <small>{what.toLowerCase()}</small>
            </button>
            <Button
              type="text"
              size="small"
              icon={<CloseOutlined />}
              aria-label={`Take off ${name}`}
              onClick={() => onTakeOff(at)}
            />
          </li>
        ))}
      </ol>
      {build.arm.length + worn.length + slots.length === 0 && !hanger ? (
        <p className="quiet">Nothing yet. Drag parts onto the bait, or press their plus.</p>
      ) : null}
    </section>
  );
}

function lower(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}
