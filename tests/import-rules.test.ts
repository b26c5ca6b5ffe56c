import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, parse } from 'node:path';

type Line = readonly [file: string, code: string];

const BARRED: readonly Line[] = [
  ['src/core/units/hook-rank.ts', "import '@/reference/elements';"],
  ['src/core/units/hook-rank.ts', "import 'react';"],
  ['src/core/units/hook-rank.ts', "import 'zod';"],
  ['src/core/units/hook-rank.ts', "import 'node:fs';"],
  ['src/core/units/hook-rank.ts', "import '../../data/store';"],
  ['src/calculations/fields.ts', "import '@/records/bin';"],
  ['src/core/units/hook-rank.ts', "import type { Bin } from '@/records/bin';\nexport type Of = Bin;"],
  ['src/records/bin.ts', "import '@/data/store';"],
  ['src/records/bin.ts', "import 'dexie';"],
  ['src/data/store.ts', "import '@/station-kit/words';"],
  ['src/data/store.ts', "import '@/model/bench/bench-view';"],
  ['src/model/bench/bench-view.ts', "import '@/data/store';"],
  ['src/model/bench/bench-view.ts', "import '@/drawing/head-view';"],
  ['src/model/bench/bench-view.ts', "import '@/ui/figure/Figure';"],
  ['src/model/bench/bench-view.ts', "import 'react';"],
  ['src/station-kit/words.ts', "import '@/stations/pour';"],
  ['src/station-kit/words.ts', "import '@/app-shell/stops';"],
  ['src/app-shell/Clocks.tsx', "import '@/stations/pour';"],
  ['src/data/store.ts', "import 'antd';"],
  ['src/drawing/torn-edge.ts', "import 'react';"],
  ['src/text/sentence.ts', "import '@/model/bench/bench-view';"],
  ['src/ui/use-width.ts', "import '@/data/store';"],
  ['src/stations/pour/Pot.tsx', "import '@/demo/demo-bench';"],
  ['src/stations/pour/Pot.tsx', "import '../molds/cavity-facts';"],
  ['src/stations/pour/Pot.tsx', "import '../molds';"],
  ['src/stations/pour/Pot.tsx', "import '@/app-shell/stops';"],
  ['src/stations/molds/design/Design.tsx', "import '../../pour/Pot';"],
  ['src/stations/pour/Pot.tsx', "import '@/stations/molds';"],
  ['src/stations/pour/Pot.tsx', "import 'dexie';"],
  ['src/stations/pour/Pot.tsx', "import '@/devices/thermocouple/truth';"],
  ['src/app/look.tsx', "import '@/devices/thermocouple/truth';"],
  ['src/app/look.tsx', "import '@/stations/pour/Pot';"],
];

const ALLOWED: readonly Line[] = [
  ['src/core/units/hook-rank.ts', "import '../numeric/sum';"],
  ['src/calculations/fields.ts', "import '@/core/numeric/sum';"],
  ['src/stations/pour/Pot.tsx', "import '@/station-kit/use-now';"],
  ['src/stations/molds/design/Design.tsx', "import '../mold-draft';"],
  ['src/text/words.ts', "import '@/records/bin';"],
  ['src/model/bench/bench-view.ts', "import '@/text/words';"],
  ['src/station-kit/use-now.ts', "import '@/model/bench/bench-view';"],
  ['src/app-shell/Clocks.tsx', "import '@/station-kit/use-now';"],
  ['src/stations/pour/Pot.tsx', "import '@/ui/figure/Figure';"],
  ['src/app/look.tsx', "import '@/stations/pour';"],
  ['src/app/look.tsx', "import '@/stations/pour/definition';"],
];

const CORE = 'src/core/units/hook-rank.ts';
const POT = 'src/stations/pour/Pot.tsx';

/** Other rules, with a line that breaks each. */
const BROKEN: readonly (readonly [...Line, rule: string])[] = [
  [CORE, 'export const at = Date.now();', 'eslint(no-restricted-properties)'],
  [CORE, 'export const luck = Math.random();', 'eslint(no-restricted-properties)'],
  [
    POT,
    "import { useState } from 'react';\nexport const usePot = (on: boolean) => on && useState(0);",
    'react-hooks(rules-of-hooks)',
  ],
  [POT, 'export function Pot() {\n  return <p>{Math.random()}</p>;\n}', 'react(purity)'],
  [CORE, 'export const page = document.title;', 'eslint(no-restricted-globals)'],
];

const IMPORTS = 'eslint(no-restricted-imports)';
const ROOT = join(__dirname, '..');

let rules: string[][] = [];

/** Lints each line as if it alone stood in a file of its room: the rules that each breaks. */
function lint(lines: readonly Line[]): string[][] {
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-rooms-'));
  try {
    copyFileSync(join(ROOT, 'oxlint.config.mjs'), join(folder, 'oxlint.config.mjs'));
    const files = lines.map(([file, code], index) => {
      const { dir, ext } = parse(file);
      const path = join(dir, `line-${index}${ext}`);
      mkdirSync(join(folder, dir), { recursive: true });
      writeFileSync(join(folder, path), `${code}\n`);
      return path;
    });
    const args = [join(ROOT, 'node_modules', 'oxlint', 'bin', 'oxlint'), '-c', 'oxlint.config.mjs'];
    const done = spawnSync(process.execPath, [...args, '--format', 'json', '.'], {
      cwd: folder,
      encoding: 'utf8',
    });
    const { diagnostics } = JSON.parse(done.stdout) as { diagnostics: { code: string; filename: string }[] };
    return files.map((path) => diagnostics.flatMap((each) => (each.filename === path ? [each.code] : [])));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

beforeAll(() => {
  rules = lint([...BROKEN.map(([file, code]) => [file, code] as const), ...BARRED, ...ALLOWED]);
});

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
