import type { Pull } from '@/records/rig';
import type { DemoTools } from './tools';

/** Snells on the maker's usual leader, pulled until they broke: how many days ago, and at how much, kg. */
const SNELLS = [
  [-12, 8.2],
  [-12, 8.5],
  [-11, 7.9],
] as const;

/** What the maker pulled. */
export const demoPulls = (tools: DemoTools): Pull[] =>
  SNELLS.map(([day, brokeKgf], nth) => ({
    id: `pull-${nth + 1}`,
    end: 'snell',
    binId: 'part-line-and-cord-1',
    brokeKgf,
    at: tools.at(day, 19 + nth),
  }));
