import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { carryOut } from './command';

async function calc(args: string[], input = ''): Promise<{ status: number; out: string }> {
  const said: string[] = [];
  const status = await carryOut(args, {
    input: Readable.from(input),
    say: (text) => said.push(text),
    complain: () => undefined,
  });
  return { status, out: said.join('') };
}

describe('the command line', () => {
  it('lists names and summaries', async () => {
    const { status, out } = await calc(['list']);
    expect(status).toBe(0);
    const list = JSON.parse(out) as { name: string; summary: string }[];
    expect(list.find(({ name }) => name === 'hook.order')?.summary).toContain('smallest hook first');
  });

  it('gives the schemas of one', async () => {
    const { out } = await calc(['schema', 'hook.order']);
    expect(JSON.parse(out)).toMatchObject({
      input: { required: ['sizes'] },
      output: { required: ['sorted'] },
    });
    expect(await calc(['schema', 'no.such'])).toMatchObject({ status: 2 });
  });

  it('answers one input, and exits 2 on a bad one', async () => {
    expect(await calc(['run', 'hook.order'], '{"sizes":["3/0","6"]}')).toEqual({
      status: 0,
      out: '{"sorted":["#6","3/0"]}\n',
    });
    const bad = await calc(['run', 'hook.order'], '{"sizes":"6"}');
    expect(bad.status).toBe(2);
    expect(JSON.parse(bad.out)).toEqual({
      error: { code: 'invalid_input', message: 'sizes is "6"; it must be a list.', path: ['sizes'] },
    });
    expect(JSON.parse((await calc(['run', 'hook.order'], 'six')).out)).toMatchObject({
      error: { code: 'invalid_input' },
    });
    expect(JSON.parse((await calc(['run', 'no.such'])).out)).toMatchObject({
      error: { code: 'unknown_calculation' },
    });
  });

  it('answers a line for a line and never stops at a bad one', async () => {
    const lines = [
      '{"name":"hook.order","input":{"sizes":["1"]}}',
      'not json',
      '{"name":"no.such","input":{}}',
      '{"name":"pour.plan","input":{"demand":[{"key":"a","count":2}],"molds":[]}}',
      '{"input":{}}',
      '',
      '{"name":"build.weight","input":{"parts":[{"name":"a","massG":2,"count":3}]}}',
    ];
    const { status, out } = await calc(['batch'], `${lines.join('\n')}\n`);
    expect(status).toBe(0);
    const replies = out
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { ok: boolean; error?: { code: string } });
    expect(replies.map((reply) => (reply.ok ? 'ok' : reply.error?.code))).toEqual([
      'ok',
      'invalid_input',
      'unknown_calculation',
      'impossible',
      'invalid_input',
      'ok',
    ]);
  });

  it('says how it is used', async () => {
    expect(await calc([])).toMatchObject({ status: 2, out: '' });
  });

  it('is one with its process: what it says, what it complains of, and how it ends', () => {
    const root = join(__dirname, '..');
    // As `tsx cli/calc.ts`, without the process that only begins another.
    const spoken = (...args: string[]) =>
      spawnSync(process.execPath, ['--import', 'tsx', join(root, 'cli', 'calc.ts'), ...args], {
        input: '{"sizes":["3/0","6"]}',
        encoding: 'utf8',
        cwd: root,
      });
    expect(spoken('run', 'hook.order')).toMatchObject({ status: 0, stdout: '{"sorted":["#6","3/0"]}\n' });
    expect(spoken()).toMatchObject({ status: 2, stdout: '', stderr: expect.stringMatching(/^Usage:/) });
  });
});
