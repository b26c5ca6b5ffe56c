/** Unit tests sit beside their file; tests/ holds import rules and differential runs (journeys run in Playwright). */
const config = {
  testEnvironment: 'node',
  // Each file has globals of its own: to take them apart when it ends frees nothing, and takes seconds for large ones.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  // One process for all of it grows to gigabytes and slows what runs late: a worker that has grown is begun anew.
  maxWorkers: 2,
  workerIdleMemoryLimit: '900MB',
  // Looked up in the sandbox each time, these slow every loop of numbers about tenfold.
  sandboxInjectedGlobals: [
    'Math',
    'Number',
    'Array',
    'Float64Array',
    'Float32Array',
    'Int32Array',
    'Uint32Array',
    'Uint8Array',
    'Map',
    'Set',
    'Object',
    'String',
    'JSON',
  ],
  // Component tests are slow on a shared machine; a time limit is no test of speed.
  testTimeout: 180_000,
  roots: ['<rootDir>/src', '<rootDir>/cli', '<rootDir>/tests', '<rootDir>/scripts'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
      },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(nanoid|manifold-3d|quickhull3d|three|d3-[^/]+|internmap|ml-[^/]+|is-any-array|@ant-design/(colors|fast-color))/)',
  ],
  moduleNameMapper: {
    '\\.(css|woff2?)$': '<rootDir>/tests/style-stub.js',
    // Each test file loads what it imports anew: a part in one file is there in a tenth of the time of its thousand files.
    '^antd$': '<rootDir>/node_modules/antd/dist/antd.js',
    '^@ant-design/icons$': '<rootDir>/tests/support/icons.js',
    '^next/navigation$': '<rootDir>/tests/support/navigation.ts',
    '^fast-check$': '<rootDir>/tests/support/seeded-fast-check.js',
    '^three$': '<rootDir>/node_modules/three/build/three.module.js',
    '^manifold-3d$': '<rootDir>/node_modules/manifold-3d/manifold.js',
    '^@/(.*)$': '<rootDir>/src/$1',
  },
};

export default config;
