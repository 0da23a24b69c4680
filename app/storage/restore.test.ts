import { describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { mergeDocuments, writeDocument } from '#core/journal/document'
import type { GardenEvent } from '#core/journal/event'
import { LAST_MOMENT_MS } from '#core/journal/turn'
import { mergeEvents } from '#core/journal/journal'
import { seededRandom } from '#core/random/random'
import { exchanged, importing, takingBack, type ImportMode } from './restore'
import type { Contents } from './shelf'

const garden = (seed: number, by: string, length = 20): Contents => ({
  events: randomJournal(seededRandom(seed), length, by), documents: randomDocuments(seededRandom(seed), by),
})
const idsOf = ({ events }: Contents) => events.map(({ id }) => id).sort()
const sorted = ({ events, documents }: Contents) => JSON.stringify([mergeEvents(events), mergeDocuments(documents)])
const TAKEN = '2026-06-01T00:00:00.000Z'
const MODES: readonly ImportMode[] = ['merge', 'replace']
const after = (here: Contents, file: Contents, mode: ImportMode) => exchanged(here, importing(here, file, mode, TAKEN))

describe('importing', () => {
  it('by merging keeps everything of both, by replacing only the file, in 200 random gardens', () => {
    for (let seed = 0; seed < 200; seed++) {
      const [here, file] = [garden(seed, 'phone'), garden(seed + 1000, 'laptop')]
      expect(idsOf(after(here, file, 'merge'))).toEqual([...idsOf(here), ...idsOf(file)].sort())
      expect(sorted(after(here, file, 'replace'))).toEqual(sorted(file))
    }
  })

  it('of a garden into itself changes nothing', () => {
    const here = garden(7, 'phone')
    for (const mode of MODES) {
      const change = importing(here, here, mode, TAKEN)
      expect([change.put.events, change.put.documents, change.removeEvents, change.removeDocuments, change.keepsake!.importedIds]).toEqual([
        [], [], [], [], [],
      ])
    }
  })

  it('never alters by adding what is here under the same id', () => {
    const note = (text: string): GardenEvent => ({ kind: 'noted', id: 'n', at: TAKEN, recordedAt: TAKEN, by: 'phone', batchId: 'b', text })
    const [here, file] = [{ events: [note('mine')], documents: [] }, { events: [note('a forged one')], documents: [] }]
    expect(after(here, file, 'merge').events).toEqual([note('mine')])
    expect(after(here, file, 'replace').events).toEqual([note('a forged one')])
    expect(
      exchanged(after(here, file, 'replace'), takingBack(after(here, file, 'replace'), importing(here, file, 'replace', TAKEN).keepsake!))
        .events,
    ).toEqual([note('mine')])
  })
})

describe('taking an import back', () => {
  it('frees a setting that it had pinned at the end of all time, with what was set meanwhile in vain', () => {
    const set = (value: string, at: string) => writeDocument(undefined, 'settings', 'settings', { units: value }, at, 'phone')
    const forged = {
      id: 'settings', kind: 'settings',
      fields: { units: { value: 'us', at: TAKEN, by: 'x', turn: [LAST_MOMENT_MS, 1_000_000_000] as const } },
    }
    const here = { events: [], documents: [set('metric', '2026-05-01T10:00:00.000Z')] }
    const { keepsake } = importing(here, { events: [], documents: [forged] }, 'merge', TAKEN)
    const now = after(here, { events: [], documents: [forged] }, 'merge')
    expect(now.documents[0]!.fields.units!.value).toBe('us')
    const tried = { events: [], documents: mergeDocuments(now.documents, [set('litres', '2026-06-03T10:00:00.000Z')]) }
    expect(tried.documents[0]!.fields.units!.value).toBe('us')
    const freed = (from: Contents) => exchanged(from, takingBack(from, keepsake!)).documents[0]!.fields.units
    expect([freed(now)!.value, freed(tried)!.value, freed(tried)!.before!.value]).toEqual(['metric', 'litres', 'metric'])
  })

  it('restores exactly what was here, with what was recorded since, however the gardens overlap', () => {
    for (let seed = 0; seed < 200; seed++) {
      const shared = randomJournal(seededRandom(seed), 10, 'both')
      const here = { ...garden(seed, 'phone'), events: mergeEvents(garden(seed, 'phone').events, shared) }
      const file = { ...garden(seed + 1000, 'laptop'), events: mergeEvents(garden(seed + 1000, 'laptop').events, shared) }
      const since = randomJournal(seededRandom(seed + 5), 4, 'since')
      for (const mode of MODES) {
        const change = importing(here, file, mode, TAKEN)
        const now = exchanged(here, change)
        expect(sorted(exchanged(now, takingBack(now, change.keepsake!))), `seed ${seed}, ${mode}`).toBe(sorted(here))
        const later = { ...now, events: mergeEvents(now.events, since) }
        expect(idsOf(exchanged(later, takingBack(later, change.keepsake!)))).toEqual([...idsOf(here), ...since.map(({ id }) => id)].sort())
      }
    }
  })

  const settings = (values: Record<string, string>, at: string) => writeDocument(undefined, 'settings', 'settings', values, at, 'phone')

  it.each(['2026-03-01T00:00:00.000Z', '2031-03-01T00:00:00.000Z'])(
    'brings settings back as they were, but for what was set since, when the file was written by a clock at %s',
    (written) => {
      const here = { events: [], documents: [settings({ units: 'metric', water: 'rain' }, '2026-01-01T00:00:00.000Z')] }
      const file = { events: [], documents: [settings({ units: 'us', water: 'well' }, written)] }
      const change = importing(here, file, 'merge', TAKEN)
      const now = exchanged(here, change)
      expect(now.documents[0]!.fields.units!.value).toBe('us')
      const later = {
        events: [],
        documents: [writeDocument(now.documents[0], 'settings', 'settings', { water: 'mains' }, '2026-07-01T00:00:00.000Z', 'phone')],
      }
      const back = exchanged(later, takingBack(later, change.keepsake!)).documents[0]!
      expect([back.fields.units!.value, back.fields.water!.value]).toEqual(['metric', 'mains'])
    })

  it('of a document that came with it leaves none of it, unless something was written into it since', () => {
    const file = { events: [], documents: [settings({ units: 'us' }, TAKEN)] }
    const change = importing({ events: [], documents: [] }, file, 'merge', TAKEN)
    expect(takingBack(file, change.keepsake!).removeDocuments).toEqual(['settings'])
    const written = {
      events: [],
      documents: [writeDocument(file.documents[0], 'settings', 'settings', { water: 'mains' }, '2026-07-01T00:00:00.000Z', 'phone')],
    }
    expect(Object.keys(exchanged(written, takingBack(written, change.keepsake!)).documents[0]!.fields)).toEqual(['water'])
  })

  it('takes its pictures along, but for those that something still shows', () => {
    const photo = (id: string, photoId: string): GardenEvent => ({
      kind: 'photographed', id, at: TAKEN, recordedAt: TAKEN, by: 'phone', batchId: 'b', photoId, caption: '', widthPx: 1, heightPx: 1,
      bytes: 1,
    })
    const here = { events: [photo('mine', 'shared')], documents: [] }
    const file = { events: [photo('theirs', 'new')], documents: [] }
    const change = importing(here, file, 'merge', TAKEN, ['new', 'shared'])
    expect(takingBack(exchanged(here, change), change.keepsake!).removePhotos).toEqual(['new'])
  })
})
