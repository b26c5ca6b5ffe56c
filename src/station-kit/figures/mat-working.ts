import type { SightError, ToldSize } from '@/core/outline/read-part';
import { numberText } from '@/text/number-text';
import type { Working } from '@/ui/figure/Figure';

interface MatWorkingFacts {
  readonly size: ToldSize;
  readonly error: SightError;
  /** How thick the part is taken to be, mm. */
  readonly heightMm: number;
  readonly isHeightSaid: boolean;
  readonly isPrintMeasured: boolean;
  /** Writes mm in the maker's unit. */
  readonly write: (mm: number) => string;
  readonly told: string;
  readonly offText: string;
}

/** How a size was read off a picture of the mat, and what makes it uncertain. */
export function matWorking(facts: MatWorkingFacts): Working {
  const { size, error, heightMm, isHeightSaid, isPrintMeasured, write, told, offText } = facts;
  const [, , eyeMm] = error.eye;
  const times = (eyeMm - heightMm / 2) / eyeMm;
  return {
    title: size.label,
    steps: [
      `its edge stands ${write(heightMm / 2)} over the mat, and the camera hung ${write(eyeMm)} over it: what is seen is taken times ${numberText(times, 4)}`,
      `read off its outline so laid down: ${told}`,
      ...(size.off > 0
        ? [
            `${offText}, 95 % sure: an edge is seen to ${write(error.edgeMm)}, the print to ${numberText(error.printShare * 100, 2)} %`,
          ]
        : []),
    ],
    inputs: [
      { name: 'how thick it is', value: write(heightMm), basis: isHeightSaid ? 'given' : 'usual' },
      {
        name: 'the bars of the print',
        value: isPrintMeasured ? 'measured' : 'as they were meant',
        basis: isPrintMeasured ? 'given' : 'guess',
      },
    ],
  };
}
