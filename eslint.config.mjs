import tseslint from 'typescript-eslint'
import vue from 'eslint-plugin-vue'
import importX from 'eslint-plugin-import-x'
import vueParser from 'vue-eslint-parser'
import prettier from 'eslint-config-prettier'

/** The floors of core/, lowest first. A floor may use those below it, never one above or beside it on the same line. */
const floors = [
  ['units'],
  ['quantities'],
  ['colour', 'coverage', 'csv', 'safety', 'templates'],
  ['plants'],
  ['growth', 'adhesives', 'stock', 'inspection', 'tools'],
  ['drawing', 'armature', 'grass', 'blends', 'buying', 'harvest'],
  ['painting', 'renderings', 'hedges'],
  ['commissions'],
  ['makeup'],
  ['methods', 'planting'],
  ['batches'],
  ['schedule'],
  ['workshop'],
]

const zones = floors.slice(0, -1).flatMap((floor, level) =>
  floor.map((room) => ({
    target: `./core/${room}`,
    from: floors
      .slice(level + 1)
      .flat()
      .concat(floor.filter((other) => other !== room))
      .map((above) => `./core/${above}`),
    message: 'core/ is built in floors: a room may only use the floors below it (see eslint.config.mjs).',
  })),
)

/**
 * The stores of app/, in layers, lowest first: one may use those below it, never one beside or above. They are found by
 * name, without imports, so it is their calls that are looked at.
 */
const storeLayers = [
  ['notices', 'shell', 'armature'],
  ['workshop'],
  ['in-hand', 'learnt', 'harvests', 'log'],
  ['blends'],
  ['stock'],
  ['estimates', 'tools', 'commission'],
  ['shelf', 'planting', 'line-up'],
  ['buying', 'calendar'],
]
const storeName = (store) => `use${store.replace(/(^|-)(.)/g, (_, _dash, first) => first.toUpperCase())}`
const storeRules = storeLayers.flatMap((layer, level) =>
  layer.map((store) => ({
    files: [`app/stores/${store}.ts`],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...storeLayers
          .slice(level)
          .flat()
          .filter((other) => other !== store)
          .map((other) => ({
            selector: `CallExpression[callee.name="${storeName(other)}"]`,
            message: `The store “${store}” may only use stores of the layers below it (see eslint.config.mjs).`,
          })),
      ],
    },
  })),
)

const everywhere = {
  '@typescript-eslint/no-explicit-any': 'error',
  '@typescript-eslint/consistent-type-imports': 'error',
  '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
  '@typescript-eslint/no-non-null-assertion': 'error',
  'no-console': 'error',
  eqeqeq: 'error',
}

export default tseslint.config(
  { ignores: ['.nuxt/**', '.output/**', 'node_modules/**', 'reports/**', 'test-results/**'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  // Layout is Prettier's, which `npm run check` runs before lint.
  prettier,
  {
    files: ['**/*.{ts,vue,mjs}'],
    plugins: { 'import-x': importX },
    settings: {
      'import-x/resolver-next': [importX.createNodeResolver({ extensions: ['.ts', '.mjs', '.js', '.json'] })],
    },
    rules: { ...everywhere, 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
  {
    // Rows of data may be long; so may a text that is one sentence.
    files: ['**/*.{ts,mjs}'],
    ignores: ['core/plants/species/**', 'core/plants/habitats.ts', 'server/demo/lines.ts'],
    rules: {
      'max-len': [
        'error',
        {
          code: 120,
          ignoreStrings: true,
          ignoreTemplateLiterals: true,
          ignoreRegExpLiterals: true,
        },
      ],
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: {
      parser: vueParser,
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
    },
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  ...storeRules,
  {
    files: ['core/**/*.ts'],
    rules: {
      'import-x/no-restricted-paths': [
        'error',
        {
          zones: [
            {
              target: './core',
              from: ['./app', './server', './tests', './scripts', './bench'],
              message: 'core/ knows nothing of the interface, the server or the tests.',
            },
            ...zones,
          ],
        },
      ],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                'vue',
                'vue/*',
                'pinia',
                'dexie',
                'nuxt',
                'nuxt/*',
                '#*',
                '~*',
                '@/*',
                'node:*',
                'fs',
                'path',
                'crypto',
                '@vueuse/*',
              ],
              message:
                'core/ is pure TypeScript: only Zod, small packages without an interface, and its own files.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'fetch',
        'indexedDB',
        'process',
        'setTimeout',
        'setInterval',
        'crypto',
        'performance',
        'navigator',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Take a seeded generator as an argument.' },
        { object: 'Date', property: 'now', message: 'Take the time as an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Take the time as an argument.',
        },
      ],
    },
  },
  {
    files: ['app/**/*.{ts,vue}', 'server/**/*.ts'],
    rules: {
      'import-x/no-restricted-paths': [
        'error',
        {
          zones: [
            {
              target: './app',
              from: './server',
              message: 'The interface talks to the server over its routes only.',
            },
            { target: './server', from: './app', message: 'The server does not know the interface.' },
          ],
        },
      ],
    },
  },
  {
    files: ['app/components/**', 'app/pages/**', 'app/parts/**'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/db/commands/*'],
              allowTypeImports: true,
              message: 'Pages and components write by useDeed: they name a command and do not import it.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['scripts/**', 'bench/**', 'tests/**'],
    rules: { 'no-console': 'off', '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    // What Jest reads files with is asked for the old way.
    files: ['tests/support/*.cjs'],
    languageOptions: { sourceType: 'commonjs', globals: { require: 'readonly', module: 'writable' } },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
)
