import { randomUUID } from 'node:crypto'
import { fileURLToPath } from 'node:url'
import { csp } from './server/utils/csp'

const noNodeModules = fileURLToPath(new URL('./app/stubs/node-module.ts', import.meta.url))
const core = fileURLToPath(new URL('./core', import.meta.url))

export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt', '@vite-pwa/nuxt', '@nuxt/eslint'],
  // Development with ssr off needs the environment API; in builds it only floods warnings.
  $development: { experimental: { viteEnvironmentApi: true } },
  $production: {
    routeRules: {
      '/**': {
        headers: {
          // Documents get this policy with the hashes of their inline scripts added by server/plugins/csp.ts.
          'content-security-policy': csp(),
          'x-content-type-options': 'nosniff',
          'x-frame-options': 'DENY',
          'referrer-policy': 'no-referrer',
          'cross-origin-opener-policy': 'same-origin',
          'cross-origin-resource-policy': 'same-origin',
          'permissions-policy': 'camera=(), microphone=(), geolocation=(), usb=(), payment=()',
        },
      },
      // The solver is WebAssembly; only scripts may start it, and documents carry the stricter policy.
      '/_nuxt/**': { headers: { 'content-security-policy': csp([], true) } },
      '/sw.js': { headers: { 'cache-control': 'no-cache' } },
      '/': { headers: { 'cache-control': 'no-cache' } },
    },
  },
  ssr: false,
  components: [{ path: '~/components', pathPrefix: false, extensions: ['vue'] }],
  devtools: { enabled: false },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Wastrum',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1, viewport-fit=cover' },
        { name: 'description', content: 'Builds, forecasts and minds your compost from your own buckets.' },
        { name: 'theme-color', content: '#f4eddd', media: '(prefers-color-scheme: light)' },
        { name: 'theme-color', content: '#1b150f', media: '(prefers-color-scheme: dark)' },
      ],
      link: [{ rel: 'icon', href: '/favicon.svg', type: 'image/svg+xml' }],
    },
  },
  css: ['~/assets/css/main.css'],
  // Fonts ship with the app through fontsource; nothing is fetched.
  ui: {
    fonts: false,
    colorMode: true,
    theme: { colors: ['primary', 'secondary', 'success', 'info', 'warning', 'error'] },
  },
  alias: { '#core': core },
  compatibilityDate: '2026-01-01',
  nitro: { compressPublicAssets: { gzip: true, brotli: true } },
  vite: {
    worker: { format: 'es' },
    // Another build may reckon otherwise: what was worked out by one is not believed by the next.
    define: { 'import.meta.env.BUILD': JSON.stringify(randomUUID()) },
    resolve: { alias: { 'node:module': noNodeModules } },
    build: {
      target: 'es2022',
      chunkSizeWarningLimit: 700,
      rollupOptions: { onwarn: (warning, next) => { if (warning.code !== 'SOURCEMAP_BROKEN') next(warning) } },
    },
    optimizeDeps: {
      include: [
        'date-fns', 'echarts/core', 'echarts/charts', 'echarts/components', 'echarts/renderers', 'vue-echarts', 'idb', 'valibot',
        'comlink',
      ],
      exclude: ['highs'],
    },
  },
  typescript: {
    strict: true,
    tsConfig: { include: ['../core/**/*.ts', '../test/**/*.ts'], compilerOptions: { noUncheckedIndexedAccess: true } },
  },
  telemetry: false,
  hooks: {
    // The service worker fetches everything for offline use in its own time; fetching it for the first page as well would hold that up.
    'build:manifest': (manifest) => {
      for (const part of Object.values(manifest)) {
        part.prefetch = false
        part.dynamicImports = []
      }
    },
  },
  eslint: { config: { stylistic: true } },
  icon: {
    provider: 'none',
    fallbackToApi: false,
    serverBundle: false,
    clientBundle: {
      scan: { globInclude: ['app/**/*.{vue,ts}', 'core/**/*.ts'], globExclude: ['node_modules'] }, includeCustomCollections: true,
      sizeLimitKb: 512,
      icons: ['ph:umbrella', 'ph:flask', 'ph:push-pin', 'ph:push-pin-fill', 'ph:x', 'ph:check', 'ph:caret-down', 'ph:hourglass'],
    },
  },
  pwa: {
    // A new version waits until the gardener says so.
    registerType: 'prompt',
    manifest: {
      name: 'Wastrum', short_name: 'Wastrum', start_url: '/', display: 'standalone',
      description: 'Builds, forecasts and minds your compost from your own buckets.',
      background_color: '#f4eddd', theme_color: '#4a3b2a',
      icons: [
        { src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
        { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,html,woff2,svg,png,json,webmanifest,wasm}'],
      // There is no index.html in the build, so the shell is precached by hand.
      additionalManifestEntries: [{ url: '/', revision: process.env.BUILD_ID ?? String(Date.now()) }],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
      maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
      cleanupOutdatedCaches: true,
      clientsClaim: true,
    },
    // How a new version is taken is said in app/plugins/updates.client.ts.
    client: { installPrompt: false, registerPlugin: false },
    devOptions: { enabled: false },
  },
})
