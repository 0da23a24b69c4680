// The spine of the app in another engine: `npm run engines` begins, records, forecasts, balances, saves, prints, is killed and opened
// again, goes offline and restores in Firefox. Beside `npm test`: it takes the browser to be there (FIREFOX_PATH, or Debian's own).
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { served } from './browser.mjs'
import { ensureBuilt, ensureInstalled, SERVER } from './steps.mjs'

const executablePath = process.env.FIREFOX_PATH ?? '/usr/bin/firefox-esr'
if (!existsSync(executablePath)) {
  console.error(`There is no Firefox at ${executablePath}: install firefox-esr, or say where it is with FIREFOX_PATH.`)
  process.exit(1)
}
if (!ensureInstalled() || !ensureBuilt()) process.exit(1)

const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))
const folder = mkdtempSync(join(tmpdir(), 'wastrum-engines-'))
const downloads = mkdtempSync(join(folder, 'downloads-'))
let server = await served(SERVER)
const port = new URL(server.home).port
const walked = []

async function browserAt(profile) {
  const { default: puppeteer } = await import('puppeteer-core')
  return puppeteer.launch({
    browser: 'firefox', executablePath, headless: true, userDataDir: join(folder, profile),
    defaultViewport: null, args: ['--width=1280', '--height=800'],
    extraPrefsFirefox: {
      'browser.download.dir': downloads, 'browser.download.folderList': 2,
      'browser.helperApps.neverAsk.saveToDisk': 'application/json', 'browser.download.alwaysOpenPanel': false,
    },
  })
}
async function pageOf(browser) {
  const page = await browser.newPage()
  page.setDefaultTimeout(60_000)
  return page
}
/** Asks until it is so: the pages forbid what the driver would wait with. */
async function until(page, what, ...given) {
  for (let attempt = 0; attempt < 600; attempt++) {
    if (await page.evaluate(what, ...given).catch(() => false)) return
    await sleep(200)
  }
  throw new Error(`it never came: ${what} ${given.join(' ')}`)
}
const there = (page, selector) => until(page, one => document.querySelector(one) !== null, selector)
const go = async (page, path) => {
  await page.goto(`${server.home}${path}`, { waitUntil: 'load' })
  await there(page, 'h1')
}
const see = (page, text) => until(page, one => document.body.innerText.includes(one), text)
const tap = async (page, selector) => {
  await there(page, selector)
  await page.evaluate(one => document.querySelector(one).click(), selector)
}
const press = (page, text) =>
  until(page, (one) => {
    const found = [...document.querySelectorAll('button, a')].find(({ innerText }) => innerText.includes(one))
    found?.click()
    return found !== undefined
  }, text)
async function step(name, work) {
  const since = Date.now()
  await work()
  walked.push(name)
  console.log(`${name.padEnd(28)} ${((Date.now() - since) / 1000).toFixed(1)} s`)
}

let browser = await browserAt('first')
let page = await pageOf(browser)
let failed
try {
  await step('a garden is laid out', async () => {
    await go(page, '/welcome/demo')
    await see(page, 'Apple bay')
  })
  await step('a note is recorded', async () => {
    await go(page, '/batch/demo-apple-bay')
    await tap(page, '[data-pad="note"]')
    await there(page, 'form textarea')
    await (await page.$('form textarea')).type('Walked in another engine.')
    await tap(page, 'form .label-button.strong')
    await see(page, 'noted.')
  })
  await step('it is forecast', () =>
    until(page, () => document.querySelector('[data-window-story]') !== null && document.querySelector('progress') === null))
  await step('the bench is balanced', async () => {
    await go(page, '/bench')
    await press(page, 'Balance it for me')
    await there(page, '[data-answer]')
  })
  await step('a page is printed', async () => {
    await go(page, '/labels')
    await there(page, '[data-label]')
    const paper = await page.pdf()
    if (paper.length < 5000) throw new Error(`the paper is empty: ${paper.length} bytes`)
  })
  await step('a backup is saved', async () => {
    await go(page, '/garden')
    await press(page, 'Save a backup')
    for (let attempt = 0; attempt < 100 && !readdirSync(downloads).some(name => name.endsWith('.json')); attempt++) await sleep(100)
  })
  await step('killed, it opens again', async () => {
    const child = browser.process()
    const gone = new Promise(resolve => child.once('exit', resolve))
    child.kill('SIGKILL')
    await gone
    browser = await browserAt('first')
    page = await pageOf(browser)
    await go(page, '/batch/demo-apple-bay')
    await see(page, 'Walked in another engine.')
  })
  await step('without a server it opens', async () => {
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    await sleep(3000)
    server.stop()
    await sleep(500)
    await go(page, '/yard')
    await see(page, 'Apple bay')
    server = await served(SERVER, Number(port))
  })
  await step('the backup is restored', async () => {
    const [name] = readdirSync(downloads).filter(one => one.endsWith('.json'))
    const text = readFileSync(join(downloads, name), 'utf8')
    if (!text.includes('Walked in another engine.')) throw new Error('the backup does not hold the note')
    await browser.close()
    browser = await browserAt('second')
    page = await pageOf(browser)
    await go(page, '/welcome/own')
    await press(page, 'Open my garden')
    // A page that is on its way to another one breaks off whoever sends it elsewhere.
    await sleep(2000)
    await go(page, '/garden')
    await there(page, 'input[type="file"]')
    await (await page.$('input[type="file"]')).uploadFile(join(downloads, name))
    await there(page, '[data-import-preview]')
    await page.evaluate(() =>
      [...document.querySelectorAll('[data-import-preview] button')].find(({ innerText }) => innerText.startsWith('Add')).click())
    await there(page, '[data-taken]')
    await go(page, '/batch/demo-apple-bay')
    await see(page, 'Walked in another engine.')
  })
}
catch (cause) {
  failed = cause
}
const version = await browser.version().catch(() => 'gone')
await browser.close().catch(() => {})
server.stop()
rmSync(folder, { recursive: true, force: true, maxRetries: 5 })
if (failed) {
  console.error(`\nStopped after “${walked.at(-1) ?? 'nothing'}” in ${version}: ${failed.stack}`)
  process.exit(1)
}
console.log(`All ${walked.length} steps in ${version}.`)
