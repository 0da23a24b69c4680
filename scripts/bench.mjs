// Figures of this machine in one run: `npm run bench`. Compare the ratios, not the milliseconds of two machines.
import { existsSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { runBundled } from './bundle.mjs'
import { withPage } from './browser.mjs'
import { measureLoad } from './load.mjs'
import { ensureBuilt, ensureInstalled, ROOT, run, SERVER } from './steps.mjs'

if (!ensureInstalled()) process.exit(1)
await runBundled('figures')
await runBundled('answers')
await runBundled('year')

/** Kilobytes of script, as sent, until the first page is quiet: what a first visitor waits for. */
const firstPage = serverFile =>
  withPage(serverFile, async (page, go) => {
    const network = await page.createCDPSession()
    const scripts = new Set()
    let bytes = 0
    await network.send('Network.enable')
    network.on('Network.responseReceived', ({ requestId, type }) => {
      if (type === 'Script') scripts.add(requestId)
    })
    network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      if (scripts.has(requestId)) bytes += encodedDataLength
    })
    await go('/')
    await page.waitForSelector('button')
    return bytes / 1000
  })

/**
 * Records a reading on the page of a heap and watches the page's thread until the forecast is there again: tasks over 50 ms, as
 * the browser counts them.
 */
const whileForecasting = serverFile =>
  withPage(serverFile, async (page, go) => {
    const settled = () =>
      page.waitForFunction(() => document.querySelector('[data-window-story]') && !document.querySelector('progress'), { timeout: 120_000 })
    await go('/welcome/demo')
    await page.waitForFunction(() => document.body.innerText.includes('Apple bay'))
    await go('/batch/demo-apple-bay')
    await settled()
    await page.click('[data-pad="heat"]')
    await page.type('form input[inputmode="decimal"]', '52')
    await new Promise(resolve => setTimeout(resolve, 8000))
    await page.evaluate(() => {
      globalThis.longTasks = []
      new PerformanceObserver(list => globalThis.longTasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
        type: 'longtask',
      })
    })
    await page.click('form .label-button.strong')
    await page.waitForSelector('progress', { timeout: 20_000 })
    const started = Date.now()
    const atStart = await page.evaluate(() => globalThis.longTasks.splice(0))
    await page.waitForFunction(() => !document.querySelector('progress'), { timeout: 120_000 })
    const took = Date.now() - started
    await new Promise(resolve => setTimeout(resolve, 300))
    return { tap: atStart, forecasting: await page.evaluate(() => globalThis.longTasks), took }
  })

/** The bare framework with one button, built the same way. */
function buildFloor() {
  const dir = mkdtempSync(join(tmpdir(), 'wastrum-floor-'))
  mkdirSync(join(dir, 'app/pages'), { recursive: true })
  writeFileSync(join(dir, 'package.json'), JSON.stringify({ name: 'floor', private: true, type: 'module' }))
  writeFileSync(join(dir, 'app/assets.css'), '@import "tailwindcss"; @import "@nuxt/ui";')
  writeFileSync(join(dir, 'app/app.vue'), '<template><UApp><NuxtPage /></UApp></template>')
  writeFileSync(join(dir, 'app/pages/index.vue'), '<template><UButton>One</UButton></template>')
  writeFileSync(
    join(dir, 'nuxt.config.ts'),
    `export default defineNuxtConfig({ modules: ['@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt'], ssr: false, css: ['~/assets.css'], ui: { `
    + `fonts: false }, icon: { provider: 'none', fallbackToApi: false, serverBundle: false }, nitro: { compressPublicAssets: { gzip: `
    + `true, brotli: true } }, compatibilityDate: '2026-01-01', telemetry: false})`,
  )
  symlinkSync(join(ROOT, 'node_modules'), join(dir, 'node_modules'))
  const built = run(join(ROOT, 'node_modules/.bin/nuxt'), ['build', dir, '--logLevel', 'silent'])
  return { dir, built }
}

if (ensureBuilt()) {
  await measureLoad(SERVER)
  const { tap, forecasting, took } = await whileForecasting(SERVER)
  const tasks = all => (all.length === 0 ? 'none over 50 ms' : `${all.map(ms => Math.round(ms)).join(', ')} ms`)
  console.log(`${'the page\'s thread from the tap to the first progress'.padEnd(58)} ${tasks(tap)}`)
  console.log(`${'  and while the forecast runs and is shown'.padEnd(58)} ${tasks(forecasting)} in ${(took / 1000).toFixed(1)} s`)
  const ours = await firstPage(SERVER)
  console.log(`${'first page: script before anything can be pressed'.padEnd(58)} ${ours.toFixed(0)} kB as sent (brotli)`)
  const { dir, built } = buildFloor()
  if (built && existsSync(join(dir, '.output/server/index.mjs'))) {
    const floor = await firstPage(join(dir, '.output/server/index.mjs'))
    console.log(
      `${'  the bare framework, built the same way'.padEnd(58)} ${floor.toFixed(0)} kB; ours is ${(ours - floor).toFixed(0)} kB above`,
    )
  }
  rmSync(dir, { recursive: true, force: true })
}
