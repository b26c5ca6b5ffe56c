import { STATIONS } from '../support/station-times';
import { expect, test } from './bench-test';

test('every answer says how it is to be taken', async ({ request }) => {
  for (const address of ['/ticket', '/molds', '/api/calc', '/offline-worker.js', '/no-such-page']) {
    const headers = (await request.get(address)).headers();
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-frame-options']).toBe('DENY');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['cross-origin-opener-policy']).toBe('same-origin');
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
    expect(headers['permissions-policy']).toContain('microphone=()');
    expect(headers['permissions-policy']).toContain('camera=(self)');
  }
});

test('scripts run by the mark of their answer alone, and no page goes against that', async ({
  page,
  request,
}) => {
  const policies = await Promise.all(
    ['/ticket', '/ticket'].map(
      async (address) => (await request.get(address)).headers()['content-security-policy'] ?? '',
    ),
  );
  const scripts = policies.map((policy) => /script-src ([^;]*)/.exec(policy)?.[1] ?? '');
  for (const allowed of scripts) {
    expect(allowed).toMatch(/'nonce-[^']+'/);
    expect(allowed).not.toMatch(/unsafe-inline|'unsafe-eval'|\*/);
  }
  expect(scripts[0]).not.toBe(scripts[1]);
  const breaches: string[] = [];
  page.on('console', (said) => {
    if (/Content Security Policy|Permissions-Policy/.test(said.text())) breaches.push(said.text());
  });
  for (const station of STATIONS) {
    await page.goto(`/${station}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // What would get into a page does not run.
  const ran = await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.gotIn = true';
    document.body.append(script);
    return 'gotIn' in window;
  });
  expect(ran).toBe(false);
  expect(breaches.filter((text) => !text.includes('inline script'))).toEqual([]);
});

test('a body longer than the service takes is refused', async ({ request }) => {
  const long = await request.post('/api/calc/units.parse', {
    headers: { 'content-type': 'application/json' },
    data: `{"text":"${'9'.repeat(5 * 1024 * 1024)}","quantity":"mass"}`,
  });
  expect(long.status()).toBe(413);
  expect(await long.json()).toMatchObject({ error: { message: 'The input is over 4 MiB.' } });
});
