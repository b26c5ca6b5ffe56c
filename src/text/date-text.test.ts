import { dateText, dayText, letterDateText, momentText, weekdayText } from './date-text';

it('says a day as it is said, whichever way it is kept', () => {
  const day = '2026-11-28';
  const at = new Date(2026, 10, 28, 14, 5).getTime();
  for (const each of [day, at]) {
    expect([dayText(each), weekdayText(each), dateText(each), letterDateText(each)]).toEqual([
      'Nov 28',
      'Sat Nov 28',
      'Nov 28, 2026',
      'November 28, 2026',
    ]);
  }
  expect(momentText(at)).toBe('Nov 28, 14:05');
});
