// `npm run export`: the whole app as files in `out/`, for any host of files; the service of calculations aside.
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, install, NEXT, root, run } from './prepare.mjs';

const OUT = join(root, 'out');

/** The marks of every inline script of a page. */
function scriptMarks(html) {
  return [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    ([, text]) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`,
  );
}

install();
rmSync(OUT, { recursive: true, force: true });
if (run('node', [bin(NEXT), 'build'], { RUVEK_EXPORT: '1' }) !== 0) process.exit(1);

const { tsImport } = await import('tsx/esm/api');
const { contentPolicy } = await tsImport('../src/app/content-policy.ts', import.meta.url);
const { offlineList } = await tsImport('../src/app/offline/offline-list.ts', import.meta.url);

// Files cannot say how they are to be taken, so each page says it of itself.
for (const file of readdirSync(OUT, { recursive: true }).filter((each) => each.endsWith('.html'))) {
  const html = readFileSync(join(OUT, file), 'utf8');
  const policy = contentPolicy(scriptMarks(html));
  const meta = `<meta http-equiv="Content-Security-Policy" content="${policy}"/>`;
  writeFileSync(join(OUT, file), html.replace('<head>', `<head>${meta}`));
}
const build = readFileSync(join(root, '.next', 'BUILD_ID'), 'utf8').trim();
const all = readdirSync(OUT, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile())
  .map((entry) => join(entry.parentPath, entry.name))
  .map((path) => ({ address: path.slice(OUT.length).replaceAll('\\', '/'), bytes: statSync(path).size }));
const isPage = ({ address }) => address.endsWith('.html');
const pages = all
  .filter((file) => isPage(file) && !/^\/(index|404|_not-found)\.html$/.test(file.address))
  .map(({ address }) => address.slice(0, -'.html'.length));
const kept = all.filter((file) => !isPage(file) && file.address !== '/offline-worker.js');
mkdirSync(join(OUT, 'offline'), { recursive: true });
writeFileSync(join(OUT, 'offline', 'files.js'), offlineList(build, kept, pages));
process.stdout.write('\nThe app is in out/. Any host that serves ticket.html as /ticket will do.\n');
