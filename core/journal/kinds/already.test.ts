import { afterEach, describe, expect, it } from 'vitest'
import { VESSEL_PRESETS } from '../../vessel/presets'
import type { GardenEvent, NewEvent } from '../event'
import { earliestOf, firstSince, hasBegun } from '../garden'
import { eventOf, foldGarden, openJournal } from '../journal'
import { setRight } from '../set-right'
import { dayText, weekdayPartText } from '../../units/dates'
import { writeFrom } from '../../units/region'
import { evenParts } from './already'
import { readEvent } from '../event'
import type { Input } from '../garden'

const LEAVES: Input = {
  role: 'feed', materialId: 'leaves-mixed', draws: [],
  amount: { count: 12, container: { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 60 }, packing: 'loose' },
}
const on = (day: number) => new Date(Date.UTC(2026, 2, 1 + day, 10)).toISOString()
const BEGAN = {
  id: 'began', kind: 'began', at: on(30), by: 'test', recordedAt: on(90), batchId: 'b', name: 'Bay', place: '', methodId: 'slow-heap',
  approachId: 'two-bays', site: { kind: 'vessel', vessel: VESSEL_PRESETS[0]! }, answers: {}, inputs: [], waterL: 0,
  stood: { from: on(0), to: on(60), noted: on(90), of: 'unknown', evenly: { inputs: [{ ...LEAVES, draws: [] }], until: on(86) } },
} as const satisfies GardenEvent
const events = (...more: readonly (NewEvent & { readonly id: string })[]): GardenEvent[] => [
  BEGAN, ...more.map(one => ({ ...one, by: 'test', recordedAt: on(95) }) as GardenEvent),
]
const batchOf = (all: readonly GardenEvent[]) => {
  const batch = foldGarden(all).batches.get('b')
  if (!batch || !hasBegun(batch)) throw new Error('it did not begin')
  return batch
}

describe('what came evenly', () => {
  it('is laid in week by week, each in the middle of its week', () => {
    // Eight weeks: eight parts of one and a half sacks, the first after three and a half days.
    const parts = evenParts([LEAVES], 0, 56 * 86_400_000)
    expect(parts.map(({ inputs }) => inputs[0]!.amount.count)).toEqual(Array.from({ length: 8 }, () => 1.5))
    expect(parts[0]!.at).toBe(new Date(3.5 * 86_400_000).toISOString())
    expect(parts.at(-1)!.at).toBe(new Date(52.5 * 86_400_000).toISOString())
  })

  it('stands among what was put in since in the order of its days, whatever was written first', () => {
    const put = { id: 'put', kind: 'put', at: on(50), batchId: 'b', inputs: [], waterL: 10 } satisfies NewEvent & { id: string }
    const { puts } = batchOf(events(put))
    expect(puts.map(({ at }) => at)).toEqual(puts.map(({ at }) => at).sort())
    expect(puts.filter(({ already }) => already)).toHaveLength(8)
    expect(firstSince(batchOf(events(put)))?.at).toBe(on(50))
    expect(firstSince(batchOf(events()))).toBeUndefined()
  })
})

describe('the beginning of one that stood already', () => {
  it('may have been as early as it was said', () => {
    expect(earliestOf(batchOf(events()).began)).toBe(on(0))
    expect(earliestOf({ at: on(3) })).toBe(on(3))
  })

  it('is known when its day is set right, and open again when that is taken back', () => {
    const to = setRight(BEGAN, [], on(10))!
    const amended = { id: 'a', kind: 'amended', at: on(96), batchId: 'b', targetId: 'began', to } as unknown as NewEvent & { id: string }
    const known = batchOf(events(amended)).began
    expect([known.at, known.stood?.from, known.stood?.to]).toEqual([on(10), on(10), on(10)])
    const journal = openJournal([
      ...events(amended), { id: 'u', kind: 'undone', at: on(97), by: 'test', recordedAt: on(97), targetId: 'a' } as GardenEvent,
    ])
    expect(eventOf(journal, 'began')).toEqual(BEGAN)
  })

  it('does not end before it begins', () => {
    expect(readEvent({ ...BEGAN, stood: { ...BEGAN.stood, from: on(61) } }).ok).toBe(false)
    expect(readEvent(BEGAN).ok).toBe(true)
  })
})

describe('where one stands', () => {
  it('is another from then on, and its own again when that is taken back', () => {
    const site = { kind: 'vessel', vessel: VESSEL_PRESETS[1]! } as const
    const sited = { id: 's', kind: 'sited', at: on(91), batchId: 'b', site } as const
    expect(batchOf(events(sited)).began.site).toEqual(site)
    const undone = { id: 'u', kind: 'undone', at: on(92), targetId: 's' } as const
    expect(batchOf(events(sited, undone)).began.site).toEqual(BEGAN.site)
  })
})

describe('a day as it is told', () => {
  afterEach(() => writeFrom(undefined))
  it('has its year where that is not the present one', () => {
    expect(dayText('2025-11-26T10:00:00Z')).toBe('26 November')
    writeFrom(new Date('2026-03-01T10:00:00Z'))
    expect(dayText('2025-11-26T10:00:00Z')).toBe('26 November 2025')
    expect(dayText('2026-11-26T10:00:00Z')).toBe('26 November')
  })

  it('is a part of it where nobody needs the hour', () => {
    expect(weekdayPartText(new Date(2026, 10, 25, 4, 48))).toBe('Wednesday night')
    expect(weekdayPartText(new Date(2026, 10, 25, 15, 50))).toBe('Wednesday afternoon')
    expect(weekdayPartText(new Date(2026, 10, 25, 23, 10))).toBe('Wednesday night')
  })
})
