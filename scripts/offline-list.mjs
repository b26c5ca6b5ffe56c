// What the worker that keeps the app on a device is told: the build, and every file of it.
import { readdirSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';

/** What is larger than this is kept when it is first used, and not by everyone who only looks in, bytes. */
const LARGE = 4_000_000;

const isScript = (file) => file.endsWith('.js');

function filesUnder(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));
}

/** The text of `/offline/files.js` for an app that lies as files in a folder. */
export function offlineList(folder, build) {
  const all = filesUnder(folder).map((file) => ({
    address: `/${relative(folder, file).replaceAll('\\', '/')}`,
    bytes: statSync(file).size,
  }));
  const pages = all
    .filter(({ address }) => address.endsWith('.html') && !/^\/(index|404|_not-found)\.html$/.test(address))
    .map(({ address }) => address.slice(0, -'.html'.length));
  const first = '/ticket';
  const others = all.filter(
    ({ address }) => !address.endsWith('.html') && !/^\/(offline-worker\.js|offline\/)/.test(address),
  );
  const large = others.filter(({ address, bytes }) => isScript(address) && bytes > LARGE);
  const built = {
    build,
    files: others
      .filter((file) => !large.includes(file))
      .map(({ address }) => address)
      .sort(),
    large: large.map(({ address }) => address),
    pages: [first, ...pages.filter((page) => page !== first)],
  };
  return `self.BUILT = ${JSON.stringify(built)};\n`;
}
