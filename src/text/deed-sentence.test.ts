import { DEED_CODES } from '@/core/history/deed';
import { deedSentence } from './deed-sentence';

describe('what was done, in words', () => {
  it.each(DEED_CODES)('%s is told with its facts, none of them missing', (code) => {
    const facts = new Proxy<Record<string, string>>({}, { get: (_of, name) => `<${String(name)}>` });
    expect(deedSentence({ code, facts })).toMatch(/\w/);
    expect(deedSentence({ code, facts })).not.toMatch(/undefined|\{|\$/);
  });

  it('speaks of one and of many', () => {
    expect(deedSentence({ code: 'rack.hung', facts: { racks: 1 } })).toBe('Hang a rack');
    expect(deedSentence({ code: 'rack.hung', facts: { racks: 3 } })).toBe('Hang 3 racks');
  });

  it('gives the words of an older bench as they were', () => {
    expect(deedSentence({ code: 'told', facts: { text: 'Take 5 hooks' } })).toBe('Take 5 hooks');
  });
});
