import type { NextConfig } from 'next';

/** Shown in no other page, taken for nothing but what it is, telling nobody where one comes from; the bench asks for no more. */
const HEADERS = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  {
    key: 'Permissions-Policy',
    value:
      'camera=(self), serial=(self), screen-wake-lock=(self), geolocation=(), microphone=(), payment=(), usb=()',
  },
];

/** Web workers take their policy from the file they begin with. The reader of pictures makes its ties to WebAssembly of text. */
const FOR_WORKERS =
  "default-src 'self'; script-src 'self' 'unsafe-eval' 'wasm-unsafe-eval'; connect-src 'self' data: blob:; object-src 'none'; base-uri 'none'; frame-ancestors 'none'";
/** Figures alone: nothing of them is to be drawn. */
const FOR_ANSWERS = "default-src 'none'; frame-ancestors 'none'";

/** The whole app as files for any host: no server, so none of the routes that answer (`route.ts`). */
const AS_FILES: NextConfig = { output: 'export', pageExtensions: ['tsx'] };
const AS_SERVER: NextConfig = {
  headers: () =>
    Promise.resolve([
      { source: '/:path*', headers: HEADERS },
      { source: '/_next/static/:path*', headers: [{ key: 'Content-Security-Policy', value: FOR_WORKERS }] },
      { source: '/api/:path*', headers: [{ key: 'Content-Security-Policy', value: FOR_ANSWERS }] },
    ]),
};

const config: NextConfig = {
  ...(process.env.RUVEK_EXPORT === '1' ? AS_FILES : AS_SERVER),
  poweredByHeader: false,
  reactStrictMode: true,
  // The solver loads its own wasm from disk; bundling it would lose the file.
  serverExternalPackages: ['highs'],
  devIndicators: false,
  // What the picture reader asks for where it runs in Node: in the browser it takes other ways.
  turbopack: {
    resolveAlias: Object.fromEntries(
      ['fs', 'path', 'crypto'].map((name) => [name, { browser: './src/workers/no-node.js' }]),
    ),
  },
  // What a later build could take over is not written at the first: it takes a fifth of its time, and most clones build once.
  experimental: { turbopackFileSystemCacheForBuild: process.env.RUVEK_FIRST_BUILD !== '1' },
  // `npm test` has the types checked before it builds.
  typescript: { ignoreBuildErrors: process.env.RUVEK_TYPES_CHECKED === '1' },
};

export default config;
