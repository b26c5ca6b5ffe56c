import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { answer } from '@/calculations/answer';
import { wireError } from '@/text/wire-error';
import { reply, STATUS, type Reply } from './reply';

/** What one call asks: the name of a calculation, and its input as it came. */
export interface Call {
  readonly name: string;
  readonly body: string;
}

/** A search gives way this long before the thread would be ended. */
const SEARCH_LIMIT_S = 15;

async function answerCall({ name, body }: Call): Promise<Reply> {
  let input: unknown;
  try {
    input = JSON.parse(body);
  } catch {
    return reply(400, { code: 'invalid_input', message: 'The input is not JSON.', path: [] });
  }
  const answered = await answer(name, input, { timeLimitS: SEARCH_LIMIT_S });
  if (answered.ok) return { status: 200, text: JSON.stringify(answered.output) };
  const error = wireError(answered.problem);
  return reply(STATUS[error.code], error);
}

// Where each thread has a priority of its own (Linux), what is reckoned gives way to what is served.
if (process.platform === 'linux') setPriority(0, 5);

parentPort?.on('message', (call: Call) => {
  parentPort?.postMessage('begun');
  answerCall(call).then(
    (replied) => parentPort?.postMessage(replied),
    (error: unknown) =>
      // What breaks ends the thread, and is said by who opened it.
      setImmediate(() => {
        throw error;
      }),
  );
});
