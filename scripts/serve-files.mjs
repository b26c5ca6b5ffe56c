// `node scripts/serve-files.mjs PORT`: serves what `npm run export` made, as a host of files would.
import { createServer } from 'node:http';
import { join } from 'node:path';
import sirv from 'sirv';
import { root } from './prepare.mjs';

const port = Number(process.argv[2] ?? 3000);
const files = sirv(join(root, 'out'), { extensions: ['html'] });

createServer((request, response) =>
  files(request, response, () => {
    response.writeHead(404, { 'content-type': 'text/plain' });
    response.end('There is no such file.');
  }),
).listen(port, '127.0.0.1', () => process.stdout.write(`http://127.0.0.1:${port}\n`));
