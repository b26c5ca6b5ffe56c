/** What Ruvek uses of jstat, which ships no types. */
declare module 'jstat' {
  const jstat: {
    readonly gamma: {
      /** The value under which a share of a gamma distribution lies; scale is 1 over rate. */
      readonly inv: (share: number, shape: number, scale: number) => number;
    };
    readonly studentt: {
      /** The value under which a share of Student's t lies. */
      readonly inv: (share: number, degrees: number) => number;
      /** How dense it is at a value. */
      readonly pdf: (value: number, degrees: number) => number;
      /** The share of it under a value. */
      readonly cdf: (value: number, degrees: number) => number;
    };
    readonly normal: {
      /** The value under which a share of a normal distribution lies. */
      readonly inv: (share: number, mean: number, sd: number) => number;
    };
  };
  export default jstat;
}
