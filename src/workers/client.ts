import { proxy, wrap, type Remote } from 'comlink';
import type { JobName, JobProgress, Jobs, WorkerDoor } from './protocol';

export interface AskOptions<Progress = JobProgress> {
  readonly signal?: AbortSignal;
  readonly onProgress?: (progress: Progress) => void;
}

/** Thrown into a job that was called off, by its asker or by a later job in its lane. */
export class CalledOff extends Error {
  override readonly name = 'CalledOff';
}

interface Hand {
  readonly worker: Worker;
  readonly door: Remote<WorkerDoor>;
}

/**
 * A lane of work with one worker: a new job takes the place of the one under way, since its asker has moved on.
 * A job that is called off ends its worker at once (a solver cannot be asked to stop) and the next starts fresh.
 */
export class WorkLane {
  #hand: Hand | null = null;
  #callOff: ((reason: Error) => void) | null = null;

  readonly #open: () => Worker;

  constructor(open: () => Worker = openWorker) {
    this.#open = open;
  }

  async ask<Name extends JobName>(
    name: Name,
    input: Jobs[Name]['takes'],
    { signal, onProgress }: AskOptions<Jobs[Name]['tells']> = {},
  ): Promise<Jobs[Name]['gives']> {
    this.#callOff?.(new CalledOff('another job took its place'));
    if (signal?.aborted) throw new CalledOff('called off before it began');
    const hand = this.#takeHand();
    const cancelled = new Promise<never>((_, reject) => {
      const end = (reason: Error) => {
        this.#dismiss(hand);
        reject(reason);
      };
      this.#callOff = end;
      signal?.addEventListener('abort', () => end(new CalledOff('called off')), { once: true });
      hand.worker.onerror = (event) => end(new Error(`The worker failed: ${event.message}`));
    });
    const mine = this.#callOff;
    try {
      const progress = proxy((step: Jobs[Name]['tells']) => onProgress?.(step));
      return (await Promise.race([hand.door.run(name, input, progress), cancelled])) as Jobs[Name]['gives'];
    } finally {
      if (this.#callOff === mine) this.#callOff = null;
    }
  }

  /** Ends the lane's worker. */
  close(): void {
    this.#callOff?.(new CalledOff('the lane was closed'));
    if (this.#hand) this.#dismiss(this.#hand);
  }

  #takeHand(): Hand {
    if (!this.#hand) {
      const worker = this.#open();
      this.#hand = { worker, door: wrap<WorkerDoor>(worker) };
    }
    return this.#hand;
  }

  #dismiss(hand: Hand): void {
    hand.worker.terminate();
    if (this.#hand === hand) this.#hand = null;
  }
}

function openWorker(): Worker {
  return new Worker(new URL('./calculate.worker.ts', import.meta.url), { type: 'module' });
}
