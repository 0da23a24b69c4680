// Builds the app apart from where it is developed, so that lint, types and tests go on beside it.
import { join } from 'node:path'
import { ROOT } from './steps.mjs'

process.env.NODE_ENV = 'production'
const { loadNuxt, build } = await import('nuxt')
const nuxt = await loadNuxt({ cwd: ROOT, dev: false, overrides: { buildDir: join(ROOT, '.built/nuxt') } })
await build(nuxt)
await nuxt.close()
