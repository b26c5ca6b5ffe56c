import { CalledOff, WorkLane } from './client';

/** A worker that never answers, and remembers whether it was ended. */
class SilentWorker extends EventTarget {
  static made: SilentWorker[] = [];
  isEnded = false;
  onerror: ((event: { message: string }) => void) | null = null;

  constructor() {
    super();
    SilentWorker.made.push(this);
  }

  postMessage(): void {}

  terminate(): void {
    this.isEnded = true;
  }
}

const lane = () => new WorkLane(() => new SilentWorker() as unknown as Worker);
const ask = (from: WorkLane, signal?: AbortSignal) =>
  from.ask('calculate', { name: 'hook.order', input: { sizes: [] } }, { signal });

const channels: MessageChannel[] = [];
const RealChannel = globalThis.MessageChannel;

beforeEach(() => {
  SilentWorker.made = [];
  // A callback travels through a channel whose ports would keep the test process alive.
  globalThis.MessageChannel = class extends RealChannel {
    constructor() {
      super();
      channels.push(this);
    }
  };
});

afterEach(() => {
  globalThis.MessageChannel = RealChannel;
  for (const { port1, port2 } of channels.splice(0)) {
    port1.close();
    port2.close();
  }
});

describe('WorkLane', () => {
  it('ends the worker at once when its job is called off, and begins with a fresh one', async () => {
    const work = lane();
    const stop = new AbortController();
    const job = ask(work, stop.signal);
    stop.abort();
    await expect(job).rejects.toThrow(CalledOff);
    expect(SilentWorker.made.map((worker) => worker.isEnded)).toEqual([true]);
    const next = ask(work);
    expect(SilentWorker.made).toHaveLength(2);
    work.close();
    await expect(next).rejects.toThrow('the lane was closed');
  });

  it('lets a new job take the place of the one under way', async () => {
    const work = lane();
    const first = ask(work);
    const second = ask(work);
    await expect(first).rejects.toThrow('another job took its place');
    expect(SilentWorker.made.map((worker) => worker.isEnded)).toEqual([true, false]);
    work.close();
    await expect(second).rejects.toThrow(CalledOff);
  });

  it('does not begin a job that is called off already', async () => {
    const stop = new AbortController();
    stop.abort();
    await expect(ask(lane(), stop.signal)).rejects.toThrow('before it began');
    expect(SilentWorker.made).toHaveLength(0);
  });

  it('says so when the worker itself fails', async () => {
    const work = lane();
    const job = ask(work);
    SilentWorker.made[0]!.onerror?.({ message: 'no such file' });
    await expect(job).rejects.toThrow('The worker failed: no such file');
  });
});
