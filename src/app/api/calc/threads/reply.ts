import type { WireError } from '@/text/wire-error';

/** What goes back: a status and JSON. */
export interface Reply {
  readonly status: number;
  readonly text: string;
}

/** Besides what a calculation refuses: too much asked at once, too long a calculation, and one that broke. */
type CallError = Omit<WireError, 'code'> & {
  readonly code: WireError['code'] | 'busy' | 'too_long' | 'failed';
};

export const STATUS: Record<WireError['code'], number> = {
  invalid_input: 400,
  unknown_calculation: 404,
  impossible: 422,
};

/**
 * A refusal as it goes out.
 *
 * @example reply(429, { code: 'busy', message: 'Ask again.', path: [] }).status // 429
 */
export function reply(status: number, error: CallError): Reply {
  return { status, text: JSON.stringify({ error }) };
}
