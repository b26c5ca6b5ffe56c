import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // The solver loads its own wasm from disk; bundling it would lose the file.
  serverExternalPackages: ['highs'],
  devIndicators: false,
  // `npm test` has the types checked before it builds.
  typescript: { ignoreBuildErrors: process.env.RUVEK_TYPES_CHECKED === '1' },
};

export default config;
