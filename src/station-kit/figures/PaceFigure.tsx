import type { Pace } from '@/core/pace/learn-pace';
import { minutesText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { paceWorking } from './pace-working';

/** How long so many of something take, opened on whose pace that is. */
export function PaceFigure({ pace, count = 1 }: { readonly pace: Pace; readonly count?: number }) {
  return <Figure working={paceWorking(pace, count)}>{minutesText(pace.secondsEach * count)}</Figure>;
}
