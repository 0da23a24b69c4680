import type { GardenEvent } from '#core/journal/event'
import { ROLES } from '#core/journal/garden'
import type { FieldValue, GardenDocument } from '#core/journal/document'
import { LIBRARY } from '#core/materials/library'
import { worthOf } from '#core/materials/worth'
import type { Random } from '#core/random/random'
import { containerThen, STARTING_CONTAINERS } from '#core/units/container'
import { VESSEL_PRESETS } from '#core/vessel/presets'

const START = Date.parse('2025-03-01T08:00:00.000Z')
const HOUR = 3_600_000

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
const moment = (hours: number) => new Date(START + Math.floor(hours) * HOUR).toISOString()

type Draft = Omit<GardenEvent, 'id' | 'recordedAt' | 'by'> & Record<string, unknown>

function amount(random: Random) {
  return {
    count: 1 + Math.floor(random() * 8) / 2, container: containerThen(pick(random, STARTING_CONTAINERS.metric)),
    packing: pick(random, ['loose', 'shaken', 'packed'] as const),
  }
}

function draft(random: Random, at: string, batchId: string, known: readonly GardenEvent[]): Draft {
  const lots = known.filter(({ kind }) => kind === 'stocked')
  const draws = lots.length > 0 ? [{ lotId: pick(random, lots).id, litres: Math.floor(random() * 30) }] : []
  const ingredient = () => ({
    materialId: pick(random, LIBRARY).id, amount: amount(random), draws,
    ...(random() < 0.3 ? { worth: worthOf(pick(random, LIBRARY)) } : {}),
  })
  const input = (chance: Random) => ({ ...ingredient(), role: pick(chance, ROLES) })
  const makers: (() => Draft)[] = [
    () => ({ kind: 'stocked', at, materialId: pick(random, LIBRARY).id, amount: amount(random), source: '' }),
    () => ({
      kind: 'built', at, batchId, name: `Heap ${batchId}`, place: 'bay', methodId: 'hot-heap', approachId: 'weekly',
      vessel: pick(random, VESSEL_PRESETS), ingredients: [ingredient(), ingredient()], waterL: 20,
    }),
    () => ({ kind: 'reading', at, batchId, coreC: Math.round(random() * 700) / 10, source: 'hand' }),
    () => ({ kind: 'reading', at, batchId, coreC: Math.round(random() * 700) / 10, edgeC: 20, source: 'probe' }),
    () => ({ kind: 'turned', at, batchId }),
    () => ({ kind: 'watered', at, batchId, litres: 10 }),
    () => ({ kind: 'observed', at, batchId, sense: 'squeeze', finding: 'right' }),
    () => ({ kind: 'measured', at, batchId, heightM: Math.round(random() * 100) / 100 }),
    () => ({ kind: 'added', at, batchId, ingredient: ingredient() }),
    () => ({ kind: 'noted', at, batchId, text: 'a note' }),
    () => ({ kind: 'finished', at, batchId, products: [{ materialId: 'compost-finished', amount: amount(random), sieveMm: 10 }] }),
    () => ({
      kind: 'logged', at, batchId, depth: pick(random, ['core', 'edge'] as const), source: 'probe.csv',
      minutes: [0, 30, 60 + Math.floor(random() * 5000)], tenthsC: [412, 498, 557],
    }),
    () => ({
      kind: 'photographed', at, batchId, photoId: `photo-${Math.floor(random() * 100)}`, caption: '', widthPx: 1280, heightPx: 960,
      bytes: 90_000,
    }),
    () => ({ kind: 'test-begun', at, batchId, test: 'sprout', answers: { sown: 20, sownControl: 20 } }),
    () => ({ kind: 'test-read', at, batchId, test: pick(random, ['bag', 'look']), answers: { smell: 'earthy', left: 20 } }),
    () => ({ kind: 'put-off', at, batchId, task: 'reading', until: moment(random() * 500), ...(random() < 0.5 ? { why: 'away' } : {}) }),
    () => ({
      kind: 'began', at, batchId, name: `Cage ${batchId}`, place: 'hedge', methodId: 'leafmould', approachId: 'cage',
      site: { kind: 'vessel', vessel: pick(random, VESSEL_PRESETS) }, answers: { years: 2 },
      inputs: random() < 0.5 ? [input(random)] : [], waterL: Math.floor(random() * 3) * 10,
    }),
    () => ({ kind: 'sited', at, batchId, site: { kind: 'vessel', vessel: pick(random, VESSEL_PRESETS) } }),
    () => ({
      kind: 'began', at, batchId, name: `Bay ${batchId}`, place: '', methodId: 'slow-heap', approachId: 'two-bays',
      site: { kind: 'vessel', vessel: pick(random, VESSEL_PRESETS) }, answers: {}, inputs: [], waterL: 0,
      stood: {
        from: at, to: moment(random() * 500 + 20_000), noted: moment(21_000), of: pick(random, ['known', 'mostly', 'unknown'] as const),
        ...(random() < 0.5 ? { evenly: { inputs: [input(random)], until: moment(4000) } } : {}),
      },
    }),
    () => ({
      kind: 'put', at, batchId, inputs: random() < 0.7 ? [input(random)] : [], waterL: Math.floor(random() * 30),
      ...(random() < 0.3 ? { pocket: `p${1 + Math.floor(random() * 4)}` } : {}),
    }),
    () => ({ kind: 'did', at, batchId, deed: pick(random, ['covered', 'stirred']), answers: random() < 0.5 ? { how: 'loosely' } : {} }),
    () => ({
      kind: 'gauged', at, batchId, quantity: pick(random, ['foam', 'height']), source: 'hand',
      values: [{ spot: 'top', value: Math.round(random() * 100) / 1000 }],
    }),
    () => ({
      kind: 'took', at, batchId, heightM: 0.6, ends: random() < 0.3,
      products: [{ materialId: 'leaf-mould', amount: amount(random), sieveMm: 6 }],
    }),
    () => ({
      kind: 'stock-amended', at, lotId: lots.length > 0 ? pick(random, lots).id : 'gone',
      ...(random() < 0.5 ? { gatheredAt: at } : { amount: amount(random) }),
      source: 'the lane',
    }),
    () => ({
      kind: 'made', at, how: 'sieved', draws: draws.length > 0 ? draws : [{ lotId: 'gone', litres: 1 }],
      products: [{ materialId: 'compost-finished', amount: amount(random) }],
    }),
    () => ({
      kind: 'used', at,
      ...(random() < 0.5 && lots.length > 0 ? { lotId: pick(random, lots).id } : { batchId }),
      litres: Math.floor(random() * 10),
      place: 'beans',
      areaM2: 4,
      waterL: 20,
    }),
    () => ({
      kind: 'compared', at, trialId: 'plot-trial.1', pairId: pick(random, ['p1', 'p2']), measure: 'height',
      with: { value: Math.round(random() * 100) / 100 }, without: random() < 0.5 ? { value: 0.3 } : { hits: 3, of: 8 },
    }),
    () => ({ kind: 'undone', at, targetId: known.length > 0 ? pick(random, known).id : 'nothing' }),
    () => {
      const target = pick(random, [...known.filter(({ kind }) => !['undone', 'amended', 'foretold'].includes(kind)), undefined])
      return target
        ? { kind: 'amended', at, targetId: target.id, to: { ...target, at: moment(random() * 400) } }
        : { kind: 'noted', at, batchId, text: 'nothing to set right so far' }
    },
  ]
  return pick(random, makers)()
}

/** A random journal of one device: what happens now and then is written down late, out of order or undone. */
export function randomJournal(random: Random, length: number, by = 'phone'): GardenEvent[] {
  const events: GardenEvent[] = []
  for (let index = 0; index < length; index++) {
    const recorded = index * 5 + random() * 4
    const happened = random() < 0.25 ? recorded - random() * 100 : recorded
    const made = draft(random, moment(happened), `batch-${Math.floor(random() * 4)}`, events)
    events.push({ ...made, id: `${by}-${index}`, recordedAt: moment(recorded), by } as GardenEvent)
  }
  return events
}

/** Random documents as two devices may have left them. */
export function randomDocuments(random: Random, by: string): GardenDocument[] {
  const value = (): FieldValue => pick<FieldValue>(random, [1, 2, 'metric', 'us', true, null, [1, 2], { a: 1 }])
  const writing = () => ({ value: value(), at: moment(random() * 6), by })
  return ['settings', 'container-bucket', 'plan'].filter(() => random() < 0.8).map(id => ({
    id,
    kind: id,
    fields: Object.fromEntries(
      ['a', 'b', 'c']
        .filter(() => random() < 0.7)
        .map(name => [name, random() < 0.3 ? { ...writing(), before: { value: 0, at: moment(0), by: 'old' } } : writing()]),
    ),
  }))
}
