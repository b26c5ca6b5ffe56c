// What both `npm run demo` and `npm test` need before they begin. Uses Node alone: on a fresh clone nothing else
// is there yet.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';

export const root = new URL('..', import.meta.url).pathname;

const QUIET = { NEXT_TELEMETRY_DISABLED: '1', PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };

/** The native compiler judges types in a sixth of the time; the build still rests on the other. */
export const TYPES = 'typescript-go/bin/tsc';
export const LINT = 'oxlint/bin/oxlint';
export const LINT_RULES = ['-c', 'oxlint.config.mjs'];
export const FORM = 'oxfmt/bin/oxfmt';
export const UNIT = 'jest/bin/jest.js';
export const NEXT = 'next/dist/bin/next';
/**
 * How Node runs what is over in minutes and reads much code for it: the quick compiler for all, the thorough one only for
 * what is truly hot (it took up to a fifth of the time), and room for what lives shortly (as much went into clearing it).
 */
export const SOON_OVER = ['--sparkplug', '--interrupt-budget=400000', '--max-semi-space-size=64'];

/** Runs a command in the project and gives its exit code; its words go straight to the terminal. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...QUIET, ...env },
  });
  return result.status ?? 1;
}

/**
 * Runs a package's script beside others; gives its exit code once its words are written, whole and under a name.
 * `flags` are for Node.
 */
export function runBeside(name, script, args, { env = {}, flags = SOON_OVER } = {}) {
  return new Promise((resolve) => {
    const child = spawn('node', [...flags, bin(script), ...args], {
      cwd: root,
      env: { ...process.env, ...QUIET, ...env },
    });
    const words = [];
    child.stdout.on('data', (chunk) => words.push(chunk));
    child.stderr.on('data', (chunk) => words.push(chunk));
    child.on('error', (error) => words.push(Buffer.from(`${error.message}\n`)));
    child.on('close', (code) => {
      process.stdout.write(`\n== ${name}\n${Buffer.concat(words).toString()}`);
      resolve(code ?? 1);
    });
  });
}

/** Installs from the lockfile where the last install was from another, or from none. */
export function install() {
  const stamp = join(root, 'node_modules', '.ruvek-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  process.stdout.write('Installing from the lockfile.\n');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    process.stderr.write('npm ci failed: is the npm registry reachable?\n');
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}

/** Node's script of a package, so that no shell and no npx stands between. */
export function bin(path) {
  return join(root, 'node_modules', path);
}

/** The newest change under what the build reads, in ms. */
export function newestSource(listFiles) {
  return Math.max(...listFiles().map((file) => statSync(join(root, file)).mtimeMs));
}
