// The spine of the app in an engine: begin, record, forecast, balance, print, save, be killed and opened again, go offline, restore.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { served } from '../browser.mjs'
import { SERVER } from '../steps.mjs'

const NOTE = 'Walked in another engine.'
const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))

/** Asks until it is so: the pages forbid what a driver would wait with. */
async function until(page, what, ...given) {
  for (let attempt = 0; attempt < 600; attempt++) {
    if (await page.evaluate(what, ...given).catch(() => false)) return
    await sleep(200)
  }
  const shown = await page.evaluate(() => `${location.href}\n${document.body.innerText.slice(0, 600)}`).catch(String)
  throw new Error(`it never came: ${what} ${given.join(' ')}\n${shown}`)
}
const there = (page, selector) => until(page, one => document.querySelector(one) !== null, selector)
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

/** Everything in its order; what an engine cannot do is left out and named. @returns the steps that were walked. */
export async function walk(engine, tell) {
  let server = await served(SERVER)
  const port = Number(new URL(server.home).port)
  const folder = mkdtempSync(join(tmpdir(), 'wastrum-spine-'))
  const go = async (page, path) => {
    await page.goto(`${server.home}${path}`)
    await there(page, 'h1')
  }
  const walked = []
  const step = async (name, work, can = true) => {
    if (!can) return tell(`${name.padEnd(28)} not in this engine`)
    const since = Date.now()
    await work().catch((cause) => { throw new Error(`“${name}”`, { cause }) })
    walked.push(name)
    tell(`${name.padEnd(28)} ${((Date.now() - since) / 1000).toFixed(1)} s`)
  }
  try {
    let page = await engine.open('first')
    let backup
    await step('a garden is laid out', async () => {
      await go(page, '/welcome/demo')
      await see(page, 'Apple bay')
    })
    await step('a note is recorded', async () => {
      await go(page, '/batch/demo-apple-bay')
      await tap(page, '[data-pad="note"]')
      await there(page, 'form textarea')
      await page.type('form textarea', NOTE)
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
      const paper = await page.paper()
      if (paper.length < 5000) throw new Error(`the paper is empty: ${paper.length} bytes`)
    }, engine.prints)
    await step('a backup is saved', async () => {
      await go(page, '/garden')
      await page.watchSaving()
      await press(page, 'Save a backup')
      for (let attempt = 0; attempt < 100 && !backup; attempt++, await sleep(100)) backup = await page.saved()
      if (!backup?.includes(NOTE)) throw new Error('the backup does not hold the note')
    })
    await step('killed, it opens again', async () => {
      await engine.kill()
      page = await engine.open('first')
      await go(page, '/batch/demo-apple-bay')
      await see(page, NOTE)
    }, engine.remembers)
    await step('without a server it opens', async () => {
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
      await sleep(3000)
      server.stop()
      await sleep(500)
      await go(page, '/yard')
      await see(page, 'Apple bay')
      server = await served(SERVER, port)
    })
    await step('the backup is restored', async () => {
      const path = join(folder, 'backup.json')
      writeFileSync(path, backup)
      await engine.close()
      page = await engine.open('second')
      await go(page, '/welcome/own')
      await press(page, 'Open my garden')
      // A page that is on its way to another one breaks off whoever sends it elsewhere.
      await sleep(2000)
      await go(page, '/garden')
      await there(page, '[data-backup-file]')
      await page.upload('[data-backup-file]', path)
      await there(page, '[data-import-preview]')
      await page.evaluate(() =>
        [...document.querySelectorAll('[data-import-preview] button')].find(({ innerText }) => innerText.startsWith('Add')).click())
      await there(page, '[data-taken]')
      await go(page, '/batch/demo-apple-bay')
      await see(page, NOTE)
    })
    return walked
  }
  finally {
    await engine.close().catch(() => {})
    engine.forget?.()
    server.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
