// Builds the app a second time with one more method that only tests know, into .made-up: proof that a method needs no
// screen of its own. Nothing of it is shipped.
import { join } from 'node:path'
import { ROOT } from './steps.mjs'

const SHIPPED = join(ROOT, 'core/methods')
const WITH_ONE_MORE = join(ROOT, 'test/made-up/methods.ts')

/** Whoever imports the methods gets the longer list; the list itself gets the shipped one. */
const oneMore = {
  name: 'one-more-method', enforce: 'pre',
  resolveId: (id, importer) => (id === '#core/methods' || id === SHIPPED) && importer !== WITH_ONE_MORE ? WITH_ONE_MORE : undefined,
}

process.env.NODE_ENV = 'production'
const { loadNuxt, build } = await import('nuxt')
const nuxt = await loadNuxt({
  cwd: ROOT, dev: false,
  overrides: { buildDir: join(ROOT, '.made-up/nuxt'), vite: { plugins: [oneMore] }, nitro: { output: { dir: join(ROOT, '.made-up/output') } } },
})
await build(nuxt)
await nuxt.close()
