// npm leaves out of the lockfile those optional native packages that a registry does not serve for other
// platforms, and `npm ci` then calls the lockfile incomplete. This adds a stub for every such name, and
// takes out any address an install may have left. Run after each change of dependencies.
import { readFileSync, writeFileSync } from 'node:fs';

const file = new URL('../package-lock.json', import.meta.url);
const lock = JSON.parse(readFileSync(file, 'utf8'));
const known = lock.packages;
let added = 0;
let cleaned = 0;

/** Whether `name`, required from `from`, is found by Node's way up the folders. */
function isFound(from, name) {
  let base = from;
  for (;;) {
    if (known[`${base === '' ? '' : `${base}/`}node_modules/${name}`]) return true;
    if (base === '') return false;
    const at = base.lastIndexOf('/node_modules/');
    base = at < 0 ? '' : base.slice(0, at);
  }
}

for (const [path, entry] of Object.entries({ ...known })) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    if (isFound(path, name)) continue;
    known[`node_modules/${name}`] = {
      version: version.replace(/^[^0-9]*/, ''),
      optional: true,
      cpu: ['none'],
      os: ['none'],
    };
    added += 1;
  }
}
for (const entry of Object.values(known)) {
  if (typeof entry.resolved === 'string' && entry.resolved.includes('//')) {
    delete entry.resolved;
    cleaned += 1;
  }
}
lock.packages = Object.fromEntries(Object.entries(known).sort(([a], [b]) => (a < b ? -1 : 1)));
writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`);
process.stdout.write(`lockfile: ${added} stubs added, ${cleaned} addresses removed\n`);
