'use client';

import { Button } from 'antd';
import { Segmented } from '@/ui/choice/Segmented';
import { isEqual } from 'es-toolkit/predicate';
import { useState } from 'react';
import type { Spot } from '@/core/outline/outline';
import { withMeasured } from '@/model/stock/measured-on-mat';
import { apart, column, row } from '@/ui/layout/layout';
import { useBench } from '../BenchProvider';
import { inBackground } from '../in-background';
import { Later } from '../Later';
import { CountLoosePanel } from './CountLoosePanel';
import { MatPicture } from './MatPicture';
import { MatPrint } from './MatPrint';
import { SideBySide } from './SideBySide';
import { ThingPanel } from './ThingPanel';
import type { MatInHand } from './use-mat';
import styles from './mat.module.css';

type Look = 'sizes' | 'count' | 'beside';
const LOOKS: readonly { readonly value: Look; readonly label: string }[] = [
  { value: 'sizes', label: 'Sizes' },
  { value: 'count', label: 'Count' },
  { value: 'beside', label: 'Laid over each other' },
];
/** A press this near to a dot takes it off, mm. */
const ON_DOT_MM = 2;

interface SeenMatProps {
  readonly inHand: MatInHand;
  readonly mat: NonNullable<MatInHand['mat']>;
  readonly onMeasure: (picture: Blob) => void;
  readonly onSaid: (said: string) => void;
}

/** A mat that was measured: the picture with what lies on it, and beside it what can be done with that. */
export function SeenMat({ inHand, mat, onMeasure, onSaid }: SeenMatProps) {
  const { view, workshop } = useBench();
  const { things, address, by, say } = inHand;
  const [look, setLook] = useState<Look>('sizes');
  const [chosen, setChosen] = useState(1);
  const [isPulling, setPulling] = useState(false);
  const [set, setSet] = useState<readonly Spot[] | null>(null);
  const dots = set ?? mat.loose;
  const press = ([x, y]: Spot) => {
    const on = dots.findIndex(([dx, dy]) => Math.hypot(dx - x, dy - y) < ON_DOT_MM);
    setSet(on < 0 ? [...dots, [x, y]] : dots.filter((_, index) => index !== on));
  };
  const isOldPrint = by !== null && !isEqual(by.printed, view.bench.mat ?? null);
  const thing = things.find(({ no }) => no === chosen) ?? things[0];
  if (!thing) return null;
  const ready = things.flatMap(({ told, said: { binId } }) => {
    const bin = binId ? view.binById.get(binId) : undefined;
    const measured = bin && withMeasured(bin, told);
    return measured ? [measured] : [];
  });
  const put = async () => {
    await workshop.shelf.measured(ready);
    onSaid(`The sizes are on ${ready.map(({ name }) => name).join(', ')}.`);
  };
  return (
    <>
      <div className={row(12)}>
        <Segmented<Look> aria-label="What to look at" value={look} options={[...LOOKS]} onChange={setLook} />
        <Button onClick={inHand.clear}>Another picture</Button>
      </div>
      <div className={apart(24, styles.mat)}>
        <MatPicture
          mat={mat.mat}
          address={address}
          things={things}
          chosen={thing.no}
          onChoose={(no) => {
            setPulling(false);
            setChosen(no);
          }}
          isPulling={isPulling && look === 'sizes'}
          onPull={(no, edge) => say(no, { edge })}
          dots={look === 'count' ? dots : null}
          onPress={press}
        />
        <div className={column(16)}>
          {look === 'count' ? (
            <CountLoosePanel dots={dots} seen={mat.loose.length} onSaid={onSaid} />
          ) : look === 'beside' ? (
            <SideBySide things={things} />
          ) : (
            <Later>
              <Later>
                <ThingPanel
                  key={thing.no}
                  thing={thing}
                  mat={mat}
                  isPulling={isPulling}
                  onPulling={setPulling}
                  onSay={(change) => say(thing.no, change)}
                />
              </Later>
              <Later>
                {isOldPrint ? (
                  <p>
                    The bars were measured since.{' '}
                    <Button size="small" onClick={() => by && onMeasure(by.file)}>
                      Measure it again by them
                    </Button>
                  </p>
                ) : null}
                <Button type="primary" disabled={ready.length === 0} onClick={() => inBackground(put())}>
                  {ready.length === 0
                    ? 'Choose a bin for each'
                    : `Put the sizes onto ${ready.length} ${ready.length === 1 ? 'bin' : 'bins'}`}
                </Button>
                {view.bench.mat && !isOldPrint ? null : <MatPrint />}
              </Later>
            </Later>
          )}
        </div>
      </div>
    </>
  );
}
