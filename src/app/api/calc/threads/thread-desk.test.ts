import type { Call } from './calculation.thread';
import { reply, type Reply } from './reply';
import { ThreadDesk, type CallThread, type Said } from './thread-desk';

/** Time that passes when told, and what is to come then. */
function clock() {
  let now = 0;
  let coming: { at: number; call: () => void }[] = [];
  return {
    later: (ms: number, call: () => void) => {
      const entry = { at: now + ms, call };
      coming.push(entry);
      return () => {
        coming = coming.filter((other) => other !== entry);
      };
    },
    pass: (ms: number) => {
      now += ms;
      const due = coming.filter(({ at }) => at <= now);
      coming = coming.filter(({ at }) => at > now);
      for (const { call } of due) call();
    },
    waits: () => coming.length,
  };
}

/** Threads that do as they are told, in the order in which they were opened. */
function bench(limits = { quickMs: 300, longestMs: 20_000, mostLong: 2, mostWaiting: 4 }) {
  const time = clock();
  const threads: { calls: string[]; ended: boolean; say(said: Said): void; fail(error: Error): void }[] = [];
  const open = (): CallThread => {
    const heard: Record<string, ((what: never) => void) | undefined> = {};
    const thread = {
      calls: [] as string[],
      ended: false,
      say: (said: Said) => heard.message?.(said as never),
      fail: (error: Error) => {
        heard.error?.(error as never);
        heard.exit?.(1 as never);
      },
    };
    threads.push(thread);
    return {
      postMessage(call: Call) {
        thread.calls.push(call.name);
        thread.say('begun');
      },
      on: (event: string, hear: (what: never) => void) => {
        heard[event] = hear;
      },
      terminate() {
        thread.ended = true;
        heard.exit?.(1 as never);
        return Promise.resolve(1);
      },
    };
  };
  const desk = new ThreadDesk(open, limits, time.later);
  const ask = (name: string) => desk.ask({ name, body: '{}' });
  return { desk, ask, time, threads };
}

const good = (text: string): Reply => ({ status: 200, text });
const done = async (promise: Promise<Reply>) => {
  const not: Reply = { status: 0, text: 'not yet' };
  return Promise.race([promise, Promise.resolve().then(() => Promise.resolve().then(() => not))]);
};

describe('ThreadDesk', () => {
  it('answers one after the other on one thread where all are quick', async () => {
    const { ask, threads, time } = bench();
    const [first, second] = [ask('a'), ask('b')];
    // One works, one was opened ahead.
    expect(threads).toHaveLength(2);
    expect(threads[0]?.calls).toEqual(['a']);
    threads[0]?.say(good('1'));
    expect(await first).toEqual(good('1'));
    expect(threads[0]?.calls).toEqual(['a', 'b']);
    threads[0]?.say(good('2'));
    expect(await second).toEqual(good('2'));
    expect(threads).toHaveLength(2);
    expect(time.waits()).toBe(0);
  });

  it('lets a quick call pass a long one', async () => {
    const { ask, threads, time } = bench();
    const [long, quick] = [ask('long'), ask('quick')];
    time.pass(300);
    expect(threads).toHaveLength(3);
    threads[1]?.say(good('quick'));
    expect(await quick).toEqual(good('quick'));
    expect((await done(long)).status).toBe(0);
    threads[0]?.say(good('long'));
    expect(await long).toEqual(good('long'));
    // One warm thread is enough to go on with.
    expect(threads.map(({ ended }) => ended)).toEqual([true, false, false]);
    const next = ask('next');
    expect(threads[1]?.calls).toEqual(['quick', 'next']);
    threads[1]?.say(good('next'));
    expect(await next).toEqual(good('next'));
  });

  it('ends what takes too long, and what is long while others are', async () => {
    const { ask, threads, time } = bench();
    const calls = ['a', 'b', 'c'].map(ask);
    time.pass(300);
    time.pass(300);
    time.pass(300);
    expect((await (calls[2] as Promise<Reply>)).status).toBe(429);
    expect(threads[2]?.ended).toBe(true);
    expect((await done(calls[0] as Promise<Reply>)).status).toBe(0);
    time.pass(20_000);
    expect((await Promise.all(calls)).map(({ status }) => status)).toEqual([422, 422, 429]);
    expect(threads.map(({ ended }) => ended)).toEqual([true, true, true, false]);
    const after = ask('after');
    threads[3]?.say(good('after'));
    expect(await after).toEqual(good('after'));
    expect(time.waits()).toBe(0);
  });

  it('turns away whom it cannot let wait', async () => {
    const { ask } = bench();
    const calls = Array.from({ length: 6 }, (_, index) => ask(String(index)));
    expect((await (calls[5] as Promise<Reply>)).status).toBe(429);
    expect((await done(calls[4] as Promise<Reply>)).status).toBe(0);
  });

  it('says that memory ran out, and goes on with another thread', async () => {
    const { ask, threads } = bench();
    const [first, second] = [ask('a'), ask('b')];
    threads[0]?.fail(Object.assign(new Error('full'), { code: 'ERR_WORKER_OUT_OF_MEMORY' }));
    expect((await first).status).toBe(422);
    threads[1]?.say(good('2'));
    expect(await second).toEqual(good('2'));
  });

  it('says that a thread broke', async () => {
    const said = jest.spyOn(process.stderr, 'write').mockReturnValue(true);
    const { ask, threads } = bench();
    const first = ask('a');
    threads[0]?.fail(new Error('no such module'));
    expect(await first).toEqual(reply(500, { code: 'failed', message: 'The calculation failed.', path: [] }));
    expect(said).toHaveBeenCalledTimes(1);
    said.mockRestore();
  });
});
