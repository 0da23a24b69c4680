import { inGarden, settingsOf } from './device.mjs'
import { Difference } from './world.mjs'

/** What a tab that is opened anew shows, against what was acknowledged. */
export async function check(world, device) {
  world.counts.checks++
  const page = device.tabs[0]
  await device.load(page)
  const there = await inGarden(
    page,
    'async garden => ({ ids: [...garden.journal.events.keys()], undone: [...garden.journal.undone], kept: garden.lasting, leftOut: '
    + 'garden.journal.leftOut.size, pictures: (await garden.shelfNow().photoIds()).value, '
    + 'why: (garden.unread ?? garden.notKept)?.kind })',
  )
  const ids = new Set(there.ids)
  const lost = [...device.events].filter(id => !ids.has(id))
  if (lost.length > 0) {
    const [of, first] = [`${lost.length} acknowledged entries`, `the first ${lost[0]}; ${there.ids.length} there, ${there.why ?? 'kept'}`]
    throw new Difference(`${device.name}: ${of} are gone, ${first}`)
  }
  const undone = new Set(there.undone)
  const risen = [...device.undone].filter(id => ids.has(id) && !undone.has(id))
  if (risen.length > 0) throw new Difference(`${device.name}: ${risen.length} that were taken back stand again, the first ${risen[0]}`)
  const settings = await settingsOf(page)
  for (const [field, value] of Object.entries(device.settings))
    if (settings[field] !== value && !device.maybe[field]?.includes(settings[field]))
      throw new Difference(`${device.name}: ${field} is “${settings[field]}” and was set to “${value}”`)
  const missing = [...device.pictures].find(id => !there.pictures.includes(id))
  if (missing) throw new Difference(`${device.name}: a picture is gone, ${missing}`)
  if (!there.kept || there.leftOut > 0) throw new Difference(`${device.name}: not kept, or ${there.leftOut} left out`)
}
