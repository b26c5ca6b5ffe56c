import { askKeeper } from './keeper';

/** A worker that never answers, and breaks when told. */
class SilentWorker extends EventTarget {
  static readonly begun: SilentWorker[] = [];
  isEnded = false;
  constructor() {
    super();
    SilentWorker.begun.push(this);
  }
  postMessage(): void {}
  start(): void {}
  terminate(): void {
    this.isEnded = true;
  }
}

jest.mock('comlink', () => ({ wrap: () => ({}) }));

describe('askKeeper', () => {
  it('does not wait for a worker that could not be begun, and begins another', async () => {
    Object.assign(globalThis, { Worker: SilentWorker });
    const never = () => new Promise<string>(() => {});
    const asked = askKeeper(never);
    const [first] = SilentWorker.begun;
    first!.dispatchEvent(new Event('error'));
    await expect(asked).rejects.toThrow('could not be fetched');
    expect(first!.isEnded).toBe(true);
    expect(await askKeeper(() => Promise.resolve('kept'))).toBe('kept');
    expect(await askKeeper(() => Promise.resolve('again'))).toBe('again');
    expect(SilentWorker.begun).toHaveLength(2);
  });
});
