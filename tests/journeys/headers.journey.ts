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

test('a body longer than the service takes is refused', async ({ request }) => {
  const long = await request.post('/api/calc/units.parse', {
    headers: { 'content-type': 'application/json' },
    data: `{"text":"${'9'.repeat(5 * 1024 * 1024)}","quantity":"mass"}`,
  });
  expect(long.status()).toBe(413);
  expect(await long.json()).toMatchObject({ error: { message: 'The input is over 4 MiB.' } });
});
