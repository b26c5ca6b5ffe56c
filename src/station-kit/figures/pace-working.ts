import type { Pace } from '@/core/pace/learn-pace';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How long so many take: by the maker's own timed runs, or the usual of their kind. */
export function paceWorking({ secondsEach, isOwn }: Pace, count = 1): Working {
  return {
    title: count === 1 ? 'Takes, each' : `${count} take`,
    steps: [
      isOwn
        ? 'the time of your runs by the pieces that came of them'
        : 'no run of it was timed yet: the usual of its kind stands until one is',
      ...(count === 1
        ? []
        : [`${count} × ${minutesText(secondsEach)} = ${minutesText(secondsEach * count)}`]),
    ],
    inputs: [{ name: 'pace', value: `${minutesText(secondsEach)} each`, basis: isOwn ? 'counted' : 'guess' }],
  };
}
