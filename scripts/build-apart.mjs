// Builds the app apart from where it is developed, so that lint, types and tests go on beside it. With --made-up it goes into
// .made-up with one more method that only tests know: proof that a method needs no screen of its own. Nothing of that is shipped.
import { join } from 'node:path'
import { ROOT } from './steps.mjs'

const SHIPPED = join(ROOT, 'core/methods')
const WITH_ONE_MORE = join(ROOT, 'test/made-up/methods.ts')

/** Whoever imports the methods gets the longer list; the list itself gets the shipped one. */
const oneMore = {
  name: 'one-more-method', enforce: 'pre',
  resolveId: (id, importer) => (id === '#core/methods' || id === SHIPPED) && importer !== WITH_ONE_MORE ? WITH_ONE_MORE : undefined,
}

const madeUp = process.argv.includes('--made-up')
const place = madeUp
  // Only its pages are walked through: nothing of it is packed small, and it needs no network to be without.
  ? { buildDir: join(ROOT, '.made-up/nuxt'), pwa: { disable: true }, vite: { plugins: [oneMore], build: { minify: false, reportCompressedSize: false } }, nitro: { compressPublicAssets: false, output: { dir: join(ROOT, '.made-up/output') } } }
  : { buildDir: join(ROOT, '.made-up/plain') }

process.env.NODE_ENV = 'production'
const { loadNuxt, build } = await import('nuxt')
const nuxt = await loadNuxt({ cwd: ROOT, dev: false, overrides: place })
await build(nuxt)
await nuxt.close()
