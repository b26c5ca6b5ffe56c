import type { NextConfig } from 'next';

const config: NextConfig = {
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
