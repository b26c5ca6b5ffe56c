import type { Device } from '../device';

/** A picture that was taken. */
export interface CameraReading {
  readonly picture: Blob;
}

/** A camera: on from its start to its stop, it takes a picture when it is asked to. */
export interface Camera extends Device<CameraReading> {
  readonly take: () => void;
}

/** As much of a browser's camera as is needed here. `Live` is what a page shows while it is open. */
export interface LensLike<Live = unknown> {
  /** Lets the maker allow it. Rejects where that is refused. */
  readonly open: () => Promise<Live>;
  readonly grab: (live: Live) => Promise<Blob>;
  readonly close: (live: Live) => void;
}
