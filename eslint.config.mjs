import nextVitals from 'eslint-config-next/core-web-vitals'
import nextTypescript from 'eslint-config-next/typescript'

/** Modules of core in the order the gas passes them: each may use only those before it. */
const coreModules = [
  'findings',
  'units',
  'fluids',
  'rules',
  'cylinders',
  'filling',
  'hookup',
  'leaktest',
  'shelter',
  'running',
  'co2',
  'readiness',
  'diagnosis',
]

/** Floors of the house: each may use only those listed. Two files in one folder use `./`. */
const floors = {
  core: [],
  records: ['core'],
  instruments: ['core'],
  actions: ['core', 'records'],
  workers: ['core'],
  ui: ['core', 'instruments', 'workers', 'ui'],
  app: ['core', 'records', 'instruments', 'actions', 'workers', 'ui', 'app'],
}

const outside = {
  group: ['../*'],
  message: 'Reach another folder by @/…, so that the direction of every import can be read off.',
}
const zodFirst = {
  name: 'zod',
  message: 'Take z from @/core/findings/schema, which sets it up for the security policy.',
}

function restrict(files, forbidden, extra = []) {
  return {
    files,
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [zodFirst, ...extra],
          patterns: [
            outside,
            ...forbidden.map((folder) => ({
              group: [`@/${folder}`, `@/${folder}/**`],
              message: 'Imports run one way: see docs/architecture.md.',
            })),
          ],
        },
      ],
    },
  }
}

const fetchedAhead = {
  name: 'next/link',
  message: 'Take Link from @/ui/Link, which fetches a page when it is asked for.',
}

const restrictedFloors = Object.entries(floors)
  .filter(([floor]) => floor !== 'core')
  .map(([floor, allowed]) =>
    restrict(
      [`src/${floor}/**/*.{ts,tsx}`],
      Object.keys(floors).filter((other) => other !== floor && !allowed.includes(other)),
      [fetchedAhead],
    ),
  )

const impurePackages = [
  'react',
  'react-dom',
  'next',
  'better-sqlite3',
  'drizzle-orm',
  'node:fs',
  'fs',
  'path',
  'node:path',
]
const restrictedCore = coreModules.map((name, i) =>
  restrict(
    [`src/core/${name}/**/*.ts`],
    [
      ...Object.keys(floors).filter((floor) => floor !== 'core'),
      ...coreModules.slice(i + 1).map((later) => `core/${later}`),
    ],
    impurePackages.map((name) => ({ name, message: 'Core is computation only.' })),
  ),
)

const noClock = 'Core has no clock and no chance: pass them in.'

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'data/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
  ...nextVitals,
  ...nextTypescript,
  {
    linterOptions: { reportUnusedDisableDirectives: 'error', noInlineConfig: true },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // Taking a field off by naming it is how the rest is kept.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
      'no-console': 'error',
      'max-lines': ['error', { max: 350 }],
    },
  },
  ...restrictedFloors,
  ...restrictedCore,
  { files: ['src/core/findings/schema.ts', 'src/ui/Link.tsx'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: noClock },
        { object: 'Math', property: 'random', message: noClock },
        { object: 'performance', property: 'now', message: noClock },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: noClock },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'localStorage', 'fetch'],
    },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
]

export default config
