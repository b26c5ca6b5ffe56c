import { readdirSync } from 'node:fs';

// The rules of the house. Where the lint looks at types, it asks the native compiler.

/** What stations are made of. */
const GROUND = [
  'core',
  'reference',
  'calculations',
  'records',
  'data',
  'model',
  'workers',
  'devices',
  'drawing',
  'ui',
  'text',
];

/**
 * What each room may import of the other rooms. One direction: routes show stations, stations use records and
 * calculations, calculations use the core. Within a room imports are relative; across rooms they begin with @/.
 */
export const ROOMS = {
  core: [],
  reference: ['core'],
  calculations: ['core', 'reference'],
  records: ['core'],
  data: ['core', 'records'],
  model: ['core', 'reference', 'records', 'text'],
  workers: ['core', 'calculations', 'drawing'],
  devices: ['core', 'records'],
  drawing: ['core'],
  text: ['core', 'records'],
  ui: ['core', 'reference', 'records', 'drawing', 'text'],
  demo: ['core', 'reference', 'records'],
  'station-kit': GROUND,
  'app-shell': [...GROUND, 'station-kit'],
  stations: [...GROUND, 'station-kit'],
  app: [...GROUND, 'demo', 'station-kit', 'app-shell', 'stations'],
};

/** Each a folder of `stations`, with its index as its only face. */
const STATIONS = readdirSync(new URL('src/stations/', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

/** What stands for itself: a test may reach into any room. */
const TESTS = ['**/*.test.ts', '**/*.test.tsx'];

/** What is seen, and so may use React. */
const REACT_ROOMS = ['ui', 'station-kit', 'app-shell', 'stations', 'app'];

/** Packages that only some rooms may touch. */
const PACKAGE_ROOMS = [
  {
    packages: ['react', 'react-dom', 'next', 'antd', '@ant-design', 'react-chartjs-2', 'chart.js'],
    rooms: REACT_ROOMS,
  },
  { packages: ['dexie'], rooms: ['data'] },
  { packages: ['dexie-react-hooks'], rooms: ['stations', 'app-shell'] },
  { packages: ['zod'], rooms: ['calculations', 'records', 'data', 'app'] },
  { packages: ['comlink'], rooms: ['workers', 'data'] },
  { packages: ['@techstark/opencv-js'], rooms: ['workers', 'core'] },
  {
    packages: ['highs', 'quickhull3d', 'svgpath', 'manifold-3d', 'culori', 'ml-kmeans', 'ml-matrix', 'jstat'],
    rooms: ['core'],
  },
  { packages: ['pdf-lib', '@pdf-lib', '@fontsource', 'ical-generator', 'qrcode'], rooms: ['data'] },
  { packages: ['three', '@react-three'], rooms: ['ui', 'workers'] },
  { packages: ['d3-contour'], rooms: ['drawing'] },
  { packages: ['fflate'], rooms: ['core'] },
  { packages: ['@dnd-kit'], rooms: ['ui', 'station-kit', 'stations'] },
];

const escape = (name) => name.replace(/\./g, '\\.');

function barredPatterns(room) {
  const rooms = Object.keys(ROOMS);
  const barred = rooms.filter((other) => other !== room && !ROOMS[room].includes(other));
  const packages = PACKAGE_ROOMS.filter((rule) => !rule.rooms.includes(room)).flatMap(
    (rule) => rule.packages,
  );
  return [
    ...(barred.length > 0
      ? [
          {
            regex: `^@/(${barred.join('|')})(/|$)`,
            message: `${room}/ may import only of: ${ROOMS[room].join(', ') || 'itself'}. See ROOMS in oxlint.config.mjs.`,
          },
        ]
      : []),
    {
      regex: `^(\\.\\./)+(${rooms.join('|')})(/|$)`,
      message: 'Across rooms an import begins with @/, so that the arrows can be read.',
    },
    ...(packages.length > 0
      ? [
          {
            regex: `^(${packages.map(escape).join('|')})(/|$)`,
            message: `${room}/ does not touch this package. See PACKAGE_ROOMS in oxlint.config.mjs.`,
          },
        ]
      : []),
    ...(room === 'core' ? [{ regex: '^node:', message: 'core/ runs anywhere: no Node.' }] : []),
    ...(['station-kit', 'app-shell', 'stations', 'app'].includes(room)
      ? [
          {
            regex: '^@/devices/.+/truth$',
            message: 'What a stand-in hides is for it alone: the page reads its stream.',
          },
        ]
      : []),
    ...(['app-shell', 'stations', 'app'].includes(room)
      ? [
          {
            regex: '^@/workers/client$',
            message: 'Work is asked of a worker by useJob alone: it says what failed, and how to try again.',
          },
        ]
      : []),
    ...(room === 'app'
      ? [
          {
            group: ['@/stations/*/*', '!@/stations/*/definition', '!@/stations/*/index'],
            message: 'A station is used through its index and its definition alone.',
          },
        ]
      : []),
  ];
}

const restricted = (patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });

const roomRules = Object.keys(ROOMS).map((room) => ({
  files: [`src/${room}/**/*.{ts,tsx}`],
  excludeFiles: TESTS,
  rules: restricted(barredPatterns(room)),
}));

const stationRules = STATIONS.map((station) => ({
  files: [`src/stations/${station}/**/*.{ts,tsx}`],
  excludeFiles: TESTS,
  rules: restricted([
    ...barredPatterns('stations'),
    {
      regex: `^(\\.\\./)+(${STATIONS.join('|')})(/|$)|^@/stations/`,
      message: 'A station never uses another.',
    },
  ]),
}));

/** What judges components and hooks by how React runs them. */
const COMPONENTS = {
  'react/display-name': 'error',
  'react/no-unescaped-entities': 'error',
  'react/rules-of-hooks': 'error',
  'react/exhaustive-deps': 'error',
  'react/static-components': 'error',
  'react/use-memo': 'error',
  'react/incompatible-library': 'error',
  'react/immutability': 'error',
  'react/globals': 'error',
  'react/refs': 'error',
  'react/set-state-in-effect': 'error',
  'react/set-state-in-render': 'error',
  'react/error-boundaries': 'error',
  'react/purity': 'error',
  'react/unsupported-syntax': 'error',
};

const config = {
  plugins: ['typescript', 'unicorn', 'oxc', 'react', 'nextjs', 'import', 'jsx-a11y'],
  categories: { correctness: 'error' },
  env: { builtin: true },
  // Rules that ask for types: a promise that nobody waits for is the chief of them.
  options: { typeAware: true },
  ignorePatterns: ['.next/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'],
  rules: {
    'no-console': 'error',
    // Types count too: who may not know whom does not hang on what is left of an import when it runs.
    'import/no-cycle': ['error', { ignoreTypes: false }],
    eqeqeq: ['error', 'always'],
    // A drawing has roles for which there is no element.
    'jsx-a11y/prefer-tag-over-role': 'off',
    'jsx-a11y/control-has-associated-label': ['error', { depth: 6 }],
    'jsx-a11y/label-has-associated-control': ['error', { controlComponents: ['InputNumber'], depth: 3 }],
    // Where a form is opened by hand, its first field is where the hand goes on.
    'jsx-a11y/no-autofocus': 'off',
    // What comes from files is searched for unseen characters.
    'no-control-regex': 'off',
    // Speaks for the React Compiler, which this build does not run.
    'react/preserve-manual-memoization': 'off',
  },
  overrides: [
    { files: REACT_ROOMS.map((room) => `src/${room}/**/*.{ts,tsx}`), excludeFiles: TESTS, rules: COMPONENTS },
    {
      // Pictures are the maker's own, kept on this device as data URLs: there is nothing to load or to resize.
      files: ['src/{stations,station-kit}/**/*.tsx'],
      rules: { 'nextjs/no-img-element': 'off' },
    },
    {
      files: ['**/*.ts', '**/*.tsx'],
      rules: {
        'no-var': 'error',
        'prefer-const': 'error',
        'prefer-rest-params': 'error',
        'prefer-spread': 'error',
        'no-array-constructor': 'error',
        'no-unused-expressions': 'error',
        'no-unused-vars': 'error',
        'no-useless-constructor': 'error',
        'typescript/ban-ts-comment': ['error', { minimumDescriptionLength: 10 }],
        'typescript/consistent-type-imports': 'error',
        'typescript/no-dynamic-delete': 'error',
        'typescript/no-empty-object-type': 'error',
        'typescript/no-explicit-any': 'error',
        // What nobody waits for goes through inBackground, where its failure is told.
        'typescript/no-floating-promises': ['error', { ignoreVoid: false }],
        'typescript/no-extraneous-class': 'error',
        'typescript/no-invalid-void-type': 'error',
        'typescript/no-namespace': 'error',
        'typescript/no-non-null-asserted-nullish-coalescing': 'error',
        'typescript/no-non-null-assertion': 'error',
        'typescript/no-require-imports': 'error',
        'typescript/no-unnecessary-type-constraint': 'error',
        'typescript/no-unsafe-function-type': 'error',
        'typescript/prefer-literal-enum-member': 'error',
        'typescript/unified-signatures': 'error',
      },
    },
    {
      files: [
        'src/core/**/*.ts',
        'src/reference/**/*.ts',
        'src/calculations/**/*.ts',
        'src/drawing/**/*.ts',
        'src/records/**/*.ts',
        'src/text/**/*.ts',
        'src/demo/**/*.ts',
        'src/model/**/*.ts',
      ],
      rules: {
        'no-restricted-globals': [
          'error',
          'window',
          'document',
          'localStorage',
          'self',
          'navigator',
          'fetch',
          'process',
        ],
        'no-restricted-properties': [
          'error',
          { object: 'Date', property: 'now', message: 'Time is passed in.' },
          { object: 'Math', property: 'random', message: 'Chance is passed in.' },
        ],
      },
    },
    ...roomRules,
    ...stationRules,
    {
      files: [...TESTS, 'tests/**'],
      rules: {
        'typescript/no-non-null-assertion': 'off',
        // A test may set a stream going beside it.
        'typescript/no-floating-promises': 'error',
        // Results of a test are sorted only so that they can be told apart.
        'typescript/require-array-sort-compare': 'off',
      },
    },
  ],
};

export default config;
