import { describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../../test/builders/journals'
import { mangled } from '../../../test/builders/mangle'
import { mergeDocuments } from '../../journal/document'
import { LAST_MOMENT_MS } from '../../journal/turn'
import { mergeEvents } from '../../journal/journal'
import { seededRandom } from '../../random/random'
import { BACKUP_MOST_BYTES, readBackup, writeBackup } from '.'

const WRITTEN = '2026-05-01T10:00:00.000Z'
const events = randomJournal(seededRandom(1), 120)
const documents = randomDocuments(seededRandom(2), 'phone')
const good = writeBackup(events, documents, WRITTEN)
const unsealed = good.replace(/ {2}"seal".*\n/, '')
const kindOf = (text: string) => {
  const outcome = readBackup(text)
  return outcome.ok ? outcome.value.doubts[0] ?? 'read' : outcome.error.kind
}
const readOf = (text: string) => {
  const outcome = readBackup(text)
  if (!outcome.ok) throw new Error(outcome.error.message)
  return outcome.value
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

  it('is told apart from what is cut off, foreign, newer, altered, knotted or huge', () => {
    expect(kindOf(good.slice(0, good.length / 2))).toBe('cut-off')
    expect(kindOf(good.slice(0, 90))).toBe('cut-off')
    expect(kindOf('temperature;date')).toBe('not-json')
    expect(kindOf('{"format":"other"}')).toBe('foreign')
    expect(kindOf(good.replace('"version": 1', '"version": 2'))).toBe('newer')
    expect(kindOf(good.replace('"litres":10', '"litres":11'))).toBe('altered')
    expect(kindOf(' '.repeat(BACKUP_MOST_BYTES + 1))).toBe('too-big')
    expect(kindOf('['.repeat(5000))).toBe('too-nested')
  })

  it('of which one value cannot be is read without that entry, and the entry is named as a gardener would', () => {
    const read = readOf(unsealed.replace(/"coreC":[\d.]+/, '"coreC":900'))
    expect(read.events).toHaveLength(119)
    expect(read.leftOut).toHaveLength(1)
    expect(read.leftOut[0]!.what).toMatch(
      /^a reading of \d+ [A-Z][a-z]+ \d{4}(, (Heap|Cage) batch-\d)?: the warmth of the core \(900\) is above 120\.$/,
    )
    expect(read.leftOut[0]!.technical).toMatch(/^event \d+ \(reading\): coreC is above 120$/)
  })

  it('that breaks off is read up to there', () => {
    const read = readOf(good.slice(0, Math.floor(good.length / 2)))
    expect(read.doubts).toEqual(['cut-off'])
    expect(read.events.length).toBeGreaterThan(40)
    expect(mergeEvents(events).slice(0, read.events.length)).toEqual(read.events)
  })

  it('never says what the check said to a programmer', () => {
    const odd = {
      id: 'settings', kind: 'settings', fields: { units: { value: { a: [[[[[[[[[[[[[1]]]]]]]]]]]]] }, at: WRITTEN, by: 'phone' } },
    }
    const entries = [
      { kind: 'turned' }, 7, null, { kind: 'reading', at: WRITTEN, batchId: 'b', coreC: 'hot' }, { kind: 'logged', minutes: [9e15] },
      { kind: 'stocked', amount: { count: -4 } }, { kind: 'built' },
    ]
    const read = readOf(JSON.stringify({ format: 'wastrum-garden', version: 1, events: [...events, ...entries], documents: [odd] }))
    expect(read.leftOutCount).toBe(8)
    for (const { what } of read.leftOut) expect(what, what).not.toMatch(/Invalid|Expected|undefined|\bnull\b|[a-z][A-Z]/)
    expect(read.leftOut.at(-1)!.what).toMatch(/settings: a value is nested too deeply/)
  })

  it('holding a document of nested lists is read at once, where trying every reading of it would take for ever', () => {
    const nest = (depth: number): unknown => depth === 0 ? 0 : [nest(depth - 1)]
    const documents = [{ id: 'plan', kind: 'plan', fields: { a: { value: nest(18), at: WRITTEN, by: 'phone' } } }]
    const read = readBackup(JSON.stringify({ format: 'wastrum-garden', version: 1, events, documents }))
    expect(read.ok && read.value.leftOutCount).toBe(1)
  })

  it('from which an entry stands at the end of all time is left out: whatever was written after would never count', () => {
    const at = WRITTEN
    const field = (count: number) => ({ value: 'us', at, by: 'x', turn: [LAST_MOMENT_MS, count] })
    const forged = (count: number) => readOf(JSON.stringify({
      format: 'wastrum-garden', version: 1, events: [events[1]!, { ...events[0]!, id: 'far', turn: [LAST_MOMENT_MS, count] }],
      documents: [
        { id: 'a', kind: 'settings', fields: { units: field(count) } },
        { id: 'b', kind: 'settings', fields: { units: { value: 'us', at, by: 'x', before: field(count) } } },
      ],
    }))
    expect([forged(40).leftOutCount, forged(1_000_004).leftOutCount]).toEqual([0, 0])
    const refused = forged(1_000_005)
    expect([refused.leftOutCount, refused.events, refused.documents]).toEqual([3, [events[1]!], []])
    expect(refused.leftOut[1]!.what).toBe(
      'the garden\'s settings: its place in the order of writing (1000005) is further on than there are entries.',
    )
  })

  it('tells how far it is, never backwards', () => {
    const shares: number[] = []
    readBackup(
      writeBackup(
        Array.from({ length: 3000 }, (_, index) => ({ ...events[0]!, id: `e${index}` })), [], WRITTEN,
      ),
      share => shares.push(share),
    )
    expect(shares.length).toBeGreaterThan(3)
    expect(shares).toEqual([...shares].sort((a, b) => a - b))
  })

  it('stands 400 mangled files: none crashes it, none is taken without a word, none reaches the prototypes', () => {
    for (let seed = 0; seed < 400; seed++) {
      const outcome = readBackup(mangled(good, seededRandom(seed), seed))
      if (outcome.ok) expect(outcome.value.doubts.length + outcome.value.leftOutCount, `seed ${seed}`).toBeGreaterThan(0)
      else expect(outcome.error.message.length).toBeGreaterThan(10)
    }
    expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  })
})
