import { describe, expect, it } from 'vitest'
import { demoGarden } from '../demo/demo-garden'
import type { GardenEvent } from '../journal/event'
import { tryOut, VALUES_MOST, type Trial } from './trial'

const now = new Date('2026-06-20T10:00:00.000Z')
const { events, documents } = demoGarden(now)

function triedOut(tried: readonly GardenEvent[]): Trial & { readonly at: readonly string[], readonly shares: readonly number[] } {
  const steps = tryOut(tried, documents, now)
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
    const trial = triedOut([...events, folded])
    expect([...trial.leftOut.keys()]).toEqual(['odd'])
    expect(trial.leftOut.get('odd')!.what).toMatch(/^a reading of 20 June 2026, Apple bay: Wastrum stumbles over it\.$/)
  })

  it('is rid of the one entry that stumbles half way or cannot be drawn', () => {
    const odd = {
      kind: 'did', id: 'odd', at: '2026-06-19T10:00:00.000Z', recordedAt: now.toISOString(), by: 'x', batchId: 'demo-apple-bay',
      deed: 'turn', answers: null,
    } as unknown as GardenEvent
    const sound = triedOut([...events, { ...odd, answers: {} } as GardenEvent])
    expect(sound.leftOut.size).toBe(0)
    const broken = { ...odd, kind: 'put', inputs: [null], waterL: 0 } as unknown as GardenEvent
    expect([...triedOut([...events, broken]).leftOut.keys()]).toEqual(['odd'])
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
    expect([...triedOut([...events, elsewhere]).leftOut.keys()]).toEqual(['nowhere'])
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
})
