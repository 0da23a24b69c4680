import { describe, expect, it, vi } from 'vitest'
import { demoGarden } from '../demo/demo-garden'
import type { GardenDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import { hotHeap } from '../methods/hot-heap'
import { tryOut, VALUES_MOST, type Clock, type Trial } from './trial'

const now = new Date('2026-06-20T10:00:00.000Z')
const { events, documents } = demoGarden(now)

interface Tried { readonly touched?: readonly string[], readonly holding?: readonly GardenDocument[], readonly clock?: Clock }

function triedOut(
  tried: readonly GardenEvent[], { touched, holding = documents, clock }: Tried = {},
): Trial & { readonly at: readonly string[], readonly shares: readonly number[] } {
  const steps = tryOut(tried, holding, now, touched && new Set(touched), clock)
  const [at, shares]: [string[], number[]] = [[], []]
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { ...step.value, at, shares }
    at.push(step.value.at)
    shares.push(step.value.share)
  }
}

describe('a garden on trial', () => {
  it('that is sound passes whole, and says at which batch it is', () => {
    const trial = triedOut(events)
    expect(trial.leftOut.size).toBe(0)
    expect(trial.at).toContain('Apple bay')
    expect(trial.shares).toEqual([...trial.shares].sort((a, b) => a - b))
    expect(trial.shares.every(share => share >= 0 && share <= 1)).toBe(true)
  })

  it('is rid of the one entry that cannot be told', () => {
    const odd = {
      kind: 'gauged', id: 'odd', at: now.toISOString(), recordedAt: now.toISOString(), by: 'x', batchId: 'demo-apple-bay',
      quantity: 'heat', source: 'hand', values: null,
    } as unknown as GardenEvent
    // Its values are counted before it is folded.
    expect(() => triedOut([...events, odd])).toThrow()
    const folded = { ...odd, values: [null] } as unknown as GardenEvent
    const trial = triedOut([...events, folded], { touched: ['demo-apple-bay'] })
    expect([...trial.leftOut.keys()]).toEqual(['odd'])
    expect(trial.leftOut.get('odd')!.what).toMatch(/^a reading of 20 June 2026, Apple bay: Wastrum stumbles over it\.$/)
  })

  it('is rid of the one entry that stumbles half way or cannot be drawn', () => {
    const odd = {
      kind: 'did', id: 'odd', at: '2026-06-19T10:00:00.000Z', recordedAt: now.toISOString(), by: 'x', batchId: 'demo-apple-bay',
      deed: 'turn', answers: null,
    } as unknown as GardenEvent
    const touched = ['demo-apple-bay', 'nowhere']
    const sound = triedOut([...events, { ...odd, answers: {} } as GardenEvent], { touched })
    expect(sound.leftOut.size).toBe(0)
    const broken = { ...odd, kind: 'put', inputs: [null], waterL: 0 } as unknown as GardenEvent
    expect([...triedOut([...events, broken], { touched }).leftOut.keys()]).toEqual(['odd'])
    // Folds as it is, and stops whoever asks for its site.
    const elsewhere = {
      ...events.find(({ kind }) => kind === 'built' || kind === 'began')!,
      id: 'nowhere',
      batchId: 'nowhere',
      kind: 'began',
      methodId: 'hot-heap',
      approachId: 'weekly',
      site: null,
      answers: {},
      inputs: [],
      waterL: 0,
    } as unknown as GardenEvent
    expect([...triedOut([...events, elsewhere], { touched }).leftOut.keys()]).toEqual(['nowhere'])
  })

  it('is rid of readings beyond what any thermometer writes', () => {
    const log = (index: number): GardenEvent => ({
      kind: 'logged', id: `log-${index}`, at: now.toISOString(), recordedAt: now.toISOString(), by: 'x', batchId: 'b', depth: 'core',
      source: 'f', minutes: Array.from({ length: 2000 }, (_, minute) => minute), tenthsC: Array.from({ length: 2000 }, () => 400),
    })
    // Seven years of half hours at two depths fit (7 × 365 × 48 × 2 = 245,280), ten do not (350,400).
    expect(VALUES_MOST).toBeGreaterThan(245_280)
    expect(VALUES_MOST).toBeLessThan(350_400)
    const most = VALUES_MOST / 2000
    expect(triedOut(Array.from({ length: most }, (_, index) => log(index))).leftOut.size).toBe(0)
    expect([...triedOut(Array.from({ length: most + 3 }, (_, index) => log(index))).leftOut.keys()]).toEqual([
      `log-${most}`, `log-${most + 1}`, `log-${most + 2}`,
    ])
  })

  it('is rid of a batch that would hold every page up, whole when no single entry of it is the cause', () => {
    // Every look at the clock is six seconds later than the last: what is asked of Apple bay takes too long, whatever is left out.
    let at = 0
    const slow = triedOut(events, { touched: ['demo-apple-bay'], holding: [], clock: () => (at += 6000) })
    const strand = events.filter(event => 'batchId' in event && event.batchId === 'demo-apple-bay')
    expect(new Set(slow.leftOut.keys())).toEqual(new Set(strand.map(({ id }) => id)))
    expect([...slow.leftOut.values()][0]!.technical).toMatch(/takes too long/)
    let quick = 0
    expect(triedOut(events, { touched: ['demo-apple-bay'], holding: [], clock: () => (quick += 10) }).leftOut.size).toBe(0)
  })

  it('is rid of more batches, beds and trials than any garden has, the latest of them', () => {
    const standing = Array.from({ length: 503 }, (_, count): GardenEvent => ({
      kind: 'began', id: `began-${count}`, at: new Date(now.getTime() - (600 - count) * 86_400_000).toISOString(),
      recordedAt: now.toISOString(), by: 'x', batchId: `many-${count}`, name: `Heap ${count}`, place: '', methodId: 'unknown-method',
      approachId: 'a', site: { kind: 'frame', id: 'f', name: 'f', widthM: 1, depthM: 1, heightM: 1 }, answers: {}, inputs: [], waterL: 0,
    }))
    const document = (kind: string) => (_: unknown, count: number): GardenDocument => ({ id: `${kind}.${count}`, kind, fields: {} })
    const holding = [...Array.from({ length: 402 }, document('bed')), ...Array.from({ length: 101 }, document('side-by-side'))]
    const trial = triedOut(standing, { touched: [], holding })
    expect([...trial.leftOut.keys()]).toEqual(['began-500', 'began-501', 'began-502'])
    expect([...trial.documentsLeftOut.keys()]).toEqual(['bed.400', 'bed.401', 'side-by-side.100'])
    expect(trial.documentsLeftOut.get('bed.400')!.what).toBe('a bed: Wastrum stumbles over it.')
  })

  it('is rid of a plan that cannot be thought through', () => {
    const plan = documents.find(({ id }) => id === 'plan.bench')!
    const held = (fields: GardenDocument['fields']) => triedOut([], { holding: [{ ...plan, fields: { ...plan.fields, ...fields } }] })
    expect(held({}).documentsLeftOut.size).toBe(0)
    const thinking = vi.spyOn(hotHeap.plan, 'draft').mockImplementation(() => { throw new Error('no such plan') })
    const { methodId } = plan.fields
    const left = held({ methodId: { ...methodId!, value: 'hot-heap' } }).documentsLeftOut
    thinking.mockRestore()
    expect([...left.keys()]).toEqual(['plan.bench'])
    expect(left.get('plan.bench')!.what).toMatch(/^a plan.*: Wastrum stumbles over it\.$/)
  })
})
