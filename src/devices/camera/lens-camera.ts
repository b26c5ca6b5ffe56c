import type { DeviceListener } from '../device';
import type { Camera, CameraReading, LensLike } from './camera';

export interface LensCamera extends Camera {
  /** What it sees, for the page to show; null while it is closed. */
  readonly live: () => unknown;
}

/** The camera of the device this runs on; `lens` is the browser's, null where it has none. */
export function lensCamera(lens: LensLike | null): LensCamera {
  let live: unknown = null;
  let listener: DeviceListener<CameraReading> | null = null;
  const lost = (error: unknown) => {
    listener?.onFault({ code: 'lost', detail: String(error) });
  };
  return {
    name: 'Camera',
    live: () => live,
    start: async (to) => {
      listener = to;
      if (!lens) {
        to.onFault({ code: 'not-supported', detail: 'no camera' });
        return;
      }
      try {
        live = await lens.open();
      } catch (error) {
        to.onFault({ code: 'not-chosen', detail: String(error) });
      }
    },
    take: () => {
      if (lens && live !== null) lens.grab(live).then((picture) => listener?.onReading({ picture }), lost);
    },
    stop: () => {
      if (lens && live !== null) lens.close(live);
      live = null;
      listener = null;
      return Promise.resolve();
    },
  };
}
