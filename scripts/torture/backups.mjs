// Backups from device to device, and taken back.
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { inGarden, record, settingsOf } from './device.mjs'
import { anEvent } from './events.mjs'
import { Difference } from './world.mjs'

const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))

/** A backup of one device, as it is saved from its garden page. */
async function backupOf(device) {
  const page = device.tabs[0]
  await page.bringToFront()
  for (const name of readdirSync(device.downloads)) rmSync(join(device.downloads, name))
  await device.load(page, '/garden')
  await (await page.waitForSelector('::-p-xpath(//button[contains(., "Save a backup")])')).evaluate(one => one.click())
  for (let attempt = 0; attempt < 200; attempt++) {
    const [name] = readdirSync(device.downloads).filter(one => one.endsWith('.json'))
    if (name) return readFileSync(join(device.downloads, name), 'utf8')
    await sleep(100)
  }
  throw new Difference(`${device.name}: no backup was saved`)
}

export async function importing(world, device, others) {
  world.counts.imports++
  const from = world.pick(others)
  const text = await backupOf(from)
  const path = join(world.folder, `from-${from.name}.json`)
  writeFileSync(path, text)
  const page = device.tabs[0]
  await page.bringToFront()
  await device.load(page, '/garden')
  const input = await page.waitForSelector('[data-backup-file]')
  await input.uploadFile(path)
  await page.waitForSelector('[data-import-preview]')
  const before = new Set(device.events)
  const settingsBefore = { ...device.settings }
  // Another tab goes on recording meanwhile.
  const meanwhile = device.tabs[1] ? record(device.tabs[1], [anEvent(world)]) : Promise.resolve([])
  await page.evaluate(() =>
    [...document.querySelectorAll('[data-import-preview] button')].find(({ innerText }) => innerText.startsWith('Add')).click(),
  )
  await page.waitForSelector('[data-taken]')
  for (const id of (await meanwhile) ?? []) {
    device.events.add(id)
    before.add(id)
  }
  const { events } = JSON.parse(text)
  for (const { id } of events) device.events.add(id)
  device.beforeImport = { events: before, imported: events.map(({ id }) => id).filter(id => !before.has(id)), settings: settingsBefore }
  // Whose setting counts is decided by turns: read it, and hold it to that from here on.
  device.settings = await settingsOf(page)
  device.undone = new Set(await inGarden(page, `async garden => [...garden.journal.undone]`))
}

export async function takingBack(world, device) {
  if (!device.beforeImport) return
  world.counts.takenBack++
  const page = device.tabs[0]
  await page.bringToFront()
  await device.load(page, '/garden')
  await (await page.waitForSelector('::-p-xpath(//button[contains(., "Take that back")])')).evaluate(one => one.click())
  await page.waitForFunction(() => !document.body.innerText.includes('A backup was read in'), { polling: 50 })
  for (const id of device.beforeImport.imported) {
    device.events.delete(id)
    device.undone.delete(id)
  }
  device.beforeImport = undefined
  device.settings = await settingsOf(page)
  device.undone = new Set(await inGarden(page, `async garden => [...garden.journal.undone]`))
}
