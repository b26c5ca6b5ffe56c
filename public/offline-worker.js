/*
 * Keeps the built app on this device, so that it opens and runs with no network after the first visit.
 * It holds files of the app alone: the bench itself lies in the browser's database and never passes here.
 * `/offline/files.js` names the build and its files; when they change, the browser takes this worker for a new one.
 */
importScripts('/offline/files.js');

const { build, files, large, pages } = self.BUILT;
const PREFIX = 'ruvek-';
const CACHE = PREFIX + build;
/** Out on the water a network is often there in name only: after this long the kept page is opened. */
const PATIENCE_MS = 3000;

/** A page waits for nothing here, so files are fetched a few at a time. */
async function keepAll(cache, urls) {
  const waiting = [...urls];
  const fetchNext = async () => {
    for (let url = waiting.shift(); url !== undefined; url = waiting.shift()) {
      const answer = await fetch(url, pages.includes(url) ? { cache: 'reload' } : {});
      if (!answer.ok) throw new Error(`${url} answered ${answer.status}`);
      await cache.put(url, answer);
    }
  };
  await Promise.all([fetchNext(), fetchNext(), fetchNext()]);
}

/** A web worker is told its chunks in the address it was asked at, which a kept answer would replace by its own. */
function forWorker(answer) {
  return new Response(answer.body, { status: answer.status, headers: answer.headers });
}

async function fromKept(request) {
  const kept = (await caches.match(request, { ignoreSearch: true })) ?? (await fetch(request));
  return request.destination === 'worker' ? forWorker(kept) : kept;
}

/** What is large, and used by few, is kept from its first use on. */
async function keepOnUse(request) {
  const kept = await caches.match(request, { ignoreSearch: true });
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(CACHE)).put(request, answer.clone());
  return answer;
}

const afterPatience = () =>
  new Promise((_, reject) => setTimeout(reject, PATIENCE_MS, new Error('too slow')));

async function openPage(request) {
  const kept = await caches.match(request, { ignoreSearch: true });
  try {
    return await (kept ? Promise.race([fetch(request), afterPatience()]) : fetch(request));
  } catch (error) {
    if (kept) return kept;
    // A page nobody kept, or the bare address: the first station is always there.
    const [first] = pages;
    if (await caches.match(first)) return Response.redirect(first);
    throw error;
  }
}

/** What a page asks of the server to go to another. When nothing comes, the page opens the kept one itself. */
const askPage = (request) => Promise.race([fetch(request), afterPatience()]).catch(() => Response.error());

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => keepAll(cache, [...files, ...pages])));
});

self.addEventListener('activate', (event) => {
  const tidy = async () => {
    const names = await caches.keys();
    const old = names.filter((name) => name.startsWith(PREFIX) && name !== CACHE);
    await Promise.all(old.map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(tidy());
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(openPage(request));
  else if (files.includes(url.pathname)) event.respondWith(fromKept(request));
  else if (large.includes(url.pathname)) event.respondWith(keepOnUse(request));
  else if (request.headers.get('RSC') === '1') event.respondWith(askPage(request));
});
