import withNuxt from './.nuxt/eslint.config.mjs'

const outsideOfCore = ['~/*', '@/*', '#imports', '#app', '#app/*', 'vue', 'nuxt', 'nuxt/*', 'pinia', 'idb', 'echarts', 'echarts/*', '@vueuse/*', '@nuxt/*', '**/app/**', '**/server/**', 'node:*']

export default withNuxt(
  { ignores: ['.output/**', '.nuxt/**'] },
  {
    rules: {
      '@stylistic/max-statements-per-line': ['error', { max: 3 }],
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/multi-word-component-names': 'off',
    },
  },
  {
    // Dependencies point one way: app and server lean on the core; the core leans on nothing of ours.
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: [{ group: outsideOfCore, message: 'The core knows no screen, no storage and no server.' }] }],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'indexedDB', 'navigator', 'fetch', 'process'],
      'no-restricted-syntax': [
        'error',
        { selector: 'CallExpression[callee.object.name="Date"][callee.property.name="now"]', message: 'The clock is passed in.' },
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'The clock is passed in.' },
        { selector: 'CallExpression[callee.object.name="Math"][callee.property.name="random"]', message: 'Chance is passed in.' },
      ],
    },
  },
  {
    files: ['server/**/*.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: [{ group: ['~/*', '@/*', '**/app/**'], message: 'The server leans on the core only.' }] }] },
  },
)
