import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { demoGarden } from '#core/demo/demo-garden'
import { writeArchive } from '#core/formats/archive'
import { writeBackup } from '#core/formats/backup'
import type { GardenEvent } from '#core/journal/event'
import { openShelf } from './database-shelf'
import { Desk } from './desk'
import { memoryShelf } from './memory-shelf'
import type { Shelf } from './shelf'

const now = new Date('2026-06-20T10:00:00.000Z')
const { events, documents } = demoGarden(now)
const quiet = () => {}
const jpeg = (...rest: number[]) => new Blob([Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, ...rest)], { type: 'image/jpeg' })
const text = (more: readonly unknown[] = []) => writeBackup([...events, ...(more as GardenEvent[])], documents, now.toISOString())
const fileOf = (content: BlobPart, name = 'wastrum.json') => new File([content], name)
/** Whatever holds a 9 is no picture. */
const canShow = async (picture: Blob) => !new Uint8Array(await picture.arrayBuffer()).includes(9)

/** However slow the machine is that tries it: what takes too long has tests of its own. */
const still = () => 0

let count = 0
let shelf: Shelf
let desk: Desk
beforeEach(async () => {
  const name = `desk-${count++}`
  shelf = (await openShelf(name)).shelf!
  desk = new Desk(name, shelf, canShow, still)
})

async function seen(file: File, at = desk) {
  const preview = await at.look(file, now, quiet)
  if (!preview.ok) throw new Error(preview.error)
  return preview.value
}
async function taken(mode: 'merge' | 'replace' = 'merge', at = desk) {
  const done = await at.take(mode, now, quiet)
  if (!done.ok) throw new Error(done.error.message)
  return done.value
}
const contents = async (of = shelf) => {
  const loaded = await of.load()
  if (!loaded.ok) throw new Error(loaded.error.message)
  return loaded.value
}
const ids = async () => {
  const found = await shelf.photoIds()
  return found.ok ? [...found.value].sort() : []
}

describe('a file at the desk', () => {
  it('is looked at without a change, then taken in whole, then taken back', async () => {
    const at: string[] = []
    const shares: number[] = []
    const preview = await desk.look(fileOf(text()), now, (share, where) => {
      shares.push(share)
      at.push(where)
    })
    expect(preview.ok && preview.value).toMatchObject({
      entries: events.length + documents.length, fresh: events.length, different: 0, pictures: 0, doubts: [], leftOutCount: 0,
    })
    expect(preview.ok && preview.value.batches.reduce((sum, one) => sum + one.count, 0)).toBeGreaterThan(8)
    expect(shares).toEqual([...shares].sort((a, b) => a - b))
    expect(at.some(one => one.startsWith('trying out'))).toBe(true)
    expect((await contents()).events).toEqual([])
    expect(await taken()).toMatchObject({ entries: events.length })
    expect((await contents()).events).toHaveLength(events.length)
    await desk.takeBack()
    expect(await contents()).toMatchObject({ events: [], documents: [] })
  })

  it('that holds one event reaching out of all time is taken without it, and the garden opens', async () => {
    const far = {
      kind: 'logged', id: 'far', at: now.toISOString(), recordedAt: now.toISOString(), by: 'x', batchId: 'demo-apple-bay',
      depth: 'core', source: 'f', minutes: [9e15], tenthsC: [400],
    }
    const preview = await seen(fileOf(text([far]).replace(/ {2}"seal".*\n/, '')))
    expect(preview.leftOut.map(({ what }) => what)).toEqual([
      expect.stringMatching(
        /^readings from a thermometer's file of 20 June 2026, Apple bay: the time of one of its readings .*reaches too far\.$/,
      ),
    ])
    await taken()
    expect((await contents()).events.some(({ id }) => id === 'far')).toBe(false)
  })

  it('that holds an entry which passes every check and still cannot be drawn is taken without it', async () => {
    // Readings of a thousand years: each is sound, together they are more than a heap holds.
    const log = (index: number) => ({
      kind: 'logged', id: `log-${index}`, at: now.toISOString(), recordedAt: now.toISOString(), by: 'x', batchId: 'demo-apple-bay',
      depth: 'core', source: 'f', minutes: Array.from({ length: 2000 }, (_, minute) => minute),
      tenthsC: Array.from({ length: 2000 }, () => 400),
    })
    const preview = await seen(fileOf(text(Array.from({ length: 142 }, (_, index) => log(index)))))
    // Apple bay has a few values of its own.
    expect(preview.leftOutCount).toBe(3)
    expect(preview.leftOut[0]!.what).toMatch(/Apple bay: Wastrum stumbles over it/)
    expect(await taken()).toMatchObject({ entries: events.length + 139 })
  })

  it('that is none is refused in words', async () => {
    const refusal = async (file: File) => {
      const preview = await desk.look(file, now, quiet)
      return preview.ok ? 'read' : preview.error
    }
    expect(await refusal(fileOf('date;temperature'))).toMatch(/some other kind of file/)
    expect(await refusal(fileOf('['.repeat(5000)))).toMatch(/knotted/)
    expect(await refusal(fileOf(new Uint8Array(65 * 1024 * 1024)))).toMatch(/larger than any garden backup/)
    expect(await refusal(fileOf(Uint8Array.of(0x50, 0x4b, 3, 4, 9, 9), 'x.zip'))).toMatch(/damaged/)
    const gone = fileOf('x')
    gone.slice = () => {
      throw new Error('gone')
    }
    expect(await refusal(gone)).toMatch(/could not be read/)
    expect((await contents()).events).toEqual([])
  })

  it('says what is here already and says something else, and leaves it', async () => {
    await seen(fileOf(text()))
    await taken()
    const forged = text()
      .replace('Grass from three lawns', 'Grass from four lawns')
      .replace(/ {2}"seal".*\n/, '')
    expect(await seen(fileOf(forged))).toMatchObject({ fresh: 0, different: 1 })
    await taken()
    expect(JSON.stringify(await contents())).toContain('Grass from three lawns')
  })
})

describe('pictures at the desk', () => {
  const zip = (pictures: Readonly<Record<string, Blob>>, backup: string | null = text(), part = 1, of = 1) =>
    writeArchive({
      backup: backup ?? undefined, mark: { part, of, picturesHere: Object.keys(pictures).length, picturesInAll: 9 },
      photos: Object.entries(pictures).map(([id, picture]) => ({ id, picture })),
    })

  it('count only when they can be shown, never take the place of others, and go when the import is taken back', async () => {
    await shelf.add({ events: [], documents: [] }, [{ id: 'mine', picture: jpeg(1, 1, 1) }])
    const preview = await seen(fileOf(await zip({ mine: jpeg(2), fresh: jpeg(3), broken: jpeg(9) }), 'w.zip'))
    expect(preview).toMatchObject({ pictures: 3, freshPictures: 2 })
    expect(await taken()).toMatchObject({ pictures: 1, brokenPictures: 1, differentPictures: 1 })
    expect(await ids()).toEqual(['fresh', 'mine'])
    const mine = await shelf.photo('mine')
    expect(mine.ok && mine.value!.size).toBe(7)
    await desk.takeBack()
    expect(await ids()).toEqual(['mine'])
  })

  it('come in several files, in any order, and all go with one taking back', async () => {
    await seen(fileOf(await zip({ a: jpeg(1) }, text(), 1, 2), 'w1.zip'))
    await taken()
    const second = await seen(fileOf(await zip({ b: jpeg(2) }, null, 2, 2), 'w2.zip'))
    expect(second).toMatchObject({ picturesOnly: true, entries: 0 })
    await taken()
    expect(await ids()).toEqual(['a', 'b'])
    await desk.takeBack()
    expect([await ids(), (await contents()).events.length]).toEqual([[], 0])
  })

  it('are written into as many files as are needed, counted, and read again one by one', async () => {
    const pictures = Array.from({ length: 7 }, (_, index) => ({ id: `p${index}`, picture: jpeg(index % 8, 2, 3, 4, 5, 6) }))
    await shelf.add({ events, documents }, pictures)
    const plan = await desk.plan(25)
    if (!plan.ok) throw new Error(plan.error.message)
    expect(plan.value).toEqual({
      pictures: 7,
      parts: [
        { pictures: 2, bytes: 20 }, { pictures: 2, bytes: 20 }, { pictures: 2, bytes: 20 }, { pictures: 1, bytes: 10 },
      ],
    })
    const elsewhere = memoryShelf()
    const other = new Desk('other', elsewhere, canShow, still)
    for (const index of plan.value.parts.keys()) {
      const part = await desk.savePart(index, now, quiet)
      if (!part.ok) throw new Error(part.error.message)
      const preview = await seen(fileOf(part.value, 'w.zip'), other)
      expect(preview.mark).toMatchObject({ part: index + 1, of: 4, picturesInAll: 7 })
      await taken('merge', other)
    }
    const all = await elsewhere.photoIds()
    expect(all.ok && all.value).toHaveLength(7)
    expect((await contents(elsewhere)).events).toHaveLength(events.length)
  })

  it('leave nothing behind when taking in fails half way', async () => {
    await seen(fileOf(await zip({ a: jpeg(1), b: jpeg(2) }), 'w.zip'))
    const { exchange } = shelf
    shelf.exchange = async () => ({ ok: false, error: { kind: 'full', message: 'no room' } })
    expect(await desk.take('merge', now, quiet)).toMatchObject({ ok: false })
    shelf.exchange = exchange
    expect(await ids()).toEqual([])
  })
})

describe('the garden at the desk', () => {
  it('is written as a file that reads back as it is', async () => {
    await shelf.add({ events, documents })
    const saved = await desk.save(now)
    if (!saved.ok) throw new Error(saved.error.message)
    expect(await seen(fileOf(saved.value))).toMatchObject({ fresh: 0, different: 0, leftOutCount: 0, doubts: [] })
  })
})
