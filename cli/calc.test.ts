import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');

function calc(args: string[], input = ''): { status: number | null; out: string } {
  // As `tsx cli/calc.ts`, without the process that only begins another.
  const done = spawnSync(process.execPath, ['--import', 'tsx', join(ROOT, 'cli', 'calc.ts'), ...args], {
    input,
    encoding: 'utf8',
    cwd: ROOT,
  });
  return { status: done.status, out: done.stdout };
}

describe('the command line', () => {
  it('lists names and summaries', () => {
    const { status, out } = calc(['list']);
    expect(status).toBe(0);
    const list = JSON.parse(out) as { name: string; summary: string }[];
    expect(list.find(({ name }) => name === 'hook.order')?.summary).toContain('smallest hook first');
  });

  it('gives the schemas of one', () => {
    const { out } = calc(['schema', 'hook.order']);
    expect(JSON.parse(out)).toMatchObject({
      input: { required: ['sizes'] },
      output: { required: ['sorted'] },
    });
    expect(calc(['schema', 'no.such'])).toMatchObject({ status: 2 });
  });

  it('answers one input, and exits 2 on a bad one', () => {
    expect(calc(['run', 'hook.order'], '{"sizes":["3/0","6"]}')).toEqual({
      status: 0,
      out: '{"sorted":["#6","3/0"]}\n',
    });
    const bad = calc(['run', 'hook.order'], '{"sizes":"6"}');
    expect(bad.status).toBe(2);
    expect(JSON.parse(bad.out)).toEqual({
      error: { code: 'invalid_input', message: 'sizes is "6"; it must be a list.', path: ['sizes'] },
    });
    expect(JSON.parse(calc(['run', 'hook.order'], 'six').out)).toMatchObject({
      error: { code: 'invalid_input' },
    });
    expect(JSON.parse(calc(['run', 'no.such']).out)).toMatchObject({
      error: { code: 'unknown_calculation' },
    });
  });

  it('answers a line for a line and never stops at a bad one', () => {
    const lines = [
      '{"name":"hook.order","input":{"sizes":["1"]}}',
      'not json',
      '{"name":"no.such","input":{}}',
      '{"name":"pour.plan","input":{"demand":[{"key":"a","count":2}],"molds":[]}}',
      '{"input":{}}',
      '',
      '{"name":"build.weight","input":{"parts":[{"name":"a","massG":2,"count":3}]}}',
    ];
    const { status, out } = calc(['batch'], `${lines.join('\n')}\n`);
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

  it('says how it is used', () => {
    expect(calc([])).toMatchObject({ status: 2, out: '' });
  });
});
