import type { TicketWare } from '@/records/ticket';
import { wareLeft, wareName, wareRecord } from '../bills/promises';
import { cementTasks, handPace, handTasks, type TaskFacts } from './line-tasks';
import type { WeekTask } from './week-task';

/**
 * What is still to be made of a ware: what lies finished on the shelf goes first. Nothing for what is bought.
 *
 * @example wareTasks(ware, 'ticket-3', new Map(), facts)[0]?.kind // 'build'
 */
export function wareTasks(
  ware: TicketWare,
  ticketId: string,
  free: Map<string, number>,
  { view, mostMin }: TaskFacts,
): WeekTask[] {
  const { left } = wareLeft(ware, view, free);
  const piece = wareRecord(ware, view);
  if (left === 0 || !piece || piece.kind === 'bin') return [];
  const base = { ticketIds: [ticketId], after: [] };
  switch (piece.kind) {
    case 'build': {
      const { family, kind, id } = piece.build;
      return handTasks(
        { ...base, id: `build:${ware.id}`, kind: 'build', place: null, href: `/build?part=board&bait=${id}` },
        left,
        wareName(ware, view),
        handPace({ stage: 'build', family, kind }, view),
        mostMin,
      );
    }
    case 'rig': {
      const { family, kind, id } = piece.rig;
      return handTasks(
        { ...base, id: `rig:${ware.id}`, kind: 'rig', place: null, href: `/rig?part=board&rig=${id}` },
        left,
        wareName(ware, view),
        handPace({ stage: 'rig', family, kind }, view),
        mostMin,
      );
    }
    case 'skirt': {
      const { family, hold, name } = piece.skirt;
      const tied = handTasks(
        { ...base, id: `tie:${ware.id}`, kind: 'tie', place: 'vise', href: '/skirt?part=tie' },
        left,
        `${name}, loose`,
        handPace({ stage: 'skirt', family, kind: hold }, view),
        mostMin,
      );
      return [...tied, ...cementTasks(ware.id, name, hold, ticketId, tied)];
    }
  }
}
