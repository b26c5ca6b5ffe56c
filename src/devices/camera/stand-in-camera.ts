import type { DeviceListener } from '../device';
import type { Camera, CameraReading } from './camera';

/** Makes a picture of what it is held over: a worker's work, so the page hands it in. */
export type Pose<What> = (what: What, seed: number) => Promise<Blob>;

export interface StandInCamera<What> extends Camera {
  /** Holds it over something else. */
  readonly holdOver: (what: What) => void;
}

/** A camera that is not there, over a mat that is not there: each picture is taken by another hand. */
export function standInCamera<What>(
  chance: () => number,
  { over, pose }: { readonly over: What; readonly pose: Pose<What> },
): StandInCamera<What> {
  let what = over;
  let listener: DeviceListener<CameraReading> | null = null;
  return {
    name: 'Stand-in camera',
    start: (to) => {
      listener = to;
      return Promise.resolve();
    },
    holdOver: (next) => {
      what = next;
    },
    take: () => {
      const mine = listener;
      pose(what, Math.floor(chance() * 2 ** 31)).then(
        (picture) => {
          if (listener === mine) mine?.onReading({ picture });
        },
        (error: unknown) => mine?.onFault({ code: 'lost', detail: String(error) }),
      );
    },
    stop: () => {
      listener = null;
      return Promise.resolve();
    },
  };
}
