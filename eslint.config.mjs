import nextVitals from 'eslint-config-next/core-web-vitals'
import nextTypescript from 'eslint-config-next/typescript'

/** Modules of core in dependency order: each may import only those before it. */
const coreModules = [
  'base',
  'math',
  'time',
  'units',
  'fluids',
  'rules',
  'findings',
  'cylinders',
  'appliances',
  'vaporization',
  'fill',
  'hookup',
  'leak-test',
  'heat',
  'run',
  'co2',
  'trip',
  'practice',
]

/** Layers: each may import only those listed. */
const layers = {
  core: [],
  records: ['core'],
  services: ['core', 'records'],
  programs: ['core', 'records'],
  instruments: ['core'],
  actions: ['core', 'services'],
  workers: ['core'],
  ui: ['core', 'instruments', 'workers', 'ui'],
  app: ['core', 'services', 'instruments', 'actions', 'workers', 'ui', 'app'],
}

const outsideFolder = {
  group: ['../*'],
  message: 'Import from another folder by its @/ path, so that the direction of every import is visible.',
}
const zodFirst = {
  name: 'zod',
  message: 'Import z from @/core/base/zod, which configures Zod for the content security policy.',
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
            outsideFolder,
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

const prefetchingLink = {
  name: 'next/link',
  message: 'Import Link from @/ui/shell/Link, which does not prefetch.',
}

const restrictedLayers = Object.entries(layers)
  .filter(([layer]) => layer !== 'core')
  .map(([layer, allowed]) =>
    restrict(
      [`src/${layer}/**/*.{ts,tsx}`],
      Object.keys(layers).filter((other) => other !== layer && !allowed.includes(other)),
      [prefetchingLink],
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
      ...Object.keys(layers).filter((layer) => layer !== 'core'),
      ...coreModules.slice(i + 1).map((later) => `core/${later}`),
    ],
    impurePackages.map((name) => ({ name, message: 'Core is computation only.' })),
  ),
)

const noClock = 'Core has no clock and no random numbers: pass them in.'

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'data/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
  ...nextVitals,
  ...nextTypescript,
  {
    linterOptions: { reportUnusedDisableDirectives: 'error', noInlineConfig: true },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // `const { dropped, ...rest } = row` is how a field is dropped.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
      'no-console': 'error',
      'max-lines': ['error', { max: 350 }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.property.name="get"][callee.object.callee.property.name="returning"]',
          message: 'A failed commit is swallowed here. Use insertRow of @/records/write, or .all() inside write.',
        },
      ],
    },
  },
  ...restrictedLayers,
  ...restrictedCore,
  { files: ['src/core/base/zod.ts', 'src/ui/shell/Link.tsx'], rules: { 'no-restricted-imports': 'off' } },
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
  { files: ['scripts/**', 'server.mjs'], rules: { 'no-console': 'off' } },
]

export default config
