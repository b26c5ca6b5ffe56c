import type { NextConfig } from 'next';

/** Shown in no other page, taken for nothing but what it is, telling nobody where one comes from; the bench asks for no more. */
const HEADERS = [
  {
    key: 'Content-Security-Policy',
    value: "base-uri 'self'; form-action 'self'; frame-ancestors 'none'; object-src 'none'",
  },
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  {
    key: 'Permissions-Policy',
    value:
      'camera=(self), serial=(self), screen-wake-lock=(self), geolocation=(), microphone=(), payment=(), usb=(), bluetooth=()',
  },
];

const config: NextConfig = {
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
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
