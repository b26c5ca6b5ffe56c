import type { Pace } from '@/core/pace/learn-pace';
import { minutesText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** How long one takes: by the maker's own timed runs, or the usual of its kind. */
export function paceWorking({ secondsEach, isOwn }: Pace): Working {
  return {
    title: 'Takes, each',
    steps: [
      isOwn
        ? 'the time of your runs by the pieces that came of them'
        : 'no run of it was timed yet: the usual of its kind stands until one is',
    ],
    inputs: [{ name: 'pace', value: `${minutesText(secondsEach)} each`, basis: isOwn ? 'counted' : 'guess' }],
  };
}
