import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import fc from 'fast-check';
import { answer } from '@/calculations/answer';
import { CALCULATIONS } from '@/calculations/registry';
import { wireError } from '@/text/wire-error';

const ROOT = join(__dirname, '..');
const LINES = 200;

/** Bends a good input now and then: another value, a key gone, a key too many. */
function bend(input: unknown, how: number): unknown {
  const entries = Object.entries(input as Record<string, unknown>);
  const [first] = entries;
  if (how === 0 || !first) return input;
  if (how === 1) return Object.fromEntries(entries.slice(1));
  if (how === 2) return { ...(input as object), [first[0]]: -1 };
  return { ...(input as object), surprise: true };
}

describe('the command line', () => {
  it('says the same as the registry, line for line, on good and bad input', async () => {
    const requests = fc
      .sample(fc.record({ calculation: fc.constantFrom(...CALCULATIONS), how: fc.nat(3) }), {
        numRuns: LINES,
        seed: 20_611,
      })
      .map(({ calculation, how }) => ({ name: calculation.name, input: bend(calculation.example, how) }));

    const done = spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'cli', 'calc.ts'), 'batch'], {
      input: `${requests.map((request) => JSON.stringify(request)).join('\n')}\n`,
      encoding: 'utf8',
      cwd: ROOT,
    });
    const spoken = done.stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as unknown);

    const known = await Promise.all(
      requests.map(async ({ name, input }) => {
        const reply = await answer(name, input);
        return reply.ok ? { ok: true, output: reply.output } : { ok: false, error: wireError(reply.problem) };
      }),
    );
    expect(spoken).toHaveLength(LINES);
    expect(spoken).toEqual(JSON.parse(JSON.stringify(known)));
    expect(new Set(known.map((reply) => reply.ok))).toEqual(new Set([true, false]));
  });
});
