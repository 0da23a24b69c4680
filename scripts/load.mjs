// What a garden of twenty years costs in a browser: waiting, tasks that hold the page up, memory.
import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { withPage } from './browser.mjs'

const line = (name, text) => console.log(`${name.padEnd(58)} ${text}`)
const tasks = all =>
  all.length === 0
    ? 'no task over 50 ms'
    : `tasks of ${all
      .sort((a, b) => b - a)
      .slice(0, 6)
      .map(ms => Math.round(ms))
      .join(', ')} ms`
const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))

/** Watches every page from its first moment on. */
async function watch(page) {
  await page.evaluateOnNewDocument(() => {
    globalThis.longTasks = []
    new PerformanceObserver(list => globalThis.longTasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
      type: 'longtask', buffered: true,
    })
  })
}
const taken = page => page.evaluate(() => globalThis.longTasks.splice(0))
const seen = (page, selector) => page.waitForFunction(one => document.querySelector(one), {}, selector)

async function memoryMb(page) {
  const devtools = await page.createCDPSession()
  await devtools.send('HeapProfiler.collectGarbage')
  const { usedSize } = await devtools.send('Runtime.getHeapUsage')
  await devtools.detach()
  return usedSize / 1e6
}

/** Opens a page of the garden and waits for what makes it useful, then for quiet. */
async function opening(page, go, path, useful) {
  const before = performance.now()
  await go(path)
  await seen(page, useful)
  const took = performance.now() - before
  await sleep(2500)
  return { took, long: await taken(page) }
}

export async function measureLoad(serverFile, years = 20) {
  const downloads = mkdtempSync(join(tmpdir(), 'wastrum-load-'))
  await withPage(serverFile, async (page, go, browser) => {
    const devtools = await browser.target().createCDPSession()
    await devtools.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: downloads })
    await watch(page)
    const before = performance.now()
    await go(`/welcome/demo?years=${years}`)
    await seen(page, '[data-round]')
    line(`laying out ${years} years with pictures`, `${((performance.now() - before) / 1000).toFixed(1)} s`)
    await sleep(3000)
    for (const [name, path, useful] of [
      ['round', '/', '[data-task], [data-nothing]'], ['yard', '/yard', '[data-coming]'], ['store', '/store', '[data-lot], h1'],
      ['batch', '/batch/long-598', '[data-log]'], ['garden', '/garden', '[data-picture]'],
    ]) {
      const { took, long } = await opening(page, go, path, useful)
      line(
        `  ${name}: first useful screen`,
        `${(took / 1000).toFixed(2)} s, ${tasks(long)}, ${(await memoryMb(page)).toFixed(0)} MB of script memory`,
      )
    }
    await go('/batch/long-598')
    await seen(page, '[data-pad="note"]')
    await sleep(2500)
    await page.click('[data-pad="note"]')
    await page.type('textarea', 'Measured.')
    await taken(page)
    const tapped = performance.now()
    await page.click('form .label-button.strong')
    await page.waitForFunction(() => document.body.innerText.includes('noted.'))
    line('  recording a note: until it is said', `${(performance.now() - tapped).toFixed(0)} ms`)
    await sleep(2500)
    line('', tasks(await taken(page)))
    await go('/garden')
    await seen(page, '[data-picture]')
    await sleep(1500)
    await taken(page)
    for (const [name, label] of [['a backup', 'Save a backup'], ['one with its pictures', 'With its pictures']]) {
      const started = performance.now()
      await page.evaluate(text => [...document.querySelectorAll('button')].find(({ innerText }) => innerText.includes(text)).click(), label)
      await sleep(200)
      await page.waitForFunction(() => !document.querySelector('[data-working]'))
      // So many pictures go into several files.
      for (let part = 1; await page.$('[data-save-parts]'); part++) {
        const more = await page.evaluate((index) => {
          const button = [...document.querySelectorAll('[data-save-parts] button')].find(({ innerText }) => innerText === `File ${index}`)
          button?.click()
          return Boolean(button)
        }, part)
        if (!more) break
        await sleep(300)
        await page.waitForFunction(() => !document.querySelector('[data-working]'))
        await sleep(700)
      }
      line(
        `  saving ${name}`,
        `${((performance.now() - started) / 1000).toFixed(1)} s, ${tasks(await taken(page))}, ${(await memoryMb(page)).toFixed(0)} MB`,
      )
    }
    await sleep(2000)
    const files = readdirSync(downloads).map(name => join(downloads, name))
    line('', files.map(file => `${file.split('.').at(-1)} ${(statSync(file).size / 1e6).toFixed(1)} MB`).join(', '))
    for (const file of files) {
      const started = performance.now()
      const input = await page.waitForSelector('[data-backup-file]')
      await input.uploadFile(file)
      await seen(page, '[data-import-preview]')
      line(`  looking at ${file.split('.').at(-1)}`, `${((performance.now() - started) / 1000).toFixed(1)} s, ${tasks(await taken(page))}`)
      const took = performance.now()
      await page.evaluate(() =>
        [...document.querySelectorAll('[data-import-preview] button')].find(({ innerText }) => innerText.startsWith('Add')).click(),
      )
      await seen(page, '[data-taken]')
      line(
        '  and taking it in',
        `${((performance.now() - took) / 1000).toFixed(1)} s, ${tasks(await taken(page))}, ${(await memoryMb(page)).toFixed(0)} MB`,
      )
    }
  }, ['--enable-precise-memory-info'])
  rmSync(downloads, { recursive: true, force: true })
}
