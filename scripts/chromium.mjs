import { existsSync } from 'node:fs';

/** Debian's Chromium without a window is a third quicker, and is the same browser; the one with a window will do. */
const WINDOWLESS = '/usr/bin/chromium-headless-shell';
const FOUND = [WINDOWLESS, '/usr/bin/chromium'].find((path) => existsSync(path));

/** The browser that journeys and measurements run in. */
export const CHROMIUM = process.env.CHROMIUM_PATH ?? FOUND ?? WINDOWLESS;
