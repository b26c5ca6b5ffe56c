import type { Deed, DeedCode } from '@/core/history/deed';

/**
 * What a write does, for the history.
 *
 * @example did('ticket.edited', { no: 14 })
 */
export const did = (code: DeedCode, facts: Deed['facts'] = {}): Deed => ({ code, facts });
