import { Worker } from 'node:worker_threads';
import type { Call } from './calculation.thread';
import type { Reply } from './reply';
import { ThreadDesk } from './thread-desk';

/** What one calculation may take of the machine's memory. */
const MEMORY = { maxOldGenerationSizeMb: 512 };

const LIMITS = { quickMs: 300, longestMs: 20_000, mostLong: 2, mostWaiting: 32 };

const desk = new ThreadDesk(
  () => new Worker(new URL('./calculation.thread.ts', import.meta.url), { resourceLimits: MEMORY }),
  LIMITS,
  (ms, then) => {
    const timer = setTimeout(then, ms);
    return () => clearTimeout(timer);
  },
);

/** The reply to a call, reckoned beside what the service does. */
export const askThread = (call: Call): Promise<Reply> => desk.ask(call);
