import { readFile } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';
import { text } from 'node:stream/consumers';
import { z } from 'zod';
import { answer } from '@/calculations/answer';
import { readIssue } from '@/calculations/read-issue';
import { CALCULATIONS, findCalculation } from '@/calculations/registry';
import { readStl } from '@/core/meshes/read-stl';
import { wireError, type WireError } from '@/text/wire-error';

const BAD_INPUT = 2;

const USAGE = `Usage:
  calc list                     names and summaries
  calc schema NAME              input and output as JSON Schema
  calc run NAME < input.json    one answer
  calc run mesh.measure --stl FILE   the same for an STL file, binary or text
  calc batch < lines.ndjson     an answer a line; a line is {"name": ..., "input": ...}
`;

const batchLine = z.strictObject({ name: z.string(), input: z.unknown() });

/** What a command reads from and writes to. */
interface Streams {
  readonly input: Readable;
  readonly say: (text: string) => void;
  readonly complain: (text: string) => void;
}

type Reply = { ok: true; output: unknown } | { ok: false; error: WireError };

function notJson(what: string): Reply {
  return { ok: false, error: { code: 'invalid_input', message: `${what} is not JSON.`, path: [] } };
}

function readJson(source: string): { ok: true; value: unknown } | { ok: false } {
  try {
    return { ok: true, value: JSON.parse(source) };
  } catch {
    return { ok: false };
  }
}

async function ask(name: string, input: unknown): Promise<Reply> {
  const reply = await answer(name, input);
  return reply.ok ? reply : { ok: false, error: wireError(reply.problem) };
}

async function askLine(line: string): Promise<Reply> {
  const parsed = readJson(line);
  if (!parsed.ok) return notJson('The line');
  const request = batchLine.safeParse(parsed.value);
  const [issue] = request.error?.issues ?? [];
  if (issue) return { ok: false, error: wireError(readIssue(issue, parsed.value)) };
  return request.success ? ask(request.data.name, request.data.input) : notJson('The line');
}

/**
 * Carries out a command and gives its exit code: 0, or 2 where what was asked is no good.
 *
 * @example await carryOut(['run', 'hook.order'], streams) // says {"sorted":["#6","3/0"]} to {"sizes":["3/0","6"]}; 0
 */
export async function carryOut(
  [command, name, option, file]: readonly string[],
  { input, say, complain }: Streams,
): Promise<number> {
  const print = (value: unknown) => say(`${JSON.stringify(value)}\n`);
  const tell = (reply: Reply) => {
    print(reply.ok ? reply.output : { error: reply.error });
    return reply.ok ? 0 : BAD_INPUT;
  };
  const run = async (calculation: string) => {
    // A name that is not known is said without waiting for an input.
    if (!findCalculation(calculation)) return tell(await ask(calculation, null));
    const parsed = readJson(await text(input));
    return tell(parsed.ok ? await ask(calculation, parsed.value) : notJson('The input'));
  };
  const schema = (calculation: string) => {
    const known = findCalculation(calculation);
    if (!known) return run(calculation);
    print({ input: z.toJSONSchema(known.input, { io: 'input' }), output: z.toJSONSchema(known.output) });
    return 0;
  };
  if (command === 'list') {
    print(CALCULATIONS.map(({ name: known, summary }) => ({ name: known, summary })));
    return 0;
  }
  if (command === 'schema' && name !== undefined) return schema(name);
  if (command === 'run' && name !== undefined) {
    return option === '--stl' && file !== undefined ? tell(await askOfStl(name, file)) : run(name);
  }
  if (command === 'batch') {
    for await (const line of createInterface({ input, crlfDelay: Infinity })) {
      if (line.trim() !== '') print(await askLine(line));
    }
    return 0;
  }
  complain(USAGE);
  return BAD_INPUT;
}

/** Mesh calculations take an STL file in place of a list of numbers. */
async function askOfStl(name: string, file: string): Promise<Reply> {
  let bytes: Uint8Array;
  try {
    bytes = await readFile(file);
  } catch {
    const message = `There is no file '${file}' to read.`;
    return { ok: false, error: { code: 'invalid_input', message, path: [] } };
  }
  const read = readStl(bytes);
  return read.ok
    ? ask(name, { triangles: Array.from(read.value) })
    : { ok: false, error: wireError(read.problem) };
}
