import { readdir, readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { STATIONS } from '@/app/stations';
import { offlineList, type BuiltFile } from '../offline-list';

export const dynamic = 'force-dynamic';

const BUILT = join(process.cwd(), '.next');
const PUBLIC = join(process.cwd(), 'public');
/** What the browser asks for beside the pages, made by routes of their own. */
const MADE = ['/manifest.webmanifest', '/icon.svg'].map((address) => ({ address, bytes: 0 }));

async function filesUnder(folder: string, address: string): Promise<BuiltFile[]> {
  const found = await readdir(folder, { withFileTypes: true, recursive: true });
  const paths = found.filter((entry) => entry.isFile()).map((entry) => join(entry.parentPath, entry.name));
  return Promise.all(
    paths.map(async (path) => ({
      address: address + path.slice(folder.length).replaceAll('\\', '/'),
      bytes: (await stat(path)).size,
    })),
  );
}

const PAGES = [...STATIONS.map(({ href }) => href), '/calculations'];

/** Names the build and all it is made of, for the worker that keeps it on the device. */
export async function GET(): Promise<Response> {
  const build = await readFile(join(BUILT, 'BUILD_ID'), 'utf8');
  const chunks = await filesUnder(join(BUILT, 'static'), '/_next/static');
  const own = (await filesUnder(PUBLIC, '')).filter(({ address }) => address !== '/offline-worker.js');
  return new Response(offlineList(build.trim(), [...chunks, ...own, ...MADE], PAGES), {
    headers: { 'Content-Type': 'text/javascript; charset=utf-8', 'Cache-Control': 'no-cache' },
  });
}
