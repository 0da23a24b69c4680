import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '#core': at('./core'), '~': at('./app') }
/** No test knows what day it is where it runs. */
const setupFiles = [at('./test/clock/setup.ts')]

/** What takes longest of what needs no browser: left to the whole run by `npm run test:fast`. */
const LONG = [
  'core/methods/hot-heap/forecast/forecast.test.ts', 'core/mix/mix.test.ts', 'core/balancing/{balancing,answers,asked}.test.ts',
  'core/methods/leafmould/leafmould.test.ts', 'app/storage/{desk,earlier-garden}.test.ts',
]

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit', environment: 'node', setupFiles, testTimeout: 120_000,
          include: ['core/**/*.test.ts', 'app/**/*.test.ts', 'server/**/*.test.ts', 'test/{structure,told}/**/*.test.ts'],
          exclude: process.env.WASTRUM_FAST ? LONG : [],
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'journeys',
          environment: 'node',
          setupFiles,
          globalSetup: [at('./test/journeys/support/world.ts')],
          include: ['test/journeys/**/*.test.ts'],
          testTimeout: 240_000, hookTimeout: 60_000,
        },
      },
    ],
  },
})
