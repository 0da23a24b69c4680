import { describe, expect, it } from 'vitest'
import type { GardenEvent, NewEvent } from '../journal/event'
import { inputsOf } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { carriedByBatch } from '../lots/carried'
import { BUCKET } from '../../test/builders/heaps'
import { VESSEL_PRESETS } from '../vessel/presets'
import { inAndOut } from './batch'
import { joiningEvents } from './joining'

const at = (day: number) => new Date(Date.UTC(2026, 3, 1 + day)).toISOString()
const began = (batchId: string, day: number, materialId: string): NewEvent => ({
  kind: 'began', at: at(day), batchId, name: batchId, place: '', methodId: 'hot-heap', approachId: 'weekly', answers: {}, waterL: 0,
  site: { kind: 'vessel', vessel: VESSEL_PRESETS[0]! },
  inputs: [{ role: 'feed', materialId, amount: { count: 30, container: BUCKET, packing: 'loose' }, draws: [] }],
})
const written = (all: readonly NewEvent[]): GardenEvent[] =>
  all.map((event, index) => ({ id: `e${index}`, ...event, by: 'test', recordedAt: event.at }) as GardenEvent)

const BEFORE = [began('old', 0, 'horse-manure-straw'), began('young', 20, 'leaves-mixed')]
const JOINED = joiningEvents({
  at: at(40), from: { id: 'old' }, onto: { id: 'young' }, materialId: 'heap-half-rotted', litres: 150, ends: true,
}, 'joined')

describe('two heaps joined into one', () => {
  const garden = foldGarden(written([...BEFORE, ...JOINED]))
  const [old, young] = [garden.batches.get('old')!, garden.batches.get('young')!]

  it('end the one with where it went, and go on in the other', () => {
    expect(old.ended?.at).toBe(at(40))
    expect(old.takings.at(-1)?.toBatchId).toBe('young')
    expect(young.puts.at(-1)).toMatchObject({ fromBatchId: 'old', inputs: [{ materialId: 'heap-half-rotted' }] })
    expect(inputsOf(young).map(({ materialId }) => materialId)).toEqual(['leaves-mixed', 'heap-half-rotted'])
  })

  it('leave nothing of it in the store', () => {
    const lot = garden.lots.get('joined.0')!
    expect(lot.initialL - (garden.drawnL.get(lot.id) ?? 0)).toBe(0)
  })

  it('carry on what the one carried: dung that was never hot stays dung', () => {
    const then = new Date(at(41))
    expect(carriedByBatch(garden, young, LIBRARY_BOOK, then).map(({ risk }) => risk)).toContain('dung')
    const alone = foldGarden(written(BEFORE))
    expect(carriedByBatch(alone, alone.batches.get('young')!, LIBRARY_BOOK, then).map(({ risk }) => risk)).not.toContain('dung')
  })

  it('stand again as two when it is taken back', () => {
    const undone = JOINED.map((_, index): NewEvent => ({ kind: 'undone', at: at(41), targetId: index === 0 ? 'joined' : `e${2 + index}` }))
    const back = foldGarden(written([...BEFORE, ...JOINED, ...undone]))
    const alone = foldGarden(written(BEFORE))
    for (const id of ['old', 'young']) expect(back.batches.get(id)).toEqual(alone.batches.get(id))
  })

  it('count nothing as gone in where nobody counted it', () => {
    const stood = written([{ ...BEFORE[0]!, stood: { from: at(0), to: at(0), noted: at(1), of: 'unknown' } } as NewEvent, ...JOINED])
    expect(inAndOut(foldGarden(stood).batches.get('old')!, LIBRARY_BOOK)?.inL).toBe(0)
  })
})
