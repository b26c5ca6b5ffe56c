import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');

/** What the project's own lint says of two files. */
function judge(a: string, b: string): { status: number | null; out: string } {
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-circle-'));
  try {
    const write = (name: string, text: string) => writeFileSync(join(folder, name), text);
    symlinkSync(join(ROOT, 'node_modules'), join(folder, 'node_modules'));
    write('a.ts', a);
    write('b.ts', b);
    const oxlint = join(ROOT, 'node_modules', 'oxlint', 'bin', 'oxlint');
    const rules = ['-c', join(ROOT, 'oxlint.config.mjs'), 'a.ts', 'b.ts'];
    const done = spawnSync(process.execPath, [oxlint, ...rules], { cwd: folder, encoding: 'utf8' });
    return { status: done.status, out: `${done.stdout}${done.stderr}` };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

describe('files that import one another in a circle', () => {
  it.each([
    ['what runs', "import { b } from './b';\nexport const a = () => b();\n"],
    ['types alone', "import type { b } from './b';\nexport const a = (of: typeof b) => of;\n"],
  ])('are refused by name: %s', (_what, a) => {
    const { status, out } = judge(a, "import { a } from './a';\nexport const b = (): unknown => a;\n");
    expect(status).toBe(1);
    expect(out).toMatch(/no-cycle[^]*a\.ts/);
  });

  it('are no circle where one imports the other', () => {
    const { status, out } = judge(
      "import { b } from './b';\nexport const a = () => b({ n: 1 });\n",
      'export const b = (a: { readonly n: number }) => a.n;\n',
    );
    expect(out).toContain('0 errors');
    expect(status).toBe(0);
  });
});
