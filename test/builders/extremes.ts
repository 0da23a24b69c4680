import * as v from 'valibot'
import { knownEventSchema, type GardenEvent, type NewEvent } from '#core/journal/event'
import { LIBRARY } from '#core/materials/library'
import type { Method } from '#core/methods/contract'
import { completed, type Question } from '#core/questions/question'
import type { Random } from '#core/random/random'
import { BEGAN_AT } from './batches'

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
const ID_MOST = 'x'.repeat(64)

/** Numbers from the ends of what a schema takes, with some between them. */
const between = (random: Random, low: number, high: number): number =>
  random() < 0.3 ? low : random() < 0.4 ? high : low + (high - low) * random() ** 4

/** An answer of any kind that can stand in a file, sense or no sense. */
function anyAnswer(random: Random, question: Question): number | string {
  if (random() < 0.1) return pick(random, [-1e9, -1, 0, 1e-9, 1e9, '', 'x'.repeat(4000), '__proto__', '9999-12-31', '-'])
  switch (question.kind) {
    case 'choice': return pick(random, [...question.choices.map(({ id }) => id), '__proto__', ''])
    case 'day': return pick(random, ['', '0001-01-01', '1970-01-01', '2026-02-31', '9999-12-31', '2025-11-20'])
    case 'text': return pick(random, ['', 'x'.repeat(4000), '<b>', '\u202Eabc', '🌱'])
    case 'pieces':
      return Array.from({ length: 1 + Math.floor(12 * random()) }, () =>
        `${pick(random, ['card', 'news', 'roll'])} ${Math.floor(between(random, 0, 9999))} of ${between(random, 0.15, 60).toFixed(2)} x `
        + `${between(random, 0.15, 60).toFixed(2)}`).join('; ')
    case 'temperature': return pick(random, [-59, -10, 0, 20, 119])
    default: return pick(random, [-1e9, 0, 1e-9, 0.01, 1, 'most' in question ? question.most : 100, 1e6, 1e9])
  }
}

const anyAnswers = (random: Random, questions: readonly Question[]) => ({
  ...completed(questions, {}),
  ...Object.fromEntries(questions.filter(() => random() < 0.7).map(question => [question.id, anyAnswer(random, question)])),
})

function anyShape(random: Random) {
  const m = () => between(random, 0.2, 200)
  return pick(random, [
    () => ({ shape: 'rectangle', widthM: m(), lengthM: m() }), () => ({ shape: 'circle', diameterM: m() }),
    () => ({ shape: 'strip', widthM: m(), lengthM: m(), count: Math.ceil(between(random, 1, 40)) }),
    () => ({ shape: 'outline', corners: [[0, 0], [m(), 0], [m() + 200, m()], [m() + 100, 200 + m()]] }),
  ])()
}

function anySite(random: Random) {
  const m = () => between(random, 0.2, 6)
  const vessel = () => ({
    id: 'v', name: pick(random, ['v', 'x'.repeat(80)]),
    wall: pick(random, ['boards', 'wire', 'straw-bales', 'plastic', 'insulated', 'none']),
    heightM: m(), ...(random() < 0.6 ? { shape: 'box', widthM: m(), depthM: m() } : { shape: 'cylinder', diameterM: m() }),
  })
  return pick(random, [
    () => ({ kind: 'vessel', vessel: vessel() }),
    () => ({
      kind: 'channelled', vessel: vessel(),
      channels: Array.from({ length: Math.floor(between(random, 0, 60)) }, () =>
        ({ xM: between(random, -3, 3), yM: between(random, -3, 3), diameterM: between(random, 0.02, 0.5) })),
    }),
    () => ({ kind: 'area', id: 'a', name: 'a', ground: anyShape(random) }),
    () => ({ kind: 'frame', id: 'f', name: 'f', widthM: m(), depthM: m(), heightM: m() }),
  ])()
}

const anyAmount = (random: Random) => ({
  count: between(random, 0, 10_000), packing: pick(random, ['loose', 'shaken', 'packed']),
  container: { id: 'c', name: 'c', plural: 'c', volumeL: between(random, 0.01, 20_000) },
})

/** Anything that may lie in a batch, in any amount: of sorts that the method knows, and of those that nobody does. */
const anyInputs = (random: Random) =>
  Array.from({ length: Math.floor(between(random, 0, 12)) }, () => ({
    role: pick(random, ['feed', 'cover', 'bedding', 'starter']),
    materialId: random() < 0.05 ? pick(random, ['nothing-known', ID_MOST]) : pick(random, LIBRARY).id,
    amount: anyAmount(random), draws: [],
  }))

/** Moments around a beginning, from the same instant to the ends of what a file can hold. */
function anyMoment(random: Random): string {
  if (random() < 0.04) return pick(random, ['1970-01-01T00:00:00.000Z', '9999-12-31T23:59:59.999Z', '2000-02-29T12:00:00.000Z'])
  return new Date(Date.parse(BEGAN_AT) + between(random, 0, 900) * 86_400_000).toISOString()
}

function anyRecordOf(random: Random, method: Method): NewEvent | Record<string, unknown> {
  const at = anyMoment(random)
  const base = { batchId: 'b', at }
  const pads = method.life.pads
  const pad = pick(random, pads)
  const way = random()
  if (way < 0.06) {
    const products = [{ materialId: pick(random, LIBRARY).id, amount: anyAmount(random) }]
    return { ...base, kind: 'took', ends: random() < 0.1, products }
  }
  if (way < 0.1) return { ...base, kind: 'put-off', task: pick(random, ['__proto__', 'turned', 'constructor']), until: anyMoment(random) }
  if (way < 0.14) return { ...base, kind: 'measured', heightM: between(random, 0, 6) }
  if (way < 0.18)
    return { ...base, kind: 'used', litres: between(random, 0, 5000), place: 'bed', areaM2: between(random, 0.1, 100), waterL: 0 }
  switch (pad.kind) {
    case 'gauge': {
      const value = random() < 0.2 ? between(random, -1e6, 1e6) : between(random, ...pad.quantity.limits)
      const values = [{ spot: pick(random, pad.quantity.spots).id, value }]
      return { ...base, kind: 'gauged', quantity: pad.quantity.id, source: 'hand', values }
    }
    case 'sense': {
      const finding = pick(random, [...pad.sense.findings.map(({ id }) => id), 'nothing-known', '__proto__'])
      return { ...base, kind: 'observed', sense: pad.sense.id, finding }
    }
    case 'deed': return { ...base, kind: 'did', deed: pad.deed.id, answers: anyAnswers(random, pad.deed.asks) }
    default: {
      const pocket = random() < 0.3 ? { pocket: pick(random, ['a', 'z', '__proto__']) } : {}
      return { ...base, kind: 'put', inputs: anyInputs(random), waterL: between(random, 0, 100_000), ...pocket }
    }
  }
}

/**
 * A batch of a method at the ends of what its file may hold: any answers, any site, any amounts, any days. Everything of it passes the
 * checks of an entry; nothing of it need make sense.
 */
export function extremeStrand(random: Random, method: Method): readonly GardenEvent[] {
  const approachId = random() < 0.05 ? '__proto__' : pick(random, method.face.approaches).id
  const began = {
    kind: 'began', at: BEGAN_AT, batchId: 'b', name: 'Batch', place: '', methodId: method.id, approachId,
    site: random() < 0.4 ? pick(random, method.plan.sitesOf?.(approachId) ?? method.plan.sites) : anySite(random),
    answers: anyAnswers(random, method.plan.asks(approachId)), inputs: anyInputs(random), waterL: between(random, 0, 100_000),
  }
  const since = Array.from({ length: Math.floor(40 * random() ** 2) }, () => anyRecordOf(random, method))
  return [began, ...since].flatMap((one, index) => {
    const parsed = v.safeParse(knownEventSchema, { ...one, id: `e${index}`, by: 'test', recordedAt: one.at })
    return parsed.success ? [parsed.output] : []
  })
}

/** What is odd about something that a page shows: a number that is none, or a word that only programmers know; nothing when it is sound. */
export function oddIn(value: unknown, path = ''): string | undefined {
  if (typeof value === 'number') return Number.isFinite(value) ? undefined : `${path} is ${value}`
  if (typeof value === 'string')
    return /\bNaN\b|Infinity|∞|\bundefined\b|\[object|Invalid Date/.test(value) ? `${path}: ${value.slice(0, 160)}` : undefined
  if (value instanceof Date) return Number.isFinite(value.getTime()) ? undefined : `${path} is no date`
  if (value === null || typeof value !== 'object') return undefined
  for (const [key, part] of Object.entries(value)) {
    const odd = oddIn(part, `${path}.${key}`)
    if (odd) return odd
  }
  return undefined
}
