import { z } from 'zod';
import { boundedText } from '../bounded-text';
import { askThread } from '../threads/ask-thread';
import { wireError } from '@/text/wire-error';
import { CALCULATIONS, findCalculation } from '@/calculations/registry';
import { reply, STATUS, type Reply } from '../threads/reply';

/** Larger bodies are refused before they are read: 4 MiB is some hundred times the largest real plan. */
const LARGEST_BODY_BYTES = 4 * 1024 * 1024;

const TOO_LARGE = reply(413, { code: 'invalid_input', message: 'The input is over 4 MiB.', path: [] });

function respond({ status, text }: Reply): Response {
  const isBusy = status === 429;
  return new Response(text, {
    status,
    headers: { 'content-type': 'application/json', ...(isBusy ? { 'retry-after': '5' } : {}) },
  });
}

/** Answers one calculation: the input is the body, the output the reply. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ name: string }> },
): Promise<Response> {
  const { name } = await params;
  const body = await boundedText(request, LARGEST_BODY_BYTES);
  return respond(body === null ? TOO_LARGE : await askThread({ name, body }));
}

/** What a calculation takes and gives, and a worked example. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ name: string }> },
): Promise<Response> {
  const asked = (await params).name;
  const found = findCalculation(asked);
  if (!found) {
    const known = CALCULATIONS.map(({ name }) => name);
    const error = wireError({ code: 'unknown-calculation', name: asked, known });
    return respond(reply(STATUS[error.code], error));
  }
  const { name, summary, sources, example } = found;
  const input = z.toJSONSchema(found.input, { io: 'input' });
  return Response.json({ name, summary, sources, input, output: z.toJSONSchema(found.output), example });
}
