// A disk without room.
import { inGarden, photographed } from './device.mjs'
import { acknowledged } from './everyday.mjs'
import { Difference } from './world.mjs'

const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))
const keeps = page => inGarden(page, 'async garden => garden.lasting && !garden.unread')
/** Waits until every tab keeps things again, by itself or opened anew. */
async function keepsAgain(device) {
  for (const page of device.tabs) {
    for (let attempt = 0; attempt < 120 && !(await keeps(page)); attempt++) {
      await sleep(500)
      // A tab that recorded nothing meanwhile only sees that the garden is gone: it asks, and is told to put it back.
      await inGarden(page, `async garden => garden.notKept?.kind === 'deleted' && garden.putBack()`)
    }
    if (!(await keeps(page))) throw new Difference(`${device.name}: it does not keep anything again though there is room`)
  }
}

/** With no room left what is recorded is refused whole, or kept on the page and said so; with room again it goes on. */
export async function full(world, device) {
  if (!device.disk) return
  world.counts.full++
  const page = device.tabs[0]
  device.disk.fill()
  const waiting = []
  let refused = 0
  for (let count = 0; count < 4; count++) {
    const id = `full-${world.counts.steps}-${count}`
    const done = await photographed(page, id)
    if (done.refused) {
      refused++
      if (!['full', 'disk', 'closed', 'silent', 'unread'].includes(done.refused))
        throw new Difference(`${device.name}: no room was said to be “${done.refused}”`)
    }
    else if (done.lasting) acknowledged(world, device, done.ids, id)
    else waiting.push({ id, ids: done.ids })
  }
  world.counts.refused += refused
  world.counts.onThePage += waiting.length
  device.disk.clear()
  await keepsAgain(device)
  // What was on the page alone is kept with the garden, unless the page had to be opened anew.
  const there = new Set(await inGarden(page, 'async garden => [...garden.journal.events.keys()]'))
  for (const { id, ids } of waiting) if (ids.every(one => there.has(one))) acknowledged(world, device, ids, id)
  // A browser may throw away all it holds when its disk is full: entries are put back from the page, pictures nobody holds any more.
  const pictures = (await inGarden(page, 'async garden => (await garden.shelfNow().photoIds()).value')) ?? []
  const kept = [...device.pictures].filter(id => pictures.includes(id))
  world.counts.picturesThrownAway += device.pictures.size - kept.length
  device.pictures = new Set(kept)
}
