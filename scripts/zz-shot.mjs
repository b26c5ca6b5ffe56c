import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const [, , out, url, w = '1280', h = '800', look = 'light', clickName = ''] = process.argv;
const c = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: look });
const p = await c.newPage();
p.on('console', (m) => {
  if (m.type() === 'error') console.log('console', m.text().slice(0, 300));
});
p.on('pageerror', (e) => console.log('pageerror', e.message));
await p.goto(url);
const t = Date.now();
await p
  .getByText(/Open after|No flaw|cannot be/)
  .first()
  .waitFor({ timeout: 60000 })
  .catch(() => console.log('no result'));
console.log('ms', Date.now() - t);
for (const name of clickName ? clickName.split('|') : []) {
  await p.getByRole('button', { name }).first().click();
  await p.waitForTimeout(15000);
}
await p.waitForTimeout(500);
await p.screenshot({ path: out, fullPage: process.env.FULL === '1' });
await b.close();
