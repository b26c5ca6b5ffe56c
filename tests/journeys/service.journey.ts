import { expect, test, type APIRequestContext } from '@playwright/test';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { bender } from '../support/bend-input';

/** `RUVEK_FUZZ_CALLS=10000` asks for more. */
const CALLS = Number(process.env.RUVEK_FUZZ_CALLS ?? 400);
const START = Number(process.env.RUVEK_FUZZ_START ?? 20_612);
const SIDE_BY_SIDE = 3;

/** More blocks than a proof can be found for in time. */
const LONG_PLAN = {
  demand: Array.from({ length: 40 }, (_, key) => ({ key: `k${key}`, count: 61 + 17 * key })),
  molds: Array.from({ length: 250 }, (_, mold) => ({
    id: `m${mold}`,
    cavities: Array.from({ length: 7 }, (_each, cavity) => `k${(mold * 7 + cavity * 3) % 40}`),
    secondsPerPour: 31 + ((mold * 37) % 41),
    setupSeconds: 200 + ((mold * 91) % 333),
  })),
};

// Both ask of the same few threads.
test.describe.configure({ mode: 'default' });

const ask = (request: APIRequestContext, name: string, data: unknown) =>
  request.post(`/api/calc/${name}`, { data: JSON.stringify(data), timeout: 0 });

test('bent calls are answered or refused in words, and never break the service', async ({ request }) => {
  const random = repeatableRandom(START);
  const bend = bender(START);
  const told = new Map<number, number>();
  const broke: string[] = [];
  const named = (await (await request.get('/api/calc')).json()) as { name: string }[];
  const published = await Promise.all(
    named.map(
      async ({ name }) =>
        (await (await request.get(`/api/calc/${name}`)).json()) as { name: string; example: unknown },
    ),
  );
  expect(published.length).toBeGreaterThan(50);
  const lane = async () => {
    for (let nth = 0; nth < CALLS / SIDE_BY_SIDE; nth += 1) {
      const calculation = published[Math.floor(random() * published.length)]!;
      const input = bend(calculation.example);
      const answer = await ask(request, calculation.name, input);
      const text = await answer.text();
      told.set(answer.status(), (told.get(answer.status()) ?? 0) + 1);
      const said = JSON.parse(text) as { error?: { message?: string } };
      const isSound = answer.status() < 500 && (answer.ok() || (said.error?.message ?? '').length > 9);
      if (!isSound) broke.push(`${calculation.name} ${JSON.stringify(input).slice(0, 400)} ${text}`);
    }
  };
  await Promise.all(Array.from({ length: SIDE_BY_SIDE }, lane));
  expect(broke).toEqual([]);
  expect(told.get(200) ?? 0).toBeGreaterThan(CALLS / 10);
  expect(told.get(400) ?? 0).toBeGreaterThan(CALLS / 10);
  test.info().annotations.push({ type: 'answers', description: JSON.stringify([...told]) });
});

test('a short question is answered while long ones are worked on, and too many long ones are told to come back', async ({
  request,
}) => {
  let isLongDone = false;
  const long = Promise.all(Array.from({ length: 5 }, () => ask(request, 'pour.plan', LONG_PLAN))).then(
    (answers) => {
      isLongDone = true;
      return answers;
    },
  );
  const short = await ask(request, 'hook.order', { sizes: ['3/0', '6'] });
  expect(await short.json()).toEqual({ sorted: ['#6', '3/0'] });
  expect(isLongDone).toBe(false);
  const answers = await long;
  const statuses = answers.map((answer) => answer.status());
  expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(1);
  const busy = answers.find((answer) => answer.status() === 429);
  expect(busy?.headers()['retry-after']).toBe('5');
  expect(await busy?.json()).toMatchObject({ error: { code: 'busy' } });
  for (const status of statuses) expect([200, 422, 429]).toContain(status);
});
