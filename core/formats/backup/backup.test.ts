import { describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { mangled } from '../../test/builders/mangle'
import { mergeDocuments } from '../journal/document'
import { mergeEvents } from '../journal/journal'
import { seededRandom } from '../random/random'
import { BACKUP_MOST_BYTES, readBackup, writeBackup } from './backup'

const WRITTEN = '2026-05-01T10:00:00.000Z'
const events = randomJournal(seededRandom(1), 120)
const documents = randomDocuments(seededRandom(2), 'phone')
const good = writeBackup(events, documents, WRITTEN)
const kindOf = (text: string) => {
  const outcome = readBackup(text)
  return outcome.ok ? 'read' : outcome.error[0]!.kind
}

describe('a backup', () => {
  it('comes back with everything that went in', () => {
    const read = readBackup(good)
    expect(read.ok && read.value.events).toEqual(mergeEvents(events))
    expect(read.ok && read.value.documents).toEqual(mergeDocuments(documents))
  })

  it('is written alike whenever the same garden is written', () => {
    const read = readBackup(good)
    if (!read.ok) throw new Error('not read')
    const again = writeBackup([...read.value.events].reverse(), read.value.documents, WRITTEN)
    const readAgain = readBackup(again)
    expect(readAgain.ok && writeBackup(readAgain.value.events, readAgain.value.documents, WRITTEN)).toBe(again)
  })

  it('can be laid out anew without harm and read without its seal', () => {
    expect(kindOf(JSON.stringify(JSON.parse(good)))).toBe('read')
    expect(kindOf(good.replace(/ {2}"seal".*\n/, ''))).toBe('read')
  })

  it('is told apart from what is cut off, foreign, newer, altered or huge', () => {
    expect(kindOf(good.slice(0, good.length / 2))).toBe('cut-off')
    expect(kindOf('temperature;date')).toBe('not-json')
    expect(kindOf('{"format":"other"}')).toBe('foreign')
    expect(kindOf(good.replace('"version": 1', '"version": 2'))).toBe('newer')
    expect(kindOf(good.replace('"litres":10', '"litres":11'))).toBe('altered')
    expect(kindOf(' '.repeat(BACKUP_MOST_BYTES + 1))).toBe('too-big')
  })

  it('names the entry and the value that cannot be', () => {
    const outcome = readBackup(good.replace(/ {2}"seal".*\n/, '').replace(/"coreC":[\d.]+/, '"coreC":900'))
    expect(!outcome.ok && outcome.error[0]!.message).toMatch(/^Event \d+ \(reading\): “coreC” is above 120\.$/)
  })

  it('stands 200 mangled files: none crashes it, none is taken for good, none reaches the prototypes', () => {
    for (let seed = 0; seed < 200; seed++) {
      const outcome = readBackup(mangled(good, seededRandom(seed), seed))
      expect(outcome.ok, `seed ${seed}`).toBe(false)
      expect(!outcome.ok && outcome.error[0]!.message.length).toBeGreaterThan(10)
    }
    expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  })
})
