import type { Bin } from '@/records/bin';
import { calendarFile } from './calendar';
import { shelfCsv } from './csv';

describe('text that means something to who reads the file', () => {
  it.each(['=1+1', '+1', '-1', '@sum', '\t=1', '\r=1'])('is no formula in CSV: %j', (name) => {
    const bin = { name, kind: 'part', place: '', unit: 'pieces', lowAt: null } as unknown as Bin;
    const [, row = ''] = shelfCsv([{ bin, onHand: 1, promised: 0, free: 1 }]).split('\r\n');
    expect(row.replace(/^"/, '').startsWith(`'${name}`)).toBe(true);
  });

  it('is folded and escaped in a calendar', () => {
    const title = `Pour; eggs, ${'and more '.repeat(20)}\nEND:VCALENDAR`;
    const file = calendarFile({
      title,
      startsAt: 0,
      endsAt: 3_600_000,
      notes: ['a\r\nBEGIN:VEVENT'],
      uid: 'a',
      savedAt: 0,
    });
    const lines = file.split('\r\n');
    expect(Math.max(...lines.map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
    const unfolded = file.replaceAll('\r\n ', '').split('\r\n');
    expect(unfolded.filter((line) => line === 'END:VCALENDAR')).toHaveLength(1);
    expect(unfolded.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
    expect(unfolded.find((line) => line.startsWith('SUMMARY:'))).toContain('Pour\\; eggs\\, and more');
  });
});
