import { allOnHandText, onHandText } from './on-hand-text';

describe('how much metal lies there', () => {
  const lots = [{ id: 'a' }, { id: 'b' }];

  it('is said by weight where it was weighed, an empty bin too', () => {
    const levels = new Map([
      ['a', 2268],
      ['b', 0],
    ]);
    expect(onHandText(lots[0]!, levels, 'g')).toBe('2.27 kg');
    expect(onHandText(lots[1]!, levels, 'g')).toBe('0 g');
    expect(allOnHandText(lots, levels, 'g')).toBe('2.27 kg');
  });

  it('is not said to be none where nobody weighed it', () => {
    const none = new Map<string, number>();
    expect(onHandText(lots[0]!, none, 'oz')).toBe('not weighed yet');
    expect(allOnHandText(lots, none, 'oz')).toBe('to be weighed');
    expect(allOnHandText([], none, 'oz')).toBe('nothing');
    expect(allOnHandText(lots, new Map([['b', 100]]), 'g')).toBe('100 g');
  });
});
