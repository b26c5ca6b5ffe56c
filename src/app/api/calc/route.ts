import { CALCULATIONS } from '@/calculations/registry';

/** Names and summaries of all published calculations. */
export function GET(): Response {
  return Response.json(CALCULATIONS.map(({ name, summary }) => ({ name, summary })));
}
