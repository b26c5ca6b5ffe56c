import dayjs from 'dayjs';
import {
  dateText,
  dayText,
  hourText,
  letterDateText,
  momentText,
  pickedDate,
  pickedDay,
  weekdayText,
  writeDatesIn,
} from './date-text';

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

describe('written in another way', () => {
  const at = new Date(2026, 10, 28, 14, 5).getTime();
  afterEach(() => writeDatesIn({ dates: 'month-first', clock: '24' }));

  it('puts the day first', () => {
    writeDatesIn({ dates: 'day-first', clock: '24' });
    expect([dayText(at), weekdayText(at), dateText(at), letterDateText(at), momentText(at)]).toEqual([
      '28 Nov',
      'Sat 28 Nov',
      '28 Nov 2026',
      '28 November 2026',
      '28 Nov, 14:05',
    ]);
  });

  it('counts twelve hours', () => {
    writeDatesIn({ dates: 'month-first', clock: '12' });
    expect(momentText(at)).toBe('Nov 28, 2:05 pm');
    expect(hourText(new Date(2026, 10, 28, 0, 30).getTime())).toBe('12:30 am');
  });

  it('is how a field writes the day that was picked', () => {
    writeDatesIn({ dates: 'day-first', clock: '24' });
    expect([dayjs(at).format(pickedDay()), dayjs(at).format(pickedDate())]).toEqual([
      'Sat 28 Nov',
      '28 Nov 2026',
    ]);
  });
});
