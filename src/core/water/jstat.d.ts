/** What Ruvek uses of jstat, which ships no types. */
declare module 'jstat' {
  const jstat: {
    readonly gamma: {
      /** The value under which a share of a gamma distribution lies; scale is 1 over rate. */
      readonly inv: (share: number, shape: number, scale: number) => number;
    };
  };
  export default jstat;
}
