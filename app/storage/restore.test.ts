import { describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { writeDocument } from '#core/journal/document'
import { mergeEvents } from '#core/journal/journal'
import { seededRandom } from '#core/random/random'
import { afterImport, keepsakeOf, undoneImport } from './restore'
import type { Contents } from './shelf'

const garden = (seed: number, by: string, length = 20): Contents => ({ events: randomJournal(seededRandom(seed), length, by), documents: randomDocuments(seededRandom(seed), by) })
const idsOf = ({ events }: Contents) => events.map(({ id }) => id).sort()
const TAKEN = '2026-06-01T00:00:00.000Z'

describe('importing', () => {
  it('by merging keeps everything of both, by replacing only the file, in 200 random gardens', () => {
    for (let seed = 0; seed < 200; seed++) {
      const [here, file] = [garden(seed, 'phone'), garden(seed + 1000, 'laptop')]
      expect(idsOf(afterImport(here, file, 'merge'))).toEqual([...idsOf(here), ...idsOf(file)].sort())
      expect(idsOf(afterImport(here, file, 'replace'))).toEqual(idsOf(file))
    }
  })

  it('of a garden into itself changes nothing', () => {
    const here = garden(7, 'phone')
    expect(idsOf(afterImport(here, here, 'merge'))).toEqual(idsOf(here))
    expect(keepsakeOf(here, here, TAKEN).importedIds).toEqual([])
  })
})

describe('taking an import back', () => {
  it('leaves what was here and what was recorded since, however the gardens overlap', () => {
    for (let seed = 0; seed < 200; seed++) {
      const shared = randomJournal(seededRandom(seed), 10, 'both')
      const here = { ...garden(seed, 'phone'), events: mergeEvents(garden(seed, 'phone').events, shared) }
      const file = { ...garden(seed + 1000, 'laptop'), events: mergeEvents(garden(seed + 1000, 'laptop').events, shared) }
      const since = randomJournal(seededRandom(seed + 5), 4, 'since')
      for (const mode of ['merge', 'replace'] as const) {
        const after = afterImport(here, file, mode)
        const undone = undoneImport({ ...after, events: mergeEvents(after.events, since) }, keepsakeOf(here, file, TAKEN))
        expect(idsOf(undone), `seed ${seed}, ${mode}`).toEqual([...idsOf(here), ...since.map(({ id }) => id)].sort())
      }
    }
  })

  it('brings settings back as they were, but for what was set since', () => {
    const settings = (values: Record<string, string>, at: string) => writeDocument(undefined, 'settings', 'settings', values, at, 'phone')
    const here = { events: [], documents: [settings({ units: 'metric', water: 'rain' }, '2026-01-01T00:00:00.000Z')] }
    const file = { events: [], documents: [settings({ units: 'us', water: 'well' }, '2026-03-01T00:00:00.000Z')] }
    const after = afterImport(here, file, 'merge')
    expect(after.documents[0]!.fields.units!.value).toBe('us')
    const changed = [writeDocument(after.documents[0], 'settings', 'settings', { water: 'mains' }, '2026-07-01T00:00:00.000Z', 'phone')]
    const undone = undoneImport({ events: [], documents: changed }, keepsakeOf(here, file, TAKEN))
    expect(undone.documents[0]!.fields.units!.value).toBe('metric')
    expect(undone.documents[0]!.fields.water!.value).toBe('mains')
  })
})
