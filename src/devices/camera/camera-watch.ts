import { deviceStore, type DeviceWorld } from '../device-store';
import type { CameraReading } from './camera';
import { lensCamera } from './lens-camera';
import { standInCamera, type Pose } from './stand-in-camera';

/** What a camera has taken: the last picture, and how many. */
export interface CameraSeen {
  readonly picture: Blob | null;
  readonly taken: number;
}

const NOTHING_TAKEN: CameraSeen = { picture: null, taken: 0 };

/** A camera in hand: the real one or the stand-in, and each picture it takes. */
export function cameraWatch<What>(world: DeviceWorld, pose: Pose<What>) {
  return deviceStore(
    {
      standIn: ({ chance }, over: What) => standInCamera(chance, { over, pose }),
      real: ({ lens }: DeviceWorld) => lensCamera(lens()),
      unseen: NOTHING_TAKEN,
      see: ({ taken }: CameraSeen, { picture }: CameraReading) => ({ picture, taken: taken + 1 }),
    },
    world,
  );
}
