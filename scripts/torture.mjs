// A garden under attack, by a seed: `npm run torture -- --minutes 10 --seed 7`. Browsers are killed, tabs opened and closed, clocks jump by
// years, the disk is full, backups go from device to device and are taken back. What was acknowledged has to be there: entries, documents
// and pictures; the first difference ends it and prints the seed. One device lives on a small disk of its own, which takes the right to
// mount one; `--no-disk` goes without.
import { parseArgs } from 'node:util'
import { served } from './browser.mjs'
import { smallDisk } from './small-disk.mjs'
import { ensureBuilt, ensureInstalled, SERVER } from './steps.mjs'
import { importing, takingBack } from './torture/backups.mjs'
import { check } from './torture/check.mjs'
import { Device } from './torture/device.mjs'
import { documents, jumping, killing, picturing, recording, reloading, tabs, undoing } from './torture/everyday.mjs'
import { full } from './torture/full-disk.mjs'
import { Difference, worldOf } from './torture/world.mjs'

const { values } = parseArgs({
  options: {
    'minutes': { type: 'string', default: '10' }, 'seed': { type: 'string', default: '7' }, 'steps': { type: 'string', default: '10000' },
    'no-disk': { type: 'boolean', default: false },
  },
})
const seed = Number(values.seed)
const until = Date.now() + Number(values.minutes) * 60_000
const SAID_EVERY_MS = 20_000
if (!ensureInstalled() || !ensureBuilt()) process.exit(1)

const disk = values['no-disk'] ? undefined : smallDisk()
if (!disk && !values['no-disk']) {
  console.error('No small disk can be made here: run it with the right to mount one, or with --no-disk.')
  process.exit(1)
}
const world = worldOf(seed, await served(SERVER), disk)
const { counts, trail } = world

const STEPS = [
  [600, recording], [90, undoing], [90, documents], [30, picturing], [24, reloading], [16, tabs], [14, jumping], [10, full], [4, killing],
  [2, importing], [1, takingBack],
]
const total = STEPS.reduce((sum, [weight]) => sum + weight, 0)
function drawn() {
  let left = world.random() * total
  return STEPS.find(([weight]) => (left -= weight) < 0)[1]
}

const devices = ['phone', 'laptop', 'tablet'].map((name, at) => new Device(world, name, at === 0 ? disk : undefined))
let failed
try {
  for (const device of devices) await device.begin()
  let toldAt = Date.now()
  while (Date.now() < until && counts.steps < Number(values.steps)) {
    counts.steps++
    const device = world.pick(devices)
    const step = drawn()
    trail.push(`${counts.steps} ${device.name} ${step.name}`)
    await step(world, device, devices.filter(one => one !== device))
    if ([killing, reloading, importing, takingBack].includes(step) || counts.steps % 60 === 0) await check(world, device)
    if (Date.now() - toldAt > SAID_EVERY_MS) {
      toldAt = Date.now()
      console.log(world.told())
    }
  }
  for (const device of devices) await check(world, device)
  if (counts.full > 2 && counts.refused + counts.onThePage === 0) throw new Difference('a full disk refused nothing')
}
catch (cause) {
  failed = cause
}
for (const device of devices) {
  await device.browser?.close().catch(() => {})
  // What a browser kept of a run that failed is left to be looked at.
  if (failed) console.error(`${device.name}: ${device.own.folder}`)
  else device.own.remove()
}
console.log(world.told())
world.end()
if (failed) {
  console.error(
    `\nThe first difference, with --seed ${seed}: ${failed instanceof Difference ? failed.message : failed.stack}\nThe last steps:\n  `
    + `${trail.slice(-12).join('\n  ')}`,
  )
  process.exit(1)
}
console.log(`Nothing was lost, with --seed ${seed}.`)
