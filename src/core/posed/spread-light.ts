/** Spreads each point of light over so many pixels; three numbers a pixel. */
export type Spread = (light: Float32Array, width: number, height: number, spreadPx: number) => Float32Array;

/** Spreads each point of light, across and then down. */
export function spreadLight(
  light: Float32Array,
  width: number,
  height: number,
  spreadPx: number,
): Float32Array {
  const reach = Math.ceil(3 * spreadPx);
  const bell = Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-0.5 * ((k - reach) / spreadPx) ** 2),
  );
  const weight = bell.reduce((total, each) => total + each, 0);
  const kernel = Float64Array.from(bell, (each) => each / weight);
  const pass = (from: Float32Array, isAcross: boolean) => {
    const to = new Float32Array(from.length);
    const [least, most] = [reach, (isAcross ? width : height) - 1 - reach];
    for (let v = 0; v < height; v += 1) {
      for (let u = 0; u < width; u += 1) {
        const start = (v * width + u) * 3;
        const place = isAcross ? u : v;
        const stride = isAcross ? 3 : width * 3;
        const isInside = place >= least && place <= most;
        let r = 0;
        let g = 0;
        let b = 0;
        for (let k = -reach; k <= reach; k += 1) {
          const off = isInside ? k : Math.max(-place, Math.min(most + reach - place, k));
          const share = kernel[k + reach] ?? 0;
          const source = start + off * stride;
          r += share * (from[source] ?? 0);
          g += share * (from[source + 1] ?? 0);
          b += share * (from[source + 2] ?? 0);
        }
        to[start] = r;
        to[start + 1] = g;
        to[start + 2] = b;
      }
    }
    return to;
  };
  return pass(pass(light, true), false);
}
