// `npm run home`: the app over HTTPS for the phones and tablets of the house, with a certificate made here, and a QR code to
// open it by. Browsers give a page no camera, no copies and no offline use without HTTPS.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import next from 'next';
import qrcode from 'qrcode';
import { generate } from 'selfsigned';
import { bin, install, NEXT, root, run } from './prepare.mjs';

const PORT = Number(process.env.PORT ?? 3443);
const KEPT = join(root, '.home');
const DAY_MS = 86_400_000;
const VALID_DAYS = 820;

/** The addresses of this machine in the house. */
function addresses() {
  return Object.values(networkInterfaces())
    .flat()
    .filter((each) => each && each.family === 'IPv4' && !each.internal)
    .map(({ address }) => address);
}

/** A certificate for this machine's addresses: the last one while it holds for them, so that a phone that trusts it goes on doing so. */
async function certificate(own) {
  const file = join(KEPT, 'certificate.json');
  if (existsSync(file)) {
    const kept = JSON.parse(readFileSync(file, 'utf8'));
    const isGood = kept.until > Date.now() + DAY_MS && own.every((address) => kept.own.includes(address));
    if (isGood) return kept;
  }
  const until = Date.now() + VALID_DAYS * DAY_MS;
  const made = await generate([{ name: 'commonName', value: 'Ruvek at home' }], {
    keySize: 2048,
    algorithm: 'sha256',
    notAfterDate: new Date(until),
    extensions: [
      { name: 'basicConstraints', cA: true },
      { name: 'keyUsage', keyCertSign: true, digitalSignature: true, keyEncipherment: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          { type: 2, value: 'localhost' },
          { type: 7, ip: '127.0.0.1' },
          ...own.map((ip) => ({ type: 7, ip })),
        ],
      },
    ],
  });
  const kept = { key: made.private, cert: made.cert, own, until };
  mkdirSync(KEPT, { recursive: true });
  writeFileSync(file, JSON.stringify(kept), { mode: 0o600 });
  writeFileSync(join(KEPT, 'ruvek-home.crt'), made.cert);
  return kept;
}

install();
if (!existsSync(join(root, '.next', 'BUILD_ID')) && run('node', [bin(NEXT), 'build']) !== 0) process.exit(1);

const own = addresses();
const { key, cert } = await certificate(own);
const app = next({ dev: false, dir: root });
await app.prepare();
const answer = app.getRequestHandler();
createServer({ key, cert }, (request, response) => {
  if (request.url === '/ruvek-home.crt') {
    response.writeHead(200, { 'content-type': 'application/x-x509-ca-cert' });
    response.end(cert);
    return;
  }
  void answer(request, response);
}).listen(PORT, async () => {
  for (const host of own.length > 0 ? own : ['localhost']) {
    const address = `https://${host}:${PORT}`;
    process.stdout.write(
      `\n${await qrcode.toString(address, { type: 'terminal', small: true })}\nOpen ${address}\n`,
    );
  }
  process.stdout.write(
    'The phone warns once, since the certificate was made here. To install Ruvek on it for use without a network, let it trust the certificate at /ruvek-home.crt first.\nCtrl C closes it.\n',
  );
});
