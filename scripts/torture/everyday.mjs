// What a gardener and a browser do every day: record, undo, set, photograph, open and close tabs, reload, kill, jump in time.
import { inGarden, photographed, record } from './device.mjs'
import { anEvent } from './events.mjs'

export async function recording(world, device) {
  const ids = await record(world.pick(device.tabs), Array.from({ length: 1 + Math.floor(world.random() * 3) }, () => anEvent(world)))
  if (!ids) {
    world.counts.refused++
    return
  }
  for (const id of ids) device.events.add(id)
  world.counts.acknowledged += ids.length
}

export async function undoing(world, device) {
  if (device.events.size === 0) return
  const target = world.pick([...device.events])
  const page = world.pick(device.tabs)
  const done = await inGarden(
    page,
    `async (garden, id) => { const event = garden.journal.events.get(id); if (!event || event.kind === 'undone') return 'nothing of the `
    + `kind'; const done = await garden.undo([id]); return done.ok && garden.lasting ? done.value.map(one => one.id) : null }`,
    target,
  )
  if (!Array.isArray(done)) return
  device.undone.add(target)
  for (const id of done) device.events.add(id)
}

/** Settings, beds and trials, one field after the other in tabs at once. */
export async function documents(world, device) {
  const fields = [
    ['settings', 'settings', 'units'], ['settings', 'settings', 'water'], ['bed.1', 'bed', 'name'], ['bed.2', 'bed', 'name'],
    ['side-by-side.1', 'side-by-side', 'difference'],
  ]
  const from = Math.floor(world.random() * fields.length)
  const writes = device.tabs.map((page, index) => {
    const [id, kind, field] = fields[(from + index) % fields.length]
    return { page, id, kind, field, value: `value ${world.counts.steps}-${index}` }
  })
  const done = await Promise.all(
    writes.map(({ page, id, kind, field, value }) =>
      inGarden(
        page,
        'async (garden, id, kind, field, value) => (await garden.write([{ id, kind, values: { [field]: value } }])).ok && garden.lasting',
        id, kind, field, value,
      ),
    ),
  )
  writes.forEach(({ id, field, value }, index) => {
    const key = `${id} ${field}`
    // What was not acknowledged may have arrived all the same.
    if (done[index]) [device.settings[key], device.maybe[key]] = [value, []]
    else device.maybe[key] = [...device.maybe[key] ?? [], value]
  })
  world.counts.documents += done.filter(Boolean).length
}

/** What has to be there from here on. */
export function acknowledged(world, device, ids, picture) {
  for (const id of ids) device.events.add(id)
  if (picture) device.pictures.add(picture)
  world.counts.acknowledged += ids.length
}
export async function picturing(world, device) {
  const id = `photo-${world.counts.steps}`
  const done = await photographed(world.pick(device.tabs), id)
  if (done.ids && done.lasting) acknowledged(world, device, done.ids, id)
}

export async function tabs(world, device) {
  if (device.tabs.length < 3 && world.random() < 0.6) return device.open()
  if (device.tabs.length > 1) await device.tabs.splice(Math.floor(world.random() * device.tabs.length), 1)[0].close()
}

export async function reloading(world, device) {
  world.counts.reloads++
  // Half of the time in the middle of something, of which nobody was told that it is recorded.
  const page = world.pick(device.tabs)
  if (world.random() < 0.5) void record(page, [anEvent(world)]).catch(() => {})
  await device.load(page)
}

export async function killing(world, device) {
  world.counts.kills++
  for (const page of device.tabs) if (world.random() < 0.7) void record(page, [anEvent(world)]).catch(() => {})
  await device.kill()
}

export async function jumping(world, device) {
  world.counts.jumps++
  device.shiftMs = Math.round((world.random() - 0.5) * 10 * 365) * 86_400_000
  for (const page of device.tabs)
    await page.evaluate((shift) => {
      globalThis.clockShift = shift
    }, device.shiftMs)
}
