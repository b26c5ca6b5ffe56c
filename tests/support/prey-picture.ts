import { pngOf } from './png';

/** A picture of three colors: half reed green, the rest pale belly over ember; each pixel off by `jitter`. */
export const preyPicture = (width: number, height: number, jitter = () => 0) =>
  pngOf(width, height, (x, y) => {
    const base = x < width * 0.5 ? [93, 122, 58] : y < height * 0.6 ? [233, 226, 207] : [184, 68, 28];
    const [red, green, blue] = base.map((each) => Math.max(0, Math.min(255, each + jitter())));
    return [red!, green!, blue!];
  });
