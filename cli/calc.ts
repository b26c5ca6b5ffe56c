import { readFile } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import { text } from 'node:stream/consumers';
import { z } from 'zod';
import { answer } from '@/calculations/answer';
import { readIssue } from '@/calculations/read-issue';
import { CALCULATIONS, findCalculation } from '@/calculations/registry';
import { readStl } from '@/core/meshes/read-stl';
import { wireError, type WireError } from '@/messages/wire-error';

const BAD_INPUT = 2;

const USAGE = `Usage:
  calc list                     names and summaries
  calc schema NAME              input and output as JSON Schema
  calc run NAME < input.json    one answer
  calc run mesh.measure --stl FILE   the same for an STL file, binary or text
  calc batch < lines.ndjson     an answer a line; a line is {"name": ..., "input": ...}
`;

const batchLine = z.strictObject({ name: z.string(), input: z.unknown() });

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value)}\n`);
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

async function run(name: string): Promise<number> {
  const parsed = findCalculation(name)
    ? readJson(await text(process.stdin))
    : { ok: true as const, value: null };
  const reply = parsed.ok ? await ask(name, parsed.value) : notJson('The input');
  print(reply.ok ? reply.output : { error: reply.error });
  return reply.ok ? 0 : BAD_INPUT;
}

/** Mesh calculations take an STL file in place of a list of numbers. */
async function runStl(name: string, file: string): Promise<number> {
  let bytes: Uint8Array;
  try {
    bytes = await readFile(file);
  } catch {
    print({ error: { code: 'invalid_input', message: `There is no file '${file}' to read.`, path: [] } });
    return BAD_INPUT;
  }
  const read = readStl(bytes);
  const reply: Reply = read.ok
    ? await ask(name, { triangles: Array.from(read.value) })
    : { ok: false, error: wireError(read.problem) };
  print(reply.ok ? reply.output : { error: reply.error });
  return reply.ok ? 0 : BAD_INPUT;
}

async function batch(): Promise<number> {
  for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
    if (line.trim() !== '') print(await askLine(line));
  }
  return 0;
}

async function schema(name: string): Promise<number> {
  const calculation = findCalculation(name);
  if (!calculation) return run(name);
  print({
    input: z.toJSONSchema(calculation.input, { io: 'input' }),
    output: z.toJSONSchema(calculation.output),
  });
  return 0;
}

async function main([command, name, option, file]: readonly string[]): Promise<number> {
  if (command === 'list') {
    print(CALCULATIONS.map(({ name: known, summary }) => ({ name: known, summary })));
    return 0;
  }
  if (command === 'schema' && name !== undefined) return schema(name);
  if (command === 'run' && name !== undefined) {
    return option === '--stl' && file !== undefined ? runStl(name, file) : run(name);
  }
  if (command === 'batch') return batch();
  process.stderr.write(USAGE);
  return BAD_INPUT;
}

void main(process.argv.slice(2)).then((code) => {
  process.exitCode = code;
});
