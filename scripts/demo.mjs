// `npm run demo`: installs if needed, builds if needed, and serves the demo bench.
import { spawn } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { bin, install, newestSource, root, run } from './prepare.mjs';

const FIRST_PORT = Number(process.env.PORT ?? 3000);
const PORTS_TRIED = 20;
const NEXT = 'next/dist/bin/next';

function sources(folder = 'src') {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? sources(join(folder, entry.name)) : [join(folder, entry.name)],
  );
}

function isBuilt() {
  const id = join(root, '.next', 'BUILD_ID');
  if (!existsSync(id)) return false;
  const builtAt = statSync(id).mtimeMs;
  return (
    newestSource(() => [...sources(), 'package-lock.json', 'next.config.ts', 'tsconfig.json']) <= builtAt
  );
}

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

async function freePort() {
  for (let port = FIRST_PORT; port < FIRST_PORT + PORTS_TRIED; port += 1) {
    if (await isFree(port)) return port;
  }
  throw new Error(
    `No port from ${FIRST_PORT} to ${FIRST_PORT + PORTS_TRIED - 1} is free. Set PORT to one that is.`,
  );
}

install();
if (!isBuilt() && run('node', [bin(NEXT), 'build']) !== 0) process.exit(1);

const port = await freePort();
const server = spawn('node', [bin(NEXT), 'start', '-p', String(port)], {
  cwd: root,
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...process.env, RUVEK_BENCH: 'demo', NEXT_TELEMETRY_DISABLED: '1' },
});
let isTold = false;
server.stdout.on('data', (chunk) => {
  if (isTold || !String(chunk).includes('Ready')) return;
  isTold = true;
  process.stdout.write(`\nThe demo bench is open at http://localhost:${port}\nCtrl C closes it.\n`);
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
