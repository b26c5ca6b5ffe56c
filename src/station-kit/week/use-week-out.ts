'use client';

import { sessionsFile } from '@/data/exchange/calendar';
import { weekSheetPdf } from '@/data/exchange/sheet/week-sheet';
import { sittingsOf, type PlacedTask } from '@/model/week/week-rows';
import { weekdayText } from '@/text/date-text';
import { minutesText } from '@/text/words';
import { useBench } from '../BenchProvider';
import { saveFile } from '../save-file';
import { usePrint } from '../use-print';
import type { WeekAnswer } from './use-week';
import { atText, taskText } from './week-words';

const MINUTE_MS = 60_000;

/** The week on paper, and its evenings as a calendar file. */
export function useWeekOut() {
  const { view, workshop } = useBench();
  const print = usePrint();
  return {
    print: (answer: WeekAnswer, placed: readonly PlacedTask[]) =>
      print({
        file: 'week',
        make: (fonts) =>
          weekSheetPdf(
            {
              title: 'The week at the bench',
              from: view.bench.name,
              sittings: sittingsOf(placed, answer.windows).map(
                ({ window: { day, fromMin, toMin }, tasks }) => ({
                  title: `${weekdayText(day)}, ${atText(answer.now, fromMin)} to ${atText(answer.now, toMin)}`,
                  says: `${minutesText(tasks.reduce((so, { minutes }) => so + minutes, 0) * 60)} of hands`,
                  rows: tasks.map((task) => ({
                    at: atText(answer.now, task.startMin),
                    says: taskText(task, answer.tickets),
                  })),
                }),
              ),
            },
            fonts,
          ),
      }),
    calendar: (answer: WeekAnswer, placed: readonly PlacedTask[]) =>
      saveFile(
        'week.ics',
        sessionsFile(
          'The week at the bench',
          sittingsOf(placed, answer.windows).map(({ window: { day, fromMin }, tasks }) => ({
            title: `Bench: ${minutesText(tasks.reduce((so, { minutes }) => so + minutes, 0) * 60)}`,
            startsAt: answer.now + fromMin * MINUTE_MS,
            endsAt: answer.now + Math.max(...tasks.map(({ endMin }) => endMin)) * MINUTE_MS,
            notes: tasks.map(
              (task) => `${atText(answer.now, task.startMin)} ${taskText(task, answer.tickets)}`,
            ),
            uid: `week-${day}-${Math.round(fromMin)}@ruvek`,
            savedAt: workshop.now(),
          })),
        ),
        'text/calendar',
      ),
  };
}
