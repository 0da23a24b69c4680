import { randomJournal } from '../test/builders/journals'
import type { GardenEvent } from '#core/journal/event'
import { extendJournal, foldGarden, openJournal } from '#core/journal/journal'
import { LIBRARY } from '#core/materials/library'
import { mixBalance } from '#core/mix/balance'
import { leversFor } from '#core/mix/lever'
import { mixRanges } from '#core/mix/ranges'
import { hotHeap } from '#core/methods/hot-heap'
import { seededRandom } from '#core/random/random'
import { readBackup, writeBackup } from '#core/formats/backup'

/** The middle of several runs, in milliseconds, after warming up. */
function milliseconds(work: () => void, runs: number): number {
  for (let run = 0; run < Math.min(runs, 200); run++) work()
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] as number
}

function say(name: string, ms: number, beside = ''): void {
  console.log(`${name.padEnd(58)} ${ms < 1 ? ms.toFixed(3) : ms.toFixed(1)} ms${beside ? `   ${beside}` : ''}`)
}

const twelve = LIBRARY.slice(0, 12).map(material => ({ material, looseVolumeL: 50 }))
const plain = milliseconds(() => mixBalance(twelve, 20), 2000)
say('mix of 12 ingredients, plain', plain)
const ranged = milliseconds(() => mixRanges(twelve, 20, 0.55), 1000)
say('mix of 12 ingredients with ranges and drivers', ranged, `${Math.round(ranged / plain)} plain mixes`)
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const ingredients = twelve.map(({ material }) => ({ material, amount: { count: 4, container: bucket, packing: 'loose' as const } }))
const candidates = LIBRARY.slice(12, 24).map(material => ({ material, container: bucket, packing: 'loose' as const, count: 20, inStore: true }))
say('the biggest lever among 24 ingredients and candidates', milliseconds(() => leversFor(ingredients, candidates, hotHeap.approaches[0]!.comfort), 300))

/** Twenty years: 600 batches and 36,000 events. */
function twentyYears(): GardenEvent[] {
  const random = seededRandom(3)
  return Array.from({ length: 600 }, (_, batch) => randomJournal(random, 60, `d${batch}`).map(event => 'batchId' in event ? { ...event, batchId: `b${batch}` } : event)).flat()
}

const years = twentyYears()
const folding = milliseconds(() => foldGarden(years), 5)
say(`folding ${years.length} events of 600 batches`, folding)
say('opening a journal of them', milliseconds(() => openJournal(years), 5))
const turned = (index: number): GardenEvent => ({ kind: 'turned', id: `x${index}`, at: `2099-01-01T00:00:${String(index % 60).padStart(2, '0')}.${String(index % 1000).padStart(3, '0')}Z`, recordedAt: new Date(4.1e12 + index * 1000).toISOString(), by: 'x', batchId: 'b1' })
function appending(events: readonly GardenEvent[]): number {
  let journal = openJournal(events)
  let at = 0
  return milliseconds(() => {
    at++
    journal = extendJournal(journal, [{ ...turned(at), at: new Date(4.2e12 + at * 1000).toISOString() }])
  }, 2000)
}
const few = appending(years.slice(0, 1000))
const many = appending(years)
say('appending one event to 1,000', few)
say('appending one event to 36,000', many, `${(many / few).toFixed(1)} times the short one`)
const text = writeBackup(years, [], '2026-01-01T00:00:00.000Z')
say(`reading and checking their backup of ${(text.length / 1e6).toFixed(1)} MB`, milliseconds(() => readBackup(text), 3))
