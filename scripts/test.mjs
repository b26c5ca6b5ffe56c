// `npm test`: installs what it needs, then types, format, lint, unused code, unit tests, build, browser tests.
// Closes with one line, `N passed, N failed`, where each check that is no test of its own counts as one.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CHROMIUM } from './chromium.mjs';
import { bin, FORM, install, LINT, LINT_RULES, NEXT, root, run, runBeside, TYPES, UNIT } from './prepare.mjs';

const RESULTS = join(root, 'test-results');

let passed = 0;
let failed = 0;

/** How long each stage took, in the order in which they ended. */
const took = [];
const began = Date.now();

function note(name, from) {
  took.push([name, (Date.now() - from) / 1000]);
}

async function check(name, script, args, options = {}) {
  const from = Date.now();
  const isGood = (await runBeside(name, script, args, options)) === 0;
  note(name, from);
  if (isGood) passed += 1;
  else failed += 1;
  return isGood;
}

/** Adds a runner's own counts; a runner that left none, or that failed beyond its tests, counts as a failure. */
function count(name, exitCode, read) {
  let counts = { passed: 0, failed: 0 };
  try {
    counts = read();
  } catch (error) {
    process.stderr.write(
      `${name} left no results: ${error instanceof Error ? error.message : String(error)}\n`,
    );
  }
  passed += counts.passed;
  failed += counts.failed;
  if ((exitCode !== 0 && counts.failed === 0) || counts.passed + counts.failed === 0) failed += 1;
}

const readJson = (file) => JSON.parse(readFileSync(join(RESULTS, file), 'utf8'));

function installChromium() {
  if (existsSync(CHROMIUM)) return true;
  const canInstall = process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0;
  if (!canInstall) return false;
  process.stdout.write("\n== Chromium from Debian's packages\n");
  const apt = { DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update', '-qq'], apt);
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium-headless-shell'], apt);
  return existsSync(CHROMIUM);
}

const isFirst = !existsSync(join(root, '.next'));

install();
note('Install', began);
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

/** Types and the build need one core most of the time, and so do the unit tests: they go side by side. */
async function checkAndBuild() {
  await check('Types of the routes', NEXT, ['typegen']);
  await check('Format', FORM, ['--check', '.']);
  await check('Unused code', 'knip/bin/knip.js', []);
  const isTyped = await check('Types', TYPES, ['--noEmit']);
  await check('Lint', LINT, [...LINT_RULES, '.']);
  const env = {
    // The build checks types again unless told that they were.
    ...(isTyped ? { RUVEK_TYPES_CHECKED: '1' } : {}),
    ...(isFirst ? { RUVEK_FIRST_BUILD: '1' } : {}),
  };
  // The app as files first: what it leaves behind is built over by what the other journeys run on.
  const exported = await check('Export', '../scripts/export.mjs', [], { env, flags: [] });
  return (await check('Build', NEXT, ['build'], { env, flags: [] })) && exported;
}

async function unitTests() {
  const from = Date.now();
  const report = ['--silent', '--json', '--outputFile', join(RESULTS, 'unit.json')];
  const code = await runBeside('Unit tests', UNIT, report);
  note('Unit tests', from);
  count('jest', code, () => {
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = readJson('unit.json');
    return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites };
  });
}

const [isBuilt] = await Promise.all([checkAndBuild(), unitTests()]);

process.stdout.write('\n== Browser tests\n');
if (!isBuilt) {
  process.stderr.write('No build, so no browser tests.\n');
  failed += 1;
} else if (!installChromium()) {
  process.stderr.write(
    `No Chromium at ${CHROMIUM}. Install Debian's package chromium-headless-shell, or set CHROMIUM_PATH.\n`,
  );
  failed += 1;
} else {
  const from = Date.now();
  const journeys = run('node', [bin('@playwright/test/cli.js'), 'test']);
  count('playwright', journeys, () => {
    const { stats } = readJson('journeys.json');
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
  });
  note('Browser tests', from);
}

process.stdout.write('\n== Where the time went\n');
for (const [name, seconds] of took) process.stdout.write(`${seconds.toFixed(0).padStart(5)} s  ${name}\n`);
process.stdout.write(
  `${((Date.now() - began) / 60_000).toFixed(1).padStart(5)} min in all; checks and unit tests go side by side\n`,
);
process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 ? 0 : 1);
