import { expect, test } from './bench-test';

test('a calculation example can be changed and run, and says what is wrong', async ({ page, request }) => {
  await page.goto('/calculations');
  const card = page.getByRole('form', { name: 'Example of units.parse' });
  await card.getByRole('textbox').fill('{"text":"2 lb 3 oz","quantity":"mass"}');
  await card.getByRole('button', { name: 'Run' }).click();
  await expect(card.getByRole('status')).toContainText('992.2333');
  await card.getByRole('textbox').fill('{"text":"-2 lb","quantity":"mass"}');
  await card.getByRole('button', { name: 'Run' }).click();
  await expect(card.getByRole('status')).toContainText('below zero');

  const list = (await (await request.get('/api/calc')).json()) as { name: string }[];
  expect(list.map(({ name }) => name)).toContain('pour.plan');
  for (const [name, data, status] of [
    ['pour.plan', { demand: [{ key: 'a', count: 2 }], molds: [] }, 422],
    ['nothing.here', {}, 404],
    ['build.weight', { parts: [] }, 400],
  ] as const) {
    const reply = await request.post(`/api/calc/${name}`, { data });
    expect(reply.status()).toBe(status);
    expect(await reply.json()).toHaveProperty('error.message');
  }
});
