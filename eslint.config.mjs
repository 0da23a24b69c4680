import { readdirSync } from 'node:fs'
import withNuxt from './.nuxt/eslint.config.mjs'

/** A second model that the first one is tried against: who forecasts must not know it. */
const aForeignTruth = '**/bench/foreign'
const outsideOfCore = [
  '~/*', '@/*', '#imports', '#app', '#app/*', 'vue', 'nuxt', 'nuxt/*', 'pinia', 'idb', 'echarts', 'echarts/*', '@vueuse/*', '@nuxt/*',
  '**/app/**', '**/server/**', 'node:*', aForeignTruth,
]

/** Rooms of the methods that are not one method's own. */
const SHARED = ['contract', 'course', 'doubt', 'heated']
const METHODS = readdirSync(new URL('./core/methods', import.meta.url), { withFileTypes: true })
  .filter(one => one.isDirectory() && !SHARED.includes(one.name))
  .map(({ name }) => name)
/** A method's id stands in its own folder only; a new method is known here by its folder. */
const noMethodIds = METHODS.map(id => ({ selector: `Literal[value='${id}']`, message: `“${id}” is a method's own word: ask the method.` }))
/** However it is written: by the alias or by dots. An expression and no glob, in which “#” begins a comment. */
const aMethod = `(^|/)#?core/(heat|methods/(course|heated|${METHODS.join('|')}))(/|$)`
/** The app's own order, each with what it must not know: what is above it, and what is for the layer below it to ask. */
const APP_ORDER = 'pages, components, composables, stores, storage.'
const LAYERS = new Map([
  ['pages', ['storage', 'workers']],
  ['components', ['pages', 'storage', 'workers']],
  ['composables', ['pages', 'components']],
  ['stores', ['pages', 'components', 'composables']],
  ['storage', ['pages', 'components', 'composables', 'stores', 'workers']],
  ['workers', ['pages', 'components', 'composables', 'stores']],
  ['utils', ['pages', 'components', 'composables', 'stores', 'storage', 'workers']],
])
const aLayer = layer => `^(~|@|\\.\\.?(/\\.\\.)*)/(app/)?${layer}(/|$)`
/** What Nuxt brings in by itself is no import that a rule would see: known by its name. */
const COMPOSABLES = readdirSync(new URL('./app/composables', import.meta.url)).map(name => name.replace(/\.ts$/, ''))
const takenByItself = layer => ['stores', 'storage', 'workers', 'utils'].includes(layer)
  ? [{ selector: `CallExpression[callee.name=/^(${COMPOSABLES.join('|')})$/]`, message: `${layer} do not know composables: ${APP_ORDER}` }]
  : []
/** What a browser keeps beside the garden has one door: blocked site data throws at whoever asks elsewhere. */
const ONE_DOOR = 'app/storage/remembered.ts'
const anotherDoor = [
  { selector: 'CallExpression[callee.name=/^use(Local|Session)?Storage$/]', message: `Small things are remembered in ${ONE_DOOR}.` },
  { selector: 'Identifier[name=/^(local|session)Storage$/]', message: `Small things are remembered in ${ONE_DOOR}.` },
]
const aClockOrChance = [
  { selector: 'CallExpression[callee.object.name="Date"][callee.property.name="now"]', message: 'The clock is passed in.' },
  { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'The clock is passed in.' },
  { selector: 'CallExpression[callee.object.name="Math"][callee.property.name="random"]', message: 'Chance is passed in.' },
]

export default withNuxt(
  { ignores: ['.output/**', '.nuxt/**', '.built/**'] },
  {
    rules: {
      '@stylistic/max-len': ['error', { code: 140 }],
      '@stylistic/max-statements-per-line': ['error', { max: 3 }],
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/multi-word-component-names': 'off',
    },
  },
  {
    // Dependencies point one way: app and server lean on the core; the core leans on nothing of ours.
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error', { patterns: [{ group: outsideOfCore, message: 'The core knows no screen, no storage and no server.' }] },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'indexedDB', 'navigator', 'fetch', 'process'],
      'no-restricted-syntax': ['error', ...aClockOrChance],
    },
  },
  {
    // Nobody but a method, the list of methods and the demo names one: what screens show comes out of the contract.
    files: ['core/**/*.ts'],
    ignores: ['core/methods/**', 'core/demo/**', 'core/**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...aClockOrChance, ...noMethodIds] },
  },
  {
    // Methods do not know one another; what several share has a room of its own.
    files: SHARED.map(room => `core/methods/${room}/**/*.ts`),
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: outsideOfCore, message: 'The core knows no screen, no storage and no server.' },
            {
              group: METHODS.map(id => `**/${id}/**`).concat(METHODS.map(id => `**/${id}`)),
              message: 'What methods share knows none of them.',
            },
          ],
        },
      ],
      'no-restricted-syntax': ['error', ...aClockOrChance, ...noMethodIds],
    },
  },
  ...METHODS.map(own => ({
    files: [`core/methods/${own}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: outsideOfCore, message: 'The core knows no screen, no storage and no server.' },
            {
              group: METHODS.filter(id => id !== own).flatMap(id => [`**/${id}/**`, `**/${id}`]),
              message: 'One method does not know another: what they share has a room of its own.',
            },
          ],
        },
      ],
      'no-restricted-syntax': ['error', ...aClockOrChance, ...noMethodIds.filter(({ selector }) => !selector.includes(`'${own}'`))],
    },
  })),
  ...['app', ...LAYERS.keys()].map(layer => ({
    files: layer === 'app' ? ['app/**/*.{ts,vue}'] : [`app/${layer}/**/*.{ts,vue}`],
    ignores: ['app/**/*.test.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: [
        { regex: aMethod, message: 'Screens draw what the contract offers; they know no method and no heat.' },
        { group: [aForeignTruth], message: 'What forecasts are tried against is not what they are made of.' },
        ...(LAYERS.get(layer) ?? []).map(upper => ({ regex: aLayer(upper), message: `${layer} do not know ${upper}: ${APP_ORDER}` })),
      ] }],
      'no-restricted-syntax': ['error', ...noMethodIds, ...takenByItself(layer), ...anotherDoor],
      'vue/no-restricted-syntax': ['error', ...noMethodIds],
    },
  })),
  {
    files: [ONE_DOOR],
    rules: { 'no-restricted-syntax': ['error', ...noMethodIds, ...takenByItself('storage')] },
  },
  {
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error', { patterns: [{ group: ['~/*', '@/*', '**/app/**'], message: 'The server leans on the core only.' }] },
      ],
    },
  },
)
