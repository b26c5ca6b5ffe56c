import { findClashes, STUFFS } from '@/core/stock/clashes';
import { clashSentence } from './clash-sentence';

it('has words of its own for every clash there is, and says what to do', () => {
  const things = STUFFS.map((stuff) => ({ id: stuff, stuff }));
  const said = findClashes(things).map(({ why }) => clashSentence(why, 'Worms', 'Cranks'));
  expect(said.length).toBeGreaterThan(3);
  for (const text of said) expect(text).toMatch(/^Worms and Cranks.*Put them into two drawers/);
  expect(said).not.toContain(clashSentence('unheard of', 'Worms', 'Cranks'));
});
