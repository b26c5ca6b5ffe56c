import { changeSentence } from './change-sentence';
import { IN_BASE_UNITS } from './writer';

const from = { family: 'tin', solidusC: 227, bearsC: 202 } as const;

describe('what a charge would do, in words', () => {
  it('says what it becomes, from when it melts, what it bears no more', () => {
    const to = { family: 'lead', solidusC: 183, bearsC: 158 } as const;
    expect(changeSentence({ into: 'Pewter', added: ['Lot 14'], from, to }, IN_BASE_UNITS)).toBe(
      'Lot 14 would make Pewter a metal with lead in it; it would melt from 183 C, not from 227 C. Its castings would bear no oven over 158 C, where they bear 202 C now. It cannot be taken out again: leave it out, or say that you mean it.',
    );
  });

  it('says where nobody knows', () => {
    const to = { family: 'tin', solidusC: null, bearsC: null } as const;
    const said = changeSentence({ into: 'Tin', added: ['A', 'B'], from, to }, IN_BASE_UNITS);
    expect(said).toContain('A and B would make Tin melt at a heat that nobody knows');
    expect(said).toContain('could go into no oven');
  });
});
