/** @jest-environment ./tests/support/browser-environment.ts */
import '@testing-library/jest-dom';
import { fireEvent, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { EMPTY_CONTENTS } from '@/records/bench-file';
import { renderBench } from '../../tests/support/render-bench';
import { BoardPart as BaitBoard } from './build/BoardPart';
import { BoardPart as RigBoard } from './rig/BoardPart';
import { CountPart } from './shelf/CountPart';
import { OrdersPart } from './shelf/OrdersPart';
import { BoardPart as SkirtBoard } from './skirt/BoardPart';
import { AnswersPart } from './water/AnswersPart';

const no = () => undefined;

/** What an empty bench shows there, and the button that begins it. */
const PARTS: readonly (readonly [says: RegExp, mend: string, part: (onMend: () => void) => ReactElement])[] =
  [
    [
      /^No bait is kept yet/,
      'Make a bait',
      (onMend) => (
        <BaitBoard chosenId={null} onChoose={no} onChange={no} onBuild={no} onStrip={no} onFirst={onMend} />
      ),
    ],
    [
      /^No rig is kept yet/,
      'Make a rig',
      (onMend) => <RigBoard chosenId={null} onChoose={no} onChange={no} onMake={no} onFirst={onMend} />,
    ],
    [
      /^No skirt is kept yet/,
      'Make a recipe',
      (onMend) => (
        <SkirtBoard
          chosenId={null}
          besideId={null}
          onChoose={no}
          onChange={no}
          onTie={no}
          onBeside={no}
          onFirst={onMend}
        />
      ),
    ],
    [/^Nothing noted yet/, 'Write a note', (onMend) => <AnswersPart onFirst={onMend} />],
    [/^Nothing to count yet/, 'Put something down', (onMend) => <CountPart onPosted={no} onFirst={onMend} />],
    [/^Nothing is on its way/, 'What to buy', (onMend) => <OrdersPart onBuy={onMend} />],
  ];

describe('on an empty bench', () => {
  it.each(PARTS)('%s: the button beside it begins', async (says, mend, part) => {
    const onMend = jest.fn();
    await renderBench(part(onMend), undefined, EMPTY_CONTENTS);
    expect(screen.getByText(says)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: mend }));
    expect(onMend).toHaveBeenCalledTimes(1);
  });
});
