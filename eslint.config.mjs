import { NESTED_TERNARIES, TOO_COMPLEX } from './eslint.waiting.mjs'
import { defineConfig, globalIgnores } from 'eslint/config'
import next from 'eslint-config-next/core-web-vitals'
import typescript from 'eslint-config-next/typescript'

const WORDS = '/^(message|label|words|name)$/'
const TESTS = '/^(includes|startsWith|endsWith|match)$/'
const NO_SENTENCE_STEERS =
  'No sentence steers: ask for a code, a kind or an id, and make the words from it in a words.ts.'
/** What a thing is stands on its entry, and what came of an act is a code: neither is read out of words. */
const sentences = [
  `CallExpression[callee.property.name=${TESTS}][callee.object.property.name=${WORDS}]`,
  `CallExpression[callee.property.name=${TESTS}][callee.object.name=${WORDS}]`,
  `BinaryExpression[operator=/^[!=]==$/][left.property.name=${WORDS}]`,
  `BinaryExpression[operator=/^[!=]==$/][right.property.name=${WORDS}]`,
  `BinaryExpression[operator=/^[!=]==$/][left.name=${WORDS}]`,
  `BinaryExpression[operator=/^[!=]==$/][right.name=${WORDS}]`,
].map((selector) => ({ selector, message: NO_SENTENCE_STEERS }))

const ONE_WAY_TO_WRITE_MOMENTS = 'A moment is written by core/units/moment, in the zone of whoever looks.'
/** A day cut out of ISO letters is Greenwich's, and not the one outside the window. */
const moments = [
  "CallExpression[callee.property.name='slice'][arguments.1.value=10]",
  'MemberExpression[property.name=/^toLocale(Date|Time)?String$/]',
  "MemberExpression[property.name='DateTimeFormat']",
].map((selector) => ({ selector, message: ONE_WAY_TO_WRITE_MOMENTS }))

const MADE_BY_ACT = 'A write of the screens is made by act(), a question by ask(): src/stations/across/act.'
const acts = [
  'ExportNamedDeclaration > FunctionDeclaration',
  'ExportNamedDeclaration > VariableDeclaration > VariableDeclarator:not([init.callee.name=/^(act|ask)$/])',
].map((selector) => ({ selector, message: MADE_BY_ACT }))

const ONE_LIVE_REGION =
  'What comes and changes by itself is marked data-said: ui/liveRegion reads it in the page’s one live region.'
const live = [
  "JSXAttribute[name.name='aria-live']",
  "JSXAttribute[name.name='role'] Literal[value=/^(status|log)$/]",
].map((selector) => ({ selector, message: ONE_LIVE_REGION }))

export default defineConfig([
  ...next,
  ...typescript,
  globalIgnores([
    '.next/**',
    'node_modules/**',
    'data/**',
    'demo-data/**',
    'test-results/**',
    'playwright-report/**',
    'next-env.d.ts',
  ]),
  {
    rules: {
      complexity: ['error', 20],
      'no-nested-ternary': 'error',
      // Pictures come from the workshop's own file store, already sized by it.
      '@next/next/no-img-element': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_+$' }],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'demo/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/words.ts',
      'src/core/units/{byName,moment}.ts',
      'src/ui/deviceZone.ts',
      'src/cli/**',
    ],
    rules: { 'no-restricted-syntax': ['error', ...sentences, ...moments] },
  },
  {
    files: ['src/{stations,ui}/**/*.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...sentences, ...moments, ...live] },
  },
  {
    files: ['src/stations/**/*ctions.ts'],
    rules: { 'no-restricted-syntax': ['error', ...sentences, ...moments, ...acts] },
  },
  {
    files: ['src/app/**/route.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...sentences,
        {
          selector: 'ExportNamedDeclaration > FunctionDeclaration[id.name=/^(POST|PUT|PATCH|DELETE)$/]',
          message: 'A route that writes is made by actRoute(): src/stations/across/act.',
        },
      ],
    },
  },
  {
    files: ['src/**/*.test.ts', 'demo/**/*.test.ts'],
    ignores: ['**/*.alone.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        ...['mock', 'doMock', 'resetModules'].map((property) => ({
          object: 'vi',
          property,
          message:
            'Modules are shared by all unit tests: a file that changes them is called *.alone.test.ts.',
        })),
      ],
    },
  },
  { files: NESTED_TERNARIES, rules: { 'no-nested-ternary': 'off' } },
  { files: TOO_COMPLEX, rules: { complexity: 'off' } },
])
