'use client';

import { Button, Checkbox } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import { useState } from 'react';
import { withPieceWeight } from '@/model/stock/piece-spread';
import type { Bin } from '@/records/bin';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { weighedText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { apart, column, row, stack } from '@/ui/layout/layout';
import { CountField } from '@/ui/unit-field/CountField';
import { MassField } from '@/ui/unit-field/MassField';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { countWorking, pieceWorking, readText } from '../figures/count-working';
import { inBackground } from '../in-background';
import { CupField } from './CupField';
import { ScalePanel, type WeightSource } from './ScalePanel';
import { SURE, useCount } from './use-count';
import styles from './scale.module.css';

const HANDFUL = 10;
/** The stand-in reads to a hundredth of a gram. */
const FINE_STEP_G = 0.01;

interface CountByWeightProps {
  readonly bin: Bin;
  /** So many were found. */
  readonly onCounted: (count: number) => void;
  readonly onClose: () => void;
}

/** Pieces counted by the scale: a handful counted by hand, then all of them poured on; how many, and how sure that is. */
export function CountByWeight({ bin, onCounted, onClose }: CountByWeightProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const sentence = useSentence();
  const [stepG, setStepG] = useState<number | null>(mass === 'g' ? 0.1 : GRAMS_PER_OUNCE / 100);
  const count = useCount(bin, stepG ?? FINE_STEP_G);
  const { handfuls, wholeG, isAmong, piece, found, wanted } = count;
  const [handCount, setHandCount] = useState<number | null>(HANDFUL);
  const [isWhole, setWhole] = useState(false);
  const [keepsWeight, setKeepsWeight] = useState(true);
  const [cupId, setCupId] = useState<string | null>(null);
  const [isUnderCup, setUnderCup] = useState(false);
  const answer = found?.ok ? found.value : null;
  const one = piece?.ok ? piece.value : null;
  const weighed = one ? withPieceWeight(bin, one.eachG) : null;
  const problem = piece && !piece.ok ? piece.problem : found && !found.ok ? found.problem : null;
  const cup = view.bench.cups?.find(({ id }) => id === cupId) ?? null;
  const take = (shownG: number, source: WeightSource) => {
    if (source === 'stand-in') setStepG(FINE_STEP_G);
    const massG = shownG - (cup?.massG ?? 0);
    setUnderCup(massG <= 0);
    if (massG <= 0) return undefined;
    if (isWhole) return count.setWholeG(massG);
    if (handCount === null) return undefined;
    count.addHandful({ count: handCount, massG });
    setWhole(true);
    return undefined;
  };
  const accept = async () => {
    if (!answer) return;
    if (weighed && keepsWeight) await workshop.shelf.edit(weighed);
    onCounted(answer.count);
    onClose();
  };
  return (
    <Dialog
      open
      width={760}
      title={`Count ${bin.name} by weight`}
      okText={answer ? `Take ${answer.count}` : 'Take it'}
      okButtonProps={{ disabled: !answer }}
      onCancel={onClose}
      onOk={() => inBackground(accept())}
    >
      <div className={apart(24, styles.counting)}>
        <div className={column(12)}>
          <Segmented<boolean>
            aria-label="What lies on the scale"
            block
            value={isWhole}
            options={[
              { value: false, label: 'A handful, counted' },
              { value: true, label: 'All of them', disabled: handfuls.length === 0 },
            ]}
            onChange={setWhole}
          />
          {isWhole ? (
            <Checkbox checked={isAmong} onChange={({ target }) => count.setAmong(target.checked)}>
              The handful lies among them
            </Checkbox>
          ) : (
            <CountField
              label="Counted by hand"
              min={1}
              max={5000}
              value={handCount}
              onChange={setHandCount}
            />
          )}
          <ScalePanel
            count={isWhole ? (answer?.count ?? 1) : (handCount ?? 1)}
            isCounting
            label={isWhole ? 'All of them weigh' : 'The handful weighs'}
            what={isWhole ? 'all of them' : 'the handful'}
            said={cup ? `${cup.name} is taken off.` : 'Zero the scale with the empty cup on it first.'}
            onWeighed={take}
          />
          {isUnderCup && cup ? (
            <p role="alert" className="wrong">
              That is no more than {cup.name} weighs empty. Put the pieces into it, or choose another cup.
            </p>
          ) : null}
          <CupField cupId={cup ? cupId : null} onChoose={setCupId} />
          <MassField
            label="The scale reads to"
            value={stepG}
            write={(massG) => weighedText(massG, mass)}
            onChange={setStepG}
            check={(massG) => (massG <= 0 ? 'Write its smallest step, such as 0.1 g or 0.01 oz.' : null)}
            width={160}
          />
        </div>
        <section className={column(12)} aria-label="The count" aria-live="polite">
          {handfuls.length === 0 ? (
            <p>
              Count out {HANDFUL} by hand and weigh them. Then pour all on: the scale counts, and says how
              sure it is.
            </p>
          ) : (
            <ul className={stack(2)} aria-label="Handfuls">
              {handfuls.map((each, nth) => (
                <li key={nth}>
                  {each.count} weigh {readText(each.massG, mass)}
                  <Button size="small" type="text" onClick={() => count.takeHandful(nth)}>
                    Take off
                  </Button>
                </li>
              ))}
            </ul>
          )}
          {one ? (
            <p>
              One weighs{' '}
              <Figure working={pieceWorking(one, handfuls, mass)}>{readText(one.eachG, mass)}</Figure>
            </p>
          ) : null}
          {problem ? (
            <p role="alert" className="wrong">
              {sentence(problem)}
            </p>
          ) : null}
          {answer && one && wholeG !== null ? (
            <>
              <p className={styles.counted}>
                <Figure
                  size="huge"
                  tone={answer.chance < SURE ? 'brass' : 'ink'}
                  working={countWorking(answer, one, wholeG, isAmong, mass)}
                >
                  {answer.count}
                </Figure>
                <span>
                  {sureText(answer.chance)}
                  {answer.others.length > 0
                    ? `; else ${answer.others.map((each) => each.count).join(' or ')}`
                    : ''}
                </span>
              </p>
              {answer.chance >= SURE ? null : (
                <p className="quiet">
                  {wanted === null
                    ? 'This scale is too coarse to be sure of so many, however many are counted by hand: take a finer one, or '
                    : `With ${wanted} counted by hand it is sure 99 times in 100; or `}
                  pour them on in portions, each as many again as lie there.
                </p>
              )}
              <div className={row(8)}>
                <Button
                  size="small"
                  disabled={answer.chance < SURE}
                  onClick={() => {
                    count.goOnFrom({ count: answer.count, massG: wholeG });
                  }}
                >
                  Go on from these {answer.count}
                </Button>
              </div>
              {weighed ? (
                <Checkbox checked={keepsWeight} onChange={({ target }) => setKeepsWeight(target.checked)}>
                  {bin.name} weigh so from now on, in finished weights too
                </Checkbox>
              ) : null}
            </>
          ) : null}
        </section>
      </div>
    </Dialog>
  );
}

/** How sure a count is, as one says it. */
function sureText(chance: number): string {
  if (chance >= 0.999) return 'as good as sure';
  return `right ${Math.floor(chance * 100)} times in 100`;
}
