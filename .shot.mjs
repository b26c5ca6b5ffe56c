import { chromium } from '@playwright/test';
const [, , out, width = '1280', height = '800', look = 'day', ...steps] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: +width, height: +height } });
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
await page.addInitScript((l) => localStorage.setItem('ruvek-screen', JSON.stringify({ look: l })), look);
await page.goto('http://127.0.0.1:3400/rig');
await page.getByRole('radiogroup', { name: 'What to do' }).waitFor({ timeout: 60000 });
for (const s of steps) {
  const [kind, ...rest] = s.split(':');
  const arg = rest.join(':');
  if (kind === 'tab')
    await page.getByRole('radiogroup', { name: 'What to do' }).getByText(arg, { exact: true }).click();
  if (kind === 'btn') await page.getByRole('button', { name: arg, exact: true }).first().click();
  if (kind === 'text') await page.getByText(arg, { exact: true }).first().click();
  if (kind === 'press') await page.keyboard.press(arg);
  if (kind === 'wait') await page.waitForTimeout(+arg);
  if (kind === 'scroll') await page.mouse.wheel(0, +arg);
  if (kind === 'new') {
    await page.getByRole('button', { name: 'New rig' }).click();
    await page.getByRole('menuitem', { name: arg }).click();
  }
}
await page.waitForTimeout(700);
await page.screenshot({ path: out });
await browser.close();
