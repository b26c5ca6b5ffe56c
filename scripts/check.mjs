// `npm run check`: types, and the lint, the form and the unit tests of what changed since main (or since the commit
// that is named: `npm run check -- HEAD~3`). On main itself that is what is not committed yet.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { FORM, install, LINT, LINT_RULES, NEXT, root, runBeside, TYPES, UNIT } from './prepare.mjs';

const began = Date.now();
const git = (...args) =>
  spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);

const base = process.argv[2] ?? 'main';
const [from = 'HEAD'] = git('merge-base', 'HEAD', base);
const changed = [
  ...git('diff', '--name-only', from),
  ...git('ls-files', '--others', '--exclude-standard'),
].filter((file) => existsSync(join(root, file)));
const code = changed.filter((file) => /\.(ts|tsx|mjs)$/.test(file));

install();
const types = async () =>
  (await runBeside('Types of the routes', NEXT, ['typegen'])) +
  (await runBeside('Types', TYPES, ['--noEmit']));
const form = () => runBeside('Format', FORM, ['--check', '--no-error-on-unmatched-pattern', ...changed]);
const lint = () => runBeside('Lint', LINT, [...LINT_RULES, ...code]);
const unit = () => runBeside('Unit tests', UNIT, ['--findRelatedTests', '--passWithNoTests', ...code]);

const lintAndTest = async () => (await lint()) + (await unit());
const worst = await Promise.all([
  types(),
  ...(changed.length > 0 ? [form()] : []),
  ...(code.length > 0 ? [lintAndTest()] : []),
]);
const failed = worst.filter((exit) => exit !== 0).length;
process.stdout.write(
  `\n${changed.length} changed files since ${base} checked in ${((Date.now() - began) / 1000).toFixed(0)} s: ${failed === 0 ? 'all good' : 'see above'}\n`,
);
process.exit(failed === 0 ? 0 : 1);
