'use client';

import { apart } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { Dialog } from '@/ui/dialog/Dialog';
import { useState } from 'react';
import { withTrial } from '@/records/heater';
import { heatOfHead } from '@/core/heat/heat-of-head';
import { calibrateHeat } from '@/core/heat/calibrate-heat';
import { UnitField } from '@/ui/unit-field/UnitField';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useNow } from '@/station-kit/use-now';
import { useSentence, useUnits } from '@/ui/units/use-units';
import { trialWorking, type HeatQuestion } from '@/ui/coat-drawing/heat-facts';
import { Figure } from '@/ui/figure/Figure';
import styles from './heat.module.css';
import { inBackground } from '@/station-kit/in-background';

interface HeatTrialProps {
  readonly question: HeatQuestion;
  /** The head that is timed, in words. */
  readonly what: string;
  readonly onClose: () => void;
}

const LONGEST_S = 36_000;

/** One head timed in a source, by the watch here or from memory: it tells the source's heat transfer for its size, and others follow by theirs. */
export function HeatTrial({ question, what, onClose }: HeatTrialProps) {
  const sentence = useSentence();
  const { workshop } = useBench();
  const notice = useNotice();
  const units = useUnits();
  const { temperature } = units;
  const { piece, heater, powder, ambientC } = question;
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [seconds, setSeconds] = useState<number | null>(null);
  const [targetC, setTargetC] = useState<number | null>(powder.fuseC);
  const [sourceC, setSourceC] = useState<number | null>(heater.sourceC);
  const now = useNow(workshop.now, 200);
  const text = (celsius: number) => temperatureText(celsius, temperature);
  const trial =
    seconds !== null && targetC !== null && sourceC !== null && seconds > 0
      ? { ...piece, sourceC, startC: ambientC, targetC, seconds }
      : null;
  const found = trial && calibrateHeat(trial);
  const guessed = heatOfHead(heater, piece).hWm2K;
  const save = async () => {
    if (!trial || !found?.ok) return;
    const { massG, specificHeatJkgK, areaCm2, volumeCm3, startC } = trial;
    await workshop.coats.saveHeater(
      withTrial(
        { ...heater, sourceC: trial.sourceC },
        {
          at: workshop.now(),
          what,
          massG,
          specificHeatJkgK,
          areaCm2,
          volumeCm3,
          hWm2K: found.value.hWm2K,
          startC,
          targetC: trial.targetC,
          seconds: trial.seconds,
        },
      ),
    );
    onClose();
    notice.success(`${heater.name} is known now. Other heads follow by their size.`, 4);
  };
  return (
    <Dialog
      open
      title={`Time a head in ${heater.name}`}
      okText="Set the heat by it"
      okButtonProps={{ disabled: !found?.ok }}
      onCancel={onClose}
      onOk={() => inBackground(save())}
    >
      <p>
        Hold <b>{what}</b>, cold, in the heat. Touch it with a little powder now and then; stop when the
        powder just sticks and turns wet.
      </p>
      <button
        type="button"
        className={styles.watch}
        data-runs={startedAt !== null}
        onClick={() => {
          if (startedAt === null) {
            setStartedAt(workshop.now());
            setSeconds(null);
          } else {
            setSeconds(Math.round((workshop.now() - startedAt) / 100) / 10);
            setStartedAt(null);
          }
        }}
      >
        <strong>
          {startedAt === null ? 'Start the watch' : `${((now - startedAt) / 1000).toFixed(1)} s`}
        </strong>
        <small>{startedAt === null ? 'as it goes into the heat' : 'stop: powder sticks'}</small>
      </button>
      <div className={apart(14, styles.trialFields)}>
        <UnitField
          label="It took"
          quantity="duration"
          assume="s"
          value={seconds}
          write={(value) => `${value} s`}
          onChange={setSeconds}
          hint="by the watch above, or written: 26 s"
          check={(value) =>
            value <= 0
              ? 'It took longer than nothing.'
              : value > LONGEST_S
                ? 'No head takes ten hours. Check the unit.'
                : null
          }
        />
        <UnitField
          label="Hot enough at"
          quantity="temperature"
          assume={temperature}
          value={targetC}
          write={text}
          onChange={setTargetC}
          hint="where this powder sticks, or what your thermometer read"
        />
        <UnitField
          label="The source stood at"
          quantity="temperature"
          assume={temperature}
          value={sourceC}
          write={text}
          onChange={setSourceC}
        />
      </div>
      {found && !found.ok ? (
        <p role="alert" className="wrong">
          {sentence(found.problem)}
        </p>
      ) : null}
      {found?.ok ? (
        <p role="status">
          That makes{' '}
          <Figure working={trialWorking(question, { sourceC, targetC, seconds }, found.value.hWm2K, units)}>
            {found.value.hWm2K.toFixed(0)} W/m²K
          </Figure>
          {heater.trial || Math.abs(found.value.hWm2K / guessed - 1) < 0.05
            ? ''
            : `; the guess for its size was ${guessed.toFixed(0)}`}
          .
        </p>
      ) : null}
    </Dialog>
  );
}
