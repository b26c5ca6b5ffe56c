import type { HoldStep, TyingFacts } from './definition';

/** The base of wraps that keeps what is tied from slipping round. */
export function baseStep({ counts }: TyingFacts, title: string, how: string): HoldStep {
  return {
    id: 'base',
    title,
    how,
    count: { of: 'base-wraps', times: counts['base-wraps'] ?? 8 },
    shows: { layers: 0, as: 'tied' },
    mistakes: ['thread-slack'],
  };
}

/** Half hitches behind the head: as many as the maker has set, the hold's usual number where not. */
export function hitchStep(
  { counts, layers }: TyingFacts,
  usual: number,
  as: HoldStep['shows']['as'],
): HoldStep {
  return {
    id: 'hitch',
    title: 'Half hitches behind the head',
    how: 'A loop over the eye, pulled down tight, each beside the last.',
    count: { of: 'hitches', times: counts.hitches ?? usual },
    shows: { layers: layers.length, as },
    mistakes: ['thread-slack'],
  };
}

/** Cement on the wraps. */
export function cementStep({ layers }: TyingFacts): HoldStep {
  return {
    id: 'cement',
    title: 'Seal the wraps with cement',
    how: 'A thin coat all round on the thread alone. Hang it up to dry.',
    count: null,
    shows: { layers: layers.length, as: 'rest' },
    mistakes: ['glue-crept'],
  };
}
