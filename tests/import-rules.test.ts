import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

type Line = readonly [file: string, code: string];

const BARRED: readonly Line[] = [
  ['src/core/units/hook-rank.ts', "import '@/reference/elements';"],
  ['src/core/units/hook-rank.ts', "import 'react';"],
  ['src/core/units/hook-rank.ts', "import 'zod';"],
  ['src/core/units/hook-rank.ts', "import 'node:fs';"],
  ['src/core/units/hook-rank.ts', "import '../../data/store';"],
  ['src/calculations/fields.ts', "import '@/records/bin';"],
  ['src/records/bin.ts', "import '@/data/store';"],
  ['src/records/bin.ts', "import 'dexie';"],
  ['src/data/store.ts', "import '@/stations/shared';"],
  ['src/data/store.ts', "import 'antd';"],
  ['src/drawing/torn-edge.ts', "import 'react';"],
  ['src/messages/sentence.ts', "import '@/records/bin';"],
  ['src/ui/use-width.ts', "import '@/data/store';"],
  ['src/stations/pour/Pot.tsx', "import '@/demo/demo-bench';"],
  ['src/stations/pour/Pot.tsx', "import '../molds/cavity-facts';"],
  ['src/stations/pour/Pot.tsx', "import '../molds';"],
  ['src/stations/pour/Pot.tsx', "import '../shared/words';"],
  ['src/stations/pour/Pot.tsx', "import '@/stations/molds';"],
  ['src/stations/pour/Pot.tsx', "import 'dexie';"],
  ['src/stations/pour/Pot.tsx', "import '@/devices/thermocouple/truth';"],
  ['src/app/look.tsx', "import '@/devices/thermocouple/truth';"],
  ['src/app/look.tsx', "import '@/stations/pour/Pot';"],
];

const ALLOWED: readonly Line[] = [
  ['src/core/units/hook-rank.ts', "import '../numeric/sum';"],
  ['src/calculations/fields.ts', "import '@/core/numeric/sum';"],
  ['src/stations/pour/Pot.tsx', "import '../shared';"],
  ['src/stations/pour/Pot.tsx', "import '@/ui/figure/Figure';"],
  ['src/app/look.tsx', "import '@/stations/pour';"],
];

const CORE = 'src/core/units/hook-rank.ts';

/** Other rules, with a line that breaks each. */
const BROKEN: readonly (readonly [...Line, rule: string])[] = [
  [CORE, 'export const at = Date.now();', 'no-restricted-properties'],
  [CORE, 'export const luck = Math.random();', 'no-restricted-properties'],
  [CORE, 'export const page = document.title;', 'no-restricted-globals'],
];

const IMPORTS = '@typescript-eslint/no-restricted-imports';

let rules: string[][] = [];

beforeAll(() => {
  const lines = [...BROKEN, ...BARRED, ...ALLOWED].map(([file, code]) => ({ file, code }));
  const script = join(__dirname, 'support', 'lint-lines.mjs');
  const done = spawnSync(process.execPath, [script], { input: JSON.stringify(lines), encoding: 'utf8' });
  if (done.status !== 0) throw new Error(done.stderr);
  rules = JSON.parse(done.stdout) as string[][];
}, 120_000);

describe('the rooms', () => {
  it.each(BARRED.map((line, index) => [...line, index] as const))('%s may not: %s', (_file, _code, index) => {
    expect(rules[BROKEN.length + index]).toContain(IMPORTS);
  });

  it.each(ALLOWED.map((line, index) => [...line, index] as const))('%s may: %s', (_file, _code, index) => {
    expect(rules[BROKEN.length + BARRED.length + index]).not.toContain(IMPORTS);
  });

  it.each(BROKEN.map((line, index) => [...line, index] as const))(
    '%s may not: %s (%s)',
    (_file, _code, rule, index) => {
      expect(rules[index]).toContain(rule);
    },
  );
});
