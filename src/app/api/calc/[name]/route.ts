import { answer } from '@/calculations/answer';
import { boundedText } from '../bounded-text';
import { wireError, type WireError } from '@/text/wire-error';

/** Larger bodies are refused before they are read: 4 MiB is some hundred times the largest real plan. */
const LARGEST_BODY_BYTES = 4 * 1024 * 1024;

/** A search on the server gives way sooner than one at the maker's own bench. */
const SERVER_TIME_LIMIT_S = 20;

const STATUS: Record<WireError['code'], number> = {
  invalid_input: 400,
  unknown_calculation: 404,
  impossible: 422,
};

function refuse(error: WireError, status = STATUS[error.code]): Response {
  return Response.json({ error }, { status });
}

/** Answers one calculation: the input is the body, the output the reply. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ name: string }> },
): Promise<Response> {
  const { name } = await params;
  const body = await boundedText(request, LARGEST_BODY_BYTES);
  if (body === null) {
    return refuse({ code: 'invalid_input', message: 'The input is over 4 MiB.', path: [] }, 413);
  }
  let input: unknown;
  try {
    input = JSON.parse(body);
  } catch {
    return refuse({ code: 'invalid_input', message: 'The input is not JSON.', path: [] });
  }
  const reply = await answer(name, input, { timeLimitS: SERVER_TIME_LIMIT_S });
  return reply.ok ? Response.json(reply.output) : refuse(wireError(reply.problem));
}
