import next from 'eslint-config-next';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

/** What stations show and work with. */
const SHOWN = [
  'core',
  'reference',
  'calculations',
  'records',
  'data',
  'workers',
  'devices',
  'drawing',
  'ui',
  'messages',
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
  workers: ['core', 'calculations'],
  devices: ['core', 'records'],
  drawing: ['core'],
  messages: ['core'],
  ui: ['core', 'drawing', 'messages'],
  demo: ['core', 'reference', 'records'],
  stations: SHOWN,
  app: [...SHOWN, 'demo', 'stations'],
};

/** Stations with a face of their own. `stations/shared` is what all of them stand on. */
const STATIONS = [
  'ticket',
  'metal',
  'molds',
  'pour',
  'dress',
  'coat',
  'skirt',
  'build',
  'rig',
  'shelf',
  'cost',
  'water',
];

/** What is seen, and so may use React. */
const REACT_ROOMS = ['ui', 'stations', 'app'];

/** Packages that only some rooms may touch. */
const PACKAGE_ROOMS = [
  {
    packages: ['react', 'react-dom', 'next', 'antd', '@ant-design', 'react-chartjs-2', 'chart.js'],
    rooms: REACT_ROOMS,
  },
  { packages: ['dexie'], rooms: ['data'] },
  { packages: ['dexie-react-hooks'], rooms: ['stations'] },
  { packages: ['zod'], rooms: ['calculations', 'records', 'data', 'app'] },
  { packages: ['comlink'], rooms: ['workers'] },
  {
    packages: ['highs', 'quickhull3d', 'svgpath', 'manifold-3d', 'culori', 'ml-kmeans', 'jstat'],
    rooms: ['core'],
  },
  { packages: ['pdf-lib', '@pdf-lib', '@fontsource', 'ical-generator', 'qrcode'], rooms: ['data'] },
  { packages: ['@dnd-kit'], rooms: ['stations'] },
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
            message: `${room}/ may import only of: ${ROOMS[room].join(', ') || 'itself'}. See ROOMS in eslint.config.mjs.`,
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
            message: `${room}/ does not touch this package. See PACKAGE_ROOMS in eslint.config.mjs.`,
          },
        ]
      : []),
    ...(room === 'core' ? [{ regex: '^node:', message: 'core/ runs anywhere: no Node.' }] : []),
    ...(room === 'stations' || room === 'app'
      ? [
          {
            regex: '^@/devices/.+/truth$',
            message: 'What a stand-in hides is for it alone: the page reads its stream.',
          },
        ]
      : []),
    ...(room === 'app'
      ? [{ regex: '^@/stations/[^/]+/.+', message: 'A station is used through its index alone.' }]
      : []),
  ];
}

const restricted = (patterns) => ({ '@typescript-eslint/no-restricted-imports': ['error', { patterns }] });

const roomRules = Object.keys(ROOMS).map((room) => ({
  files: [`src/${room}/**/*.{ts,tsx}`],
  ignores: ['**/*.test.ts', '**/*.test.tsx'],
  rules: restricted(barredPatterns(room)),
}));

const stationRules = STATIONS.map((station) => ({
  files: [`src/stations/${station}/**/*.{ts,tsx}`],
  ignores: ['**/*.test.ts', '**/*.test.tsx'],
  rules: restricted([
    ...barredPatterns('stations'),
    {
      regex: `^\\.\\./(?!\\.\\.)(?!shared$).+|^@/stations/`,
      message: "A station uses stations/shared through its index, and never another station's inside.",
    },
  ]),
}));

/**
 * Types tell what is global, so no list of names is needed. What judges components runs a compiler over each file, so it
 * is asked only where components are made: not where there are none, and not in tests of them.
 */
const slimNext = next.map(({ languageOptions, ...rules }) => {
  if (!languageOptions) return rules;
  const { parser, parserOptions } = languageOptions;
  return { ...rules, languageOptions: { parser, parserOptions } };
});
const ofReact = next.flatMap(({ rules = {} }) =>
  Object.keys(rules).filter((rule) => rule.startsWith('react')),
);
const withoutReact = {
  files: [
    ...Object.keys(ROOMS)
      .filter((room) => !REACT_ROOMS.includes(room))
      .map((room) => `src/${room}/**/*.ts`),
    ...['tests/**', 'bench/**', 'cli/**', 'scripts/**', '**/*.test.ts', '**/*.test.tsx', '*.mjs', '*.ts'],
  ],
  rules: Object.fromEntries(ofReact.map((rule) => [rule, 'off'])),
};

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
  ...slimNext,
  withoutReact,
  {
    // Pictures are the maker's own, kept on this device as data URLs: there is nothing to load or to resize.
    files: ['src/stations/**/*.tsx'],
    rules: { '@next/next/no-img-element': 'off' },
  },
  ...tseslint.configs.strict.map((rules) => ({ ...rules, files: ['**/*.ts', '**/*.tsx'] })),
  {
    files: ['**/*.{ts,tsx,mjs}'],
    rules: {
      'no-console': 'error',
      // Speaks for the React Compiler, which this build does not run.
      'react-hooks/preserve-manual-memoization': 'off',
      eqeqeq: ['error', 'always'],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: { '@typescript-eslint/consistent-type-imports': 'error' },
  },
  {
    files: [
      'src/core/**/*.ts',
      'src/reference/**/*.ts',
      'src/calculations/**/*.ts',
      'src/drawing/**/*.ts',
      'src/records/**/*.ts',
      'src/messages/**/*.ts',
      'src/demo/**/*.ts',
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
    files: ['**/*.test.ts', '**/*.test.tsx', 'tests/**'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  prettier,
];

export default config;
