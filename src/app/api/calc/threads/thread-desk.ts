import type { Call } from './calculation.thread';
import { reply, type Reply } from './reply';

/** What a thread says: that it has taken a call up, and its reply. */
export type Said = 'begun' | Reply;

/** As much of a worker thread as the desk uses. */
export interface CallThread {
  postMessage(call: Call): void;
  on(event: 'message', heard: (said: Said) => void): unknown;
  on(event: 'error', heard: (error: Error) => void): unknown;
  on(event: 'exit', heard: () => void): unknown;
  terminate(): unknown;
}

export interface DeskLimits {
  /** Until then a call counts as quick, ms. */
  readonly quickMs: number;
  /** No answer comes later, ms. */
  readonly longestMs: number;
  /** So many that are not quick run at a time. */
  readonly mostLong: number;
  /** So many wait for the quick thread. */
  readonly mostWaiting: number;
}

interface Waiting {
  readonly call: Call;
  readonly settle: (replied: Reply) => void;
}

const BUSY = reply(429, {
  code: 'busy',
  message: 'Long calculations are under way. Ask again in a few seconds.',
  path: [],
});

const tooLong = (ms: number) =>
  reply(422, {
    code: 'too_long',
    message: `Not done within ${ms / 1000} s. Ask for less at a time, or run it on your own machine with npm run calc.`,
    path: [],
  });

const TOO_LARGE = reply(422, {
  code: 'too_long',
  message: 'It needs more memory than the service gives one calculation. Ask for less at a time.',
  path: [],
});

const FAILED = reply(500, { code: 'failed', message: 'The calculation failed.', path: [] });

/** Who hears a thread, while it works on a call. */
interface Hearer {
  begun(): void;
  replied(replied: Reply): void;
  broke(replied: Reply): void;
}

interface Hand {
  readonly thread: CallThread;
  hearer: Hearer | null;
}

/**
 * Has calls answered in threads, so that a long one holds up nobody: each begins on the quick thread, in the order in which
 * they came. One that is not done there soon keeps its thread, as one of a few, and the next calls get another; where those
 * few are taken it is ended and told to come back. A thread that works too long or takes too much memory is ended.
 *
 * `open` gives a new thread; `later` calls back after so many ms and gives what calls that off.
 */
export class ThreadDesk {
  readonly #waiting: Waiting[] = [];
  /** The thread for the next call, or for the one that is on it. */
  #quick: Hand | null = null;
  #isQuickTaken = false;
  /** Opened ahead, since opening takes a while when it is needed most. */
  #spare: Hand | null = null;
  #long = 0;

  readonly #open: () => CallThread;
  readonly #limits: DeskLimits;
  readonly #later: (ms: number, then: () => void) => () => void;

  constructor(
    open: () => CallThread,
    limits: DeskLimits,
    later: (ms: number, then: () => void) => () => void,
  ) {
    this.#open = open;
    this.#limits = limits;
    this.#later = later;
  }

  /** The reply to a call; one is always given, and none later than the longest time after its thread took it up. */
  ask(call: Call): Promise<Reply> {
    if (this.#waiting.length >= this.#limits.mostWaiting) return Promise.resolve(BUSY);
    return new Promise((settle) => {
      this.#waiting.push({ call, settle });
      this.#next();
    });
  }

  #next(): void {
    if (this.#isQuickTaken) return;
    const next = this.#waiting.shift();
    if (next) this.#run(next);
  }

  #run({ call, settle }: Waiting): void {
    const { quickMs, longestMs, mostLong } = this.#limits;
    const hand = (this.#quick ??= this.#takeSpare());
    this.#isQuickTaken = true;
    let isLong = false;

    const end = (replied: Reply, isSound: boolean) => {
      hand.hearer = null;
      noLonger();
      callOffLimit();
      if (isLong) this.#long -= 1;
      else this.#isQuickTaken = false;
      const isWanted = isSound && (this.#quick === null || this.#quick === hand);
      if (isWanted) this.#quick = hand;
      else this.#dismiss(hand);
      settle(replied);
      this.#next();
    };
    const lengthen = () => {
      if (this.#long >= mostLong) return end(BUSY, false);
      isLong = true;
      this.#long += 1;
      this.#quick = null;
      this.#isQuickTaken = false;
      return this.#next();
    };

    let noLonger = () => {};
    const callOffLimit = this.#later(longestMs, () => end(tooLong(longestMs), false));
    hand.hearer = {
      begun: () => {
        noLonger = this.#later(quickMs, lengthen);
      },
      replied: (replied) => end(replied, true),
      broke: (replied) => end(replied, false),
    };
    hand.thread.postMessage(call);
  }

  #takeSpare(): Hand {
    const hand = this.#spare ?? this.#newHand();
    this.#spare = this.#newHand();
    return hand;
  }

  #newHand(): Hand {
    const hand: Hand = { thread: this.#open(), hearer: null };
    hand.thread.on('message', (said) => {
      if (said === 'begun') hand.hearer?.begun();
      else hand.hearer?.replied(said);
    });
    hand.thread.on('error', (error) => {
      const isFull = 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
      if (!isFull) process.stderr.write(`A calculation's thread broke: ${error.stack ?? error.message}\n`);
      hand.hearer?.broke(isFull ? TOO_LARGE : FAILED);
    });
    hand.thread.on('exit', () => {
      hand.hearer?.broke(FAILED);
      if (this.#quick === hand && !this.#isQuickTaken) this.#quick = null;
      if (this.#spare === hand) this.#spare = null;
    });
    return hand;
  }

  #dismiss(hand: Hand): void {
    if (this.#quick === hand) this.#quick = null;
    hand.thread.terminate();
  }
}
