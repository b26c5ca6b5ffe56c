'use client';

import type { Build } from '@/core/builds/build';
import { trailerSuits } from '@/core/builds/trailer-length';
import { lengthText, markText } from '@/text/words';
import { Figure } from '../figure/Figure';
import { useUnits } from '../units/use-units';

const IS = {
  short: ': this one is short for it',
  common: ', as this one is',
  long: ': this one is long for it; bite its nose off, or take a heavier head',
} as const;

/** How long a trailer commonly is behind this head, and how the one on it compares; nothing where it has none. */
export function TrailerNote({ build }: { readonly build: Build }) {
  const { length, mass } = useUnits();
  const trailer = build.slots.find(({ slot }) => slot === 'trailer')?.part;
  if (!trailer || !build.head) return null;
  const { fromMm, toMm, is } = trailerSuits(build.head.massG, trailer.gauge.sizes.lengthMm ?? null);
  return (
    <p className="quiet">
      Behind {markText(build.head.massG, mass)} goes a trailer of{' '}
      <Figure
        working={{
          title: 'Trailer',
          steps: [
            `behind heads of about ${markText(build.head.massG, mass)} makers put ${lengthText(fromMm, length)} to ${lengthText(toMm, length)}`,
          ],
          inputs: [{ name: 'by weight of head', value: 'common practice', basis: 'reference' }],
        }}
      >
        {`${lengthText(fromMm, length)} to ${lengthText(toMm, length)}`}
      </Figure>
      , by common practice{is === null ? '' : IS[is]}.
    </p>
  );
}
