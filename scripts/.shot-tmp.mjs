import { chromium } from '@playwright/test';
const [,, base, out, ...rest] = process.argv;
const opts = JSON.parse(rest[0] ?? '{}');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: opts.w ?? 1280, height: opts.h ?? 800 }, reducedMotion: 'reduce' });
page.on('pageerror', e => console.log('PAGEERROR', e.message));
page.on('console', m => m.type()==='error' && console.log('CONSOLE', m.text().slice(0,300)));
await page.goto(base + (opts.path ?? '/dress'));
await page.getByRole('navigation', { name: 'Stations' }).waitFor();
await page.waitForTimeout(1200);
if (opts.shed) await page.getByRole('button', { name: /Shed look/ }).click();
for (const step of opts.steps ?? []) {
  const [what, role, name, extra] = step;
  if (what === 'click') await page.getByRole(role, { name, exact: extra === 'exact' }).first().click();
  if (what === 'text') await page.getByText(role, { exact: true }).first().click();
  if (what === 'wait') await page.waitForTimeout(role);
  if (what === 'fill') await page.getByRole('textbox', { name: role }).first().fill(name);
  if (what === 'key') await page.keyboard.press(role);
  if (what === 'shot') { await page.waitForTimeout(500); await page.screenshot({ path: `${out}-${role}.png` }); }
  if (what === 'scroll') await page.mouse.wheel(0, role);
}
await page.waitForTimeout(600);
await page.screenshot({ path: `${out}.png`, fullPage: opts.full ?? false });
const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
if (wide > 0) console.log('WIDE', wide);
await browser.close();
