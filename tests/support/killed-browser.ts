import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, type Browser, type Page } from '@playwright/test';
import { CHROMIUM } from '../../scripts/chromium.mjs';

/** A browser of a journey's own that is killed and opened again on the same profile, as when the power goes. */
export class KilledBrowser {
  readonly #profile = mkdtempSync(join(tmpdir(), 'ruvek-profile-'));
  #process: ChildProcess | null = null;
  #browser: Browser | null = null;

  /** Opens it; gives its page. */
  async open(): Promise<Page> {
    const portFile = join(this.#profile, 'DevToolsActivePort');
    rmSync(portFile, { force: true });
    this.#process = spawn(
      CHROMIUM,
      [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--remote-debugging-port=0',
        `--user-data-dir=${this.#profile}`,
        'about:blank',
      ],
      { detached: true, stdio: 'ignore' },
    );
    const port = () => {
      try {
        return Number(readFileSync(portFile, 'utf8').split('\n')[0]);
      } catch {
        return 0;
      }
    };
    await expect.poll(port).toBeGreaterThan(0);
    this.#browser = await chromium.connectOverCDP(`http://127.0.0.1:${port()}`);
    const [context] = this.#browser.contexts();
    if (!context) throw new Error('the browser has no context');
    return context.pages()[0] ?? context.newPage();
  }

  /** Ends all of its processes at once, whatever they are at. */
  async kill(): Promise<void> {
    const killed = this.#process;
    if (!killed?.pid) return;
    const ended = once(killed, 'exit');
    process.kill(-killed.pid, 'SIGKILL');
    await ended;
    await this.#browser?.close().catch(() => undefined);
    [this.#process, this.#browser] = [null, null];
  }

  async clearAway(): Promise<void> {
    await this.kill();
    rmSync(this.#profile, { recursive: true, force: true, maxRetries: 5 });
  }
}
