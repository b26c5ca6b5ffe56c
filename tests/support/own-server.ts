import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { expect, test } from '@playwright/test';

/** A server of a journey's own: the one beside the other journeys must go on as it is. */
export interface OwnServer {
  readonly home: string;
  readonly stop: () => Promise<void>;
}

/** Ports between those of one kind of server in two workers of the suite: each worker has its own, and ends it. */
const APART = 100;

/** A port `beyond` the usual one that no other worker of the suite takes. */
export const ownPort = (beyond: number): number =>
  Number(process.env.RUVEK_TEST_PORT ?? 3217) + beyond + APART * test.info().parallelIndex;

/** Starts the built app on such a port, and waits until it answers. */
export async function startServer(bench: 'demo' | 'empty', beyond: number): Promise<OwnServer> {
  const port = ownPort(beyond);
  const home = `http://127.0.0.1:${port}`;
  const server: ChildProcess = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    { env: { ...process.env, RUVEK_BENCH: bench, NEXT_TELEMETRY_DISABLED: '1' }, stdio: 'ignore' },
  );
  const answers = () =>
    fetch(`${home}/api/calc`).then(
      ({ ok }) => ok,
      () => false,
    );
  await expect.poll(answers).toBe(true);
  return {
    home,
    async stop() {
      if (server.exitCode !== null || server.signalCode !== null) return;
      const ended = once(server, 'exit');
      server.kill('SIGKILL');
      await ended;
      await expect(fetch(`${home}/api/calc`)).rejects.toThrow();
    },
  };
}
