import { chromium } from '@playwright/test';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const [, , script] = process.argv;
const mod = await import(script);
await mod.default(browser);
await browser.close();
