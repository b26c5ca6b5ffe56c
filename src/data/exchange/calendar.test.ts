import { calendarFile, deliveriesFile, sessionsFile } from './calendar';

const START = Date.UTC(2026, 10, 27, 18);

describe('calendarFile', () => {
  it('writes a session in UTC with an alarm, the same one when it is saved again', () => {
    const session = {
      title: 'Pour',
      startsAt: START,
      endsAt: START + 36e5,
      uid: 'session-1@ruvek',
      notes: ['18:00 melt', '18:40 Block A'],
      savedAt: START - 1e3,
    };
    const file = calendarFile(session);
    expect(file).toContain('DTSTART:20261127T180000Z');
    expect(file).toContain('DTEND:20261127T190000Z');
    expect(file).toContain('TRIGGER:-PT30M');
    expect(file).toContain('UID:session-1@ruvek');
    expect(calendarFile({ ...session, savedAt: START })).toContain('UID:session-1@ruvek');
  });
});

describe('sessionsFile', () => {
  it('writes each sitting of a week, each with its alarm and what is done in it', () => {
    const sitting = (day: number) => ({
      title: 'Bench: 2 h 0 min',
      startsAt: START + day * 864e5,
      endsAt: START + day * 864e5 + 72e5,
      uid: `week-${day}@ruvek`,
      notes: ['19:30 Melt and pour', '20:44 Dress, 40 heads'],
      savedAt: START - 1e3,
    });
    const file = sessionsFile('The week', [sitting(0), sitting(1)]);
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(file.match(/BEGIN:VALARM/g)).toHaveLength(2);
    expect(file).toContain('DTSTART:20261128T180000Z');
    expect(file).toContain('20:44 Dress\\, 40 heads');
    expect(sessionsFile('The week', [])).toMatch(/^BEGIN:VCALENDAR[\s\S]*END:VCALENDAR$/);
  });
});

describe('deliveriesFile', () => {
  it('writes a whole day each, on the very day, wherever the bench is', () => {
    const file = deliveriesFile(
      [
        { uid: 'a@ruvek', title: 'Order 3, Quayside parts', day: '2026-11-30', notes: ['2 packs of beads'] },
        { uid: 'b@ruvek', title: 'Order 4', day: '2027-01-01', notes: [] },
      ],
      START,
    );
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(file).toContain('DTSTART;VALUE=DATE:20261130');
    expect(file).toContain('DTSTART;VALUE=DATE:20270101');
    expect(file).toContain('2 packs of beads');
  });

  it('is an empty calendar where nothing is on its way', () => {
    expect(deliveriesFile([], START)).toMatch(/^BEGIN:VCALENDAR[\s\S]*END:VCALENDAR$/);
  });
});
