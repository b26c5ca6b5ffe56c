/** A file of the built app, by the address it is asked for at. */
export interface BuiltFile {
  readonly address: string;
  readonly bytes: number;
}

/** Where an address that is not kept leads. */
const FIRST = '/ticket';
/** What is larger than this is kept when it is first used, and not by everyone who only looks in, bytes. */
const LARGE = 4_000_000;

/**
 * What the worker that keeps the app on a device is told: the build, its files, and every page by its address, first the one
 * that an unknown address leads to.
 *
 * @example offlineList('b1', [{ address: '/a.js', bytes: 10 }], ['/pour', '/ticket'])
 * // 'self.BUILT = {"build":"b1","files":["/a.js"],"large":[],"pages":["/ticket","/pour"]};\n'
 */
export function offlineList(build: string, all: readonly BuiltFile[], pages: readonly string[]): string {
  const isLarge = ({ bytes }: BuiltFile) => bytes > LARGE;
  const addressOf = ({ address }: BuiltFile) => address;
  const built = {
    build,
    files: all
      .filter((file) => !isLarge(file))
      .map(addressOf)
      .sort(),
    large: all.filter(isLarge).map(addressOf),
    pages: [...new Set([FIRST, ...pages])],
  };
  return `self.BUILT = ${JSON.stringify(built)};\n`;
}
