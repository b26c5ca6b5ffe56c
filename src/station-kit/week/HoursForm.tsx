'use client';

import { Button, TimePicker } from 'antd';
import { Dialog } from '@/ui/dialog/Dialog';
import { Segmented } from '@/ui/choice/Segmented';
import dayjs from 'dayjs';
import { useState } from 'react';
import { overlapIn } from '@/model/week/bench-windows';
import { USUAL_WEEK, type Stretch, type Week } from '@/records/week';
import { weekdayText, pickedHour } from '@/text/date-text';
import { minutesText } from '@/text/words';
import { fields, row, stack } from '@/ui/layout/layout';
import { CountField } from '@/ui/unit-field/CountField';
import { FieldShell } from '@/ui/unit-field/FieldShell';

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
const NEW_STRETCH: Stretch = { fromMin: 19 * 60 + 30, toMin: 21 * 60 + 30 };
const MOST_TIMES = 4;

const clock = (minute: number) => dayjs().startOf('day').add(minute, 'minute');
const minuteOf = (time: dayjs.Dayjs) => time.hour() * 60 + time.minute();

interface HoursFormProps {
  readonly week: Week;
  readonly onSave: (week: Week) => void;
  readonly onClose: () => void;
}

/** When the maker is at the bench, weekday by weekday, and how many there are of hands and places. */
export function HoursForm({ week, onSave, onClose }: HoursFormProps) {
  const [draft, setDraft] = useState(week);
  const setDay = (day: number, times: readonly Stretch[]) =>
    setDraft({ ...draft, days: draft.days.map((own, nth) => (nth === day ? [...times] : own)) });
  const crossed = draft.days.findIndex(overlapIn);
  const allMin = draft.days.flat().reduce((so, { fromMin, toMin }) => so + toMin - fromMin, 0);
  const save = () => {
    onSave(draft);
    onClose();
  };
  return (
    <Dialog
      open
      title="When I am at the bench"
      okText="Keep"
      okButtonProps={{ disabled: crossed >= 0 }}
      onOk={save}
      onCancel={onClose}
      width={620}
    >
      <div className={stack(10)}>
        {draft.days.map((times, day) => (
          <div key={WEEKDAYS[day]} className={row(8)} role="group" aria-label={WEEKDAYS[day]}>
            <span style={{ width: 96 }}>{WEEKDAYS[day]}</span>
            {times.map(({ fromMin, toMin }, nth) => (
              <TimePicker.RangePicker
                // Stretches of a day have no name but their place.
                key={nth}
                aria-label={`${WEEKDAYS[day] ?? ''}, from and to`}
                format={pickedHour()}
                minuteStep={5}
                needConfirm={false}
                value={[clock(fromMin), clock(toMin)]}
                onChange={(next) => {
                  const [from, to] = [next?.[0], next?.[1]];
                  setDay(
                    day,
                    times.flatMap((own, at) =>
                      at !== nth
                        ? [own]
                        : from && to && minuteOf(to) > minuteOf(from)
                          ? [{ fromMin: minuteOf(from), toMin: minuteOf(to) }]
                          : [],
                    ),
                  );
                }}
              />
            ))}
            {times.length < MOST_TIMES ? (
              <Button
                size="small"
                aria-label={`Hours on ${WEEKDAYS[day] ?? ''}`}
                onClick={() => setDay(day, [...times, NEW_STRETCH])}
              >
                {times.length === 0 ? 'Not at the bench. Add hours' : 'And'}
              </Button>
            ) : null}
          </div>
        ))}
        {crossed >= 0 ? (
          <p role="alert" className="wrong">
            Two times on {WEEKDAYS[crossed]} overlap: let one end before the other begins.
          </p>
        ) : (
          <p className="quiet">{minutesText(allMin * 60)} a week. Hours are those of your own clock.</p>
        )}
        <div className={fields(12)}>
          <FieldShell id="hands" label="Pairs of hands">
            <Segmented
              id="hands"
              value={draft.hands}
              options={[1, 2]}
              onChange={(hands) => setDraft({ ...draft, hands })}
            />
          </FieldShell>
          {(['pots', 'ovens', 'vises'] as const).map((place) => (
            <CountField
              key={place}
              label={{ pots: 'Pots', ovens: 'Ovens', vises: 'Vises' }[place]}
              min={1}
              max={4}
              value={draft[place]}
              onChange={(count) => count !== null && setDraft({ ...draft, [place]: count })}
            />
          ))}
        </div>
        {draft.exceptions.length > 0 || draft.pins.length > 0 ? (
          <div className={row(8)}>
            {draft.exceptions.length > 0 ? (
              <Button onClick={() => setDraft({ ...draft, exceptions: [] })}>
                As usual again: {draft.exceptions.map(({ day }) => weekdayText(day)).join(', ')}
              </Button>
            ) : null}
            {draft.pins.length > 0 ? (
              <Button onClick={() => setDraft({ ...draft, pins: [] })}>
                Remove {draft.pins.length} {draft.pins.length === 1 ? 'pin' : 'pins'}
              </Button>
            ) : null}
            <Button onClick={() => setDraft(USUAL_WEEK)}>As is usual</Button>
          </div>
        ) : null}
      </div>
    </Dialog>
  );
}
