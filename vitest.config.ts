import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
const alias = { '#core': at('./core'), '~': at('./app') }

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: { name: 'unit', environment: 'node', testTimeout: 60_000, include: ['core/**/*.test.ts', 'app/**/*.test.ts', 'server/**/*.test.ts', 'test/{structure,told}/**/*.test.ts'] },
      },
      {
        resolve: { alias },
        test: {
          name: 'journeys', environment: 'node', include: ['test/journeys/**/*.test.ts'],
          testTimeout: 240_000, hookTimeout: 60_000, fileParallelism: false,
        },
      },
    ],
  },
})
