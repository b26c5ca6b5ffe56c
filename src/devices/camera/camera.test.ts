import { cameraWatch } from './camera-watch';
import type { LensLike } from './camera';
import type { DeviceWorld } from '../device-store';

const blob = (text: string) => new Blob([text]);
const world = (lens: LensLike | null): DeviceWorld => ({
  chance: () => 0.5,
  every: () => () => undefined,
  serial: () => null,
  lens: () => lens,
  inBackground: () => undefined,
});
const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('a camera in hand', () => {
  it('takes pictures of what the stand-in is held over', async () => {
    const posed: string[] = [];
    const watch = cameraWatch(world(null), (what: string) => {
      posed.push(what);
      return Promise.resolve(blob(what));
    });
    watch.start('stand-in', 'beads');
    watch.inHand()?.take();
    await settled();
    watch.standIn()?.holdOver('hooks');
    watch.inHand()?.take();
    await settled();
    expect(posed).toEqual(['beads', 'hooks']);
    expect(watch.get().seen.taken).toBe(2);
    expect(await watch.get().seen.picture?.text()).toBe('hooks');
  });

  it('hears nothing of a picture that comes after it was turned off', async () => {
    const watch = cameraWatch(world(null), () => Promise.resolve(blob('late')));
    watch.start('stand-in', 'beads');
    watch.inHand()?.take();
    watch.stop();
    await settled();
    expect(watch.get().seen.taken).toBe(0);
  });

  it('takes pictures with the lens, shows what it sees, and closes it', async () => {
    const deeds: string[] = [];
    const watch = cameraWatch(
      world({
        open: () => Promise.resolve('stream'),
        grab: (live) => Promise.resolve(blob(`of ${String(live)}`)),
        close: (live) => deeds.push(`closed ${String(live)}`),
      }),
      () => Promise.reject(new Error('no stand-in here')),
    );
    watch.start('real', null);
    await settled();
    const camera = watch.inHand();
    expect(camera && 'live' in camera ? camera.live() : null).toBe('stream');
    camera?.take();
    await settled();
    expect(await watch.get().seen.picture?.text()).toBe('of stream');
    watch.stop();
    expect(deeds).toEqual(['closed stream']);
  });

  it.each([
    ['not-supported', null],
    [
      'not-chosen',
      {
        open: () => Promise.reject(new Error('denied')),
        grab: () => Promise.reject(new Error()),
        close: () => undefined,
      },
    ],
  ] as const)('says %s where there is none to be had', async (code, lens) => {
    const watch = cameraWatch(world(lens), () => Promise.reject(new Error('unused')));
    watch.start('real', null);
    await settled();
    expect(watch.get().fault?.code).toBe(code);
  });

  it('says that it was lost where a picture fails', async () => {
    const lens: LensLike = {
      open: () => Promise.resolve('stream'),
      grab: () => Promise.reject(new Error('pulled out')),
      close: () => undefined,
    };
    const watch = cameraWatch(world(lens), () => Promise.reject(new Error('unused')));
    watch.start('real', null);
    await settled();
    watch.inHand()?.take();
    await settled();
    expect(watch.get().fault).toMatchObject({ code: 'lost' });
  });
});
