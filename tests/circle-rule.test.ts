import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');

/** What the project's own rules for unused code and circles say of two files. */
function judge(a: string, b: string): { status: number | null; out: string } {
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-circle-'));
  try {
    const { include, rules } = JSON.parse(readFileSync(join(ROOT, 'knip.json'), 'utf8')) as Record<
      string,
      unknown
    >;
    const write = (name: string, text: string) => writeFileSync(join(folder, name), text);
    write('package.json', '{ "name": "circle", "version": "1.0.0" }');
    write('knip.json', JSON.stringify({ include, rules, entry: ['a.ts'], project: ['*.ts'] }));
    write('a.ts', a);
    write('b.ts', b);
    const knip = join(ROOT, 'node_modules', 'knip', 'bin', 'knip.js');
    const done = spawnSync(process.execPath, [knip], { cwd: folder, encoding: 'utf8' });
    return { status: done.status, out: `${done.stdout}${done.stderr}` };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

describe('files that import one another in a circle', () => {
  it('are refused by name', () => {
    const { status, out } = judge(
      "import { b } from './b';\nexport const a = () => b();\n",
      "import { a } from './a';\nexport const b = (): unknown => a;\n",
    );
    expect(status).toBe(1);
    expect(out).toMatch(/Circular dependencies \(1\)\s+[ab]\.ts → [ab]\.ts/);
  });

  it('may know one another’s types, and one may import the other', () => {
    const { status, out } = judge(
      "import { b } from './b';\nexport interface A { readonly n: number }\nconsole.info(b({ n: 1 }));\n",
      "import type { A } from './a';\nexport const b = (a: A) => a.n;\n",
    );
    expect(out).toBe('');
    expect(status).toBe(0);
  });
});
