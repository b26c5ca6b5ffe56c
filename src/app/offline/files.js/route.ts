import { readdir, readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { STATIONS } from '@/app/stations';

export const dynamic = 'force-dynamic';

const BUILT = join(process.cwd(), '.next');
const PUBLIC = join(process.cwd(), 'public');
/** What the browser asks for beside the pages, made by routes of their own. */
const MADE = ['/manifest.webmanifest', '/icon.svg'];
/** Where an address that is not kept leads. */
const FIRST = '/ticket';

async function filesUnder(folder: string, address: string): Promise<string[]> {
  const found = await readdir(folder, { withFileTypes: true, recursive: true });
  return found
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name).slice(folder.length).replaceAll('\\', '/'))
    .map((path) => address + path);
}

/** What is larger than this is kept when it is first used, and not by everyone who only looks in, bytes. */
const LARGE = 4_000_000;

/** Every page by its address, first the one that an unknown address leads to. */
const PAGES = [...new Set([FIRST, ...STATIONS.map(({ href }) => href), '/calculations'])];

/** Names the build and all it is made of, for the worker that keeps it on the device. */
export async function GET(): Promise<Response> {
  const build = await readFile(join(BUILT, 'BUILD_ID'), 'utf8');
  const chunks = await filesUnder(join(BUILT, 'static'), '/_next/static');
  const own = (await filesUnder(PUBLIC, '')).filter((file) => file !== '/offline-worker.js');
  const sizes = await Promise.all(
    chunks.map((chunk) => stat(join(BUILT, chunk.slice('/_next'.length))).then(({ size }) => size)),
  );
  const large = chunks.filter((_, index) => (sizes[index] ?? 0) > LARGE);
  const files = [...chunks.filter((chunk) => !large.includes(chunk)), ...own, ...MADE].sort();
  const built = { build: build.trim(), files, large, pages: PAGES };
  return new Response(`self.BUILT = ${JSON.stringify(built)};\n`, {
    headers: { 'Content-Type': 'text/javascript; charset=utf-8', 'Cache-Control': 'no-cache' },
  });
}
