import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';

export interface CalendarSession {
  readonly title: string;
  readonly startsAt: number;
  readonly endsAt: number;
  /** A line each: what is done when. */
  readonly notes: readonly string[];
  /** Stays the same when the session is saved again, so that a calendar moves it instead of doubling it. */
  readonly uid: string;
  readonly savedAt: number;
}

/** Warned so long before, s: time to lay out and to look for what is missing. */
const ALARM_BEFORE_S = 1800;

/**
 * A session as a calendar file (RFC 5545). Instants in ms, written in UTC.
 *
 * @example calendarFile({ title: 'Pour', startsAt: 0, endsAt: 3_600_000, notes: [], uid: 'a', savedAt: 0 })
 * // 'BEGIN:VCALENDAR...'
 */
export function calendarFile(session: CalendarSession): string {
  const calendar = ical({ name: session.title, method: ICalCalendarMethod.PUBLISH });
  calendar.prodId({ company: 'Ruvek', product: 'Ruvek' });
  const event = calendar.createEvent({
    id: session.uid,
    start: new Date(session.startsAt),
    end: new Date(session.endsAt),
    stamp: new Date(session.savedAt),
    summary: session.title,
    description: session.notes.join('\n'),
  });
  event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE_S, description: session.title });
  return calendar.toString();
}
