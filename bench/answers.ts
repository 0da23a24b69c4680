// What pages ask of odd gardens: batches with thousands of records, gardens at the ends of what a file may hold, card for large ground.
import { foldGarden } from '#core/journal/journal'
import { hasBegun, type BegunBatch } from '#core/journal/garden'
import { METHODS } from '#core/methods'
import { sitesFor, type Method, type Pad } from '#core/methods/contract'
import type { NewEvent } from '#core/journal/event'
import { shapePieces } from '#core/ground/shape'
import { completed } from '#core/questions/question'
import { seededRandom } from '#core/random/random'
import { layOut } from '#core/sheets/layout'
import { everythingOf } from '#core/trial/everything'
import { aroundOn, BEGAN_AT, did, gauged, input, put, seen } from '../test/builders/batches'
import { extremeStrand } from '../test/builders/extremes'
import { BUCKET, SACK } from '../test/builders/heaps'
import { say } from './timing'

const LONG_MS = 250
const TWO_YEARS = 730

/** One record of a pad, the nth of many. */
function record(pad: Pad, day: number, nth: number): readonly NewEvent[] {
  switch (pad.kind) {
    case 'gauge': {
      const { id, spots, limits: [low, high] } = pad.quantity
      return [gauged(day, id, spots[0]!.id, low + (high - low) * (nth * 37 % 100) / 300)]
    }
    case 'sense': return [seen(day, pad.sense.id, pad.sense.findings[nth % pad.sense.findings.length]!.id)]
    case 'deed': return [did(day, pad.deed.id, { ...completed(pad.deed.asks, {}) })]
    case 'put': return [pad.put.what === 'water' ? put(day, [], 5) : put(day, [input('leaves-mixed', 1, BUCKET)])]
    case 'feed': return [put(day, [input('scraps-kitchen', 1, BUCKET), { ...input('leaves-mixed', 1, BUCKET), role: 'cover' }])]
    case 'use': return []
  }
}

function batchOf(events: readonly NewEvent[]): BegunBatch | undefined {
  const batch = foldGarden(events.map((one, at) => ({ ...one, id: `e${at}`, by: 'bench', recordedAt: one.at }))).batches.get('b')
  return batch && hasBegun(batch) ? batch : undefined
}

function longestOf(method: Method, batch: BegunBatch, day: number): { readonly what: string, readonly ms: number } {
  return everythingOf(batch, method, aroundOn(day)).map(({ what, ask }) => {
    const from = performance.now()
    ask()
    return { what, ms: performance.now() - from }
  }).reduce((longest, one) => one.ms > longest.ms ? one : longest)
}

const padName = (pad: Pad) => ('deed' in pad ? pad.deed.id : 'sense' in pad ? pad.sense.id : 'quantity' in pad ? pad.quantity.id : pad.kind)

/** Two thousand records of one kind over two years in one batch, beside two hundred. */
const manyRecords = METHODS.flatMap(method => method.life.pads.filter(({ kind }) => kind !== 'use').map((pad) => {
  const approachId = method.face.approaches[0]!.id
  const began: NewEvent = {
    kind: 'began', at: BEGAN_AT, batchId: 'b', name: 'Batch', place: '', methodId: method.id, approachId,
    site: sitesFor(method, approachId)[0]!, waterL: 10,
    answers: completed(method.plan.asks(approachId), {}),
    inputs: [input('leaves-mixed', 9, SACK), input('grass-fresh', 3, SACK)],
  }
  const [few, many] = [200, 2000].map((count) => {
    const batch = batchOf([began, ...Array.from({ length: count }, (_, nth) => record(pad, 1 + (TWO_YEARS - 2) * nth / count, nth)).flat()])
    return batch ? longestOf(method, batch, TWO_YEARS) : { what: 'nothing', ms: 0 }
  })
  return { name: `${method.id}, ${padName(pad)}: ${many!.what}`, ms: many!.ms, times: many!.ms / Math.max(1, few!.ms) }
})).sort((a, b) => b.ms - a.ms)
for (const { name, ms, times } of manyRecords.slice(0, 5))
  say(`2,000 records in a batch, ${name}`, ms, `${times.toFixed(1)} times of 200`)

/** What a file may hold at its ends. */
const extremes = Array.from({ length: 400 }, (_, seed) => {
  const method = METHODS[seed % METHODS.length]!
  const events = extremeStrand(seededRandom(seed), method)
  const batch = foldGarden(events).batches.get('b')
  return batch && hasBegun(batch) ? { seed, method: method.id, ...longestOf(method, batch, [0, 3, 90, 900][seed % 4]!) } : undefined
}).filter(one => one !== undefined).sort((a, b) => b.ms - a.ms)
const [worst] = extremes
if (worst)
  say(
    `the longest answer of ${extremes.length} gardens at the ends`, worst.ms,
    `${worst.method}, ${worst.what}; over ${LONG_MS} ms: ${extremes.filter(({ ms }) => ms > LONG_MS).length}`,
  )

/** Card of twelve sizes over a large ground. */
const random = seededRandom(1)
const pieces = Array.from({ length: 12 }, () => ({ count: 2000, lengthM: 0.5 + 0.7 * random(), widthM: 0.4 + 0.5 * random() }))
const laid = [20, 300].map((m2) => {
  const ground = shapePieces({ shape: 'rectangle', widthM: Math.sqrt(1.3 * m2), lengthM: Math.sqrt(m2 / 1.3) })
  const from = performance.now()
  layOut({ ground, pieces, missingLike: { count: 1, lengthM: 1, widthM: 0.75 }, overlapM: 0.15 })
  return performance.now() - from
})
say('card in twelve sizes laid over 300 m²', laid[1]!, `${(laid[1]! / laid[0]!).toFixed(1)} times of 20 m²`)
