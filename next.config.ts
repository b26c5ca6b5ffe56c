import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // The solver loads its own wasm from disk; bundling it would lose the file.
  serverExternalPackages: ['highs'],
  devIndicators: false,
};

export default config;
