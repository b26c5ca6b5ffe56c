import type { PartBin } from './bin';

/** What a part that nobody weighed, measured or priced says of itself. */
export const PLAIN_PART = {
  massG: null,
  hex: null,
  gauge: null,
  costEach: null,
  condition: 'new',
  keepApart: null,
  buildId: null,
  rigId: null,
} as const satisfies Partial<PartBin>;
