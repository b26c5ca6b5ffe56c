'use client';

import { useState } from 'react';
import { PartsStation } from '@/station-kit/PartsStation';
import { AnswersPart } from './AnswersPart';
import { LogPart } from './LogPart';
import { NotePart } from './NotePart';
import { ReplacePart } from './ReplacePart';
import { WaterSlip } from './WaterSlip';
import { WeightPart } from './WeightPart';
import { useInAddress } from '@/station-kit/use-in-address';

type Part = 'note' | 'log' | 'answers' | 'weight' | 'replace';

const PARTS: readonly { readonly value: Part; readonly label: string }[] = [
  { value: 'note', label: 'Note' },
  { value: 'answers', label: 'What works' },
  { value: 'weight', label: 'Which weight' },
  { value: 'replace', label: 'Replace' },
  { value: 'log', label: 'Log' },
];
const PART_NAMES = PARTS.map(({ value }) => value);

const HEADINGS: Readonly<Record<Part, readonly [title: string, sub: string]>> = {
  note: ['Water', 'what you saw, noted in seconds'],
  answers: ['What works', 'with how sure that is'],
  weight: ['Which weight', 'holds, or drifts as wanted'],
  replace: ['Replace', 'what was lost, and what works'],
  log: ['Log', 'every note'],
};

/** Notes made at the water, what they say, the weight it takes, what to make anew. */
export function WaterStation() {
  const [part, setPart] = useInAddress<Part>('part', PART_NAMES, 'note');
  const [said, setSaid] = useState<string | null>(null);
  const turn = (to: Part) => {
    setPart(to);
    setSaid(null);
  };
  return (
    <PartsStation<Part>
      heading={HEADINGS[part]}
      parts={PARTS}
      part={part}
      onTurn={turn}
      said={said}
      slip={<WaterSlip />}
    >
      {part === 'note' ? (
        <NotePart
          onNoted={() => {
            turn('log');
            setSaid('Noted. It is kept on this device; join it to the bench by file.');
          }}
        />
      ) : null}
      {part === 'answers' ? <AnswersPart onFirst={() => turn('note')} /> : null}
      {part === 'weight' ? <WeightPart /> : null}
      {part === 'replace' ? <ReplacePart onTicket={setSaid} onNote={() => turn('note')} /> : null}
      {part === 'log' ? <LogPart onFirst={() => turn('note')} /> : null}
    </PartsStation>
  );
}
