import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed } from '../beds/bed'
import type { OnBed } from '../beds/history'
import { writeDocument } from '../journal/document'
import type { GardenEvent } from '../journal/event'
import type { Comparison, SideFound } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import { fisherChance } from '../statistics/counts'
import { askedOfPlots } from './asked'
import type { MeasureId } from './constants'
import { countNeeded, plotPairsNeeded, readPlots } from './readout'
import { unequalPlots } from './starts'
import { PLOT_TRIAL_KIND, plotTrialValues, readPlotTrials, type PlotTrial } from './trial'

const on = (day: number) => new Date(Date.UTC(2027, 3, 1, 10) + day * 86_400_000).toISOString()
const trial = (over: Partial<PlotTrial> = {}, pairs = 1): PlotTrial => ({
  id: 'plot-trial.1', name: 'Char', difference: 'char', startedAt: on(0), measures: ['height'],
  pairs: Array.from({ length: pairs }, (_, at) =>
    ({ id: `p${at + 1}`, with: { bedId: `a${at}`, called: '' }, without: { bedId: `b${at}`, called: '' } })),
  ...over,
})
const found = (pairId: string, measure: MeasureId, day: number, mine: SideFound, theirs: SideFound): Comparison => ({
  eventId: `${pairId}-${measure}-${day}`, at: on(day), trialId: 'plot-trial.1', pairId, measure, with: mine, without: theirs,
})
const said = (of: PlotTrial, ...comparisons: readonly Comparison[]) =>
  readPlots(of, comparisons, 'metric')[0]!.said.replaceAll('\u00A0', ' ')

describe('Fisher\'s exact test', () => {
  it('is as worked by hand: nine of ten against three of ten happen about two times in a hundred', () => {
    // C(10,9)·C(10,3)/C(20,12) = 10·120/125970 = 0.00953 for 9 and 3, 1·45/125970 = 0.00036 for 10 and 2; as much again the other way.
    expect(fisherChance({ hits: 9, of: 10 }, { hits: 3, of: 10 })).toBeCloseTo(2 * (0.009526 + 0.000357), 4)
    // Tea with milk: all four right of four, one way in seventy, two-sided two.
    expect(fisherChance({ hits: 4, of: 4 }, { hits: 0, of: 4 })).toBeCloseTo(2 / 70, 9)
    expect(fisherChance({ hits: 5, of: 10 }, { hits: 5, of: 10 })).toBeCloseTo(1, 9)
  })

  it('is a chance, the same both ways, and rarer the further apart', () => {
    const counts = fc.tuple(fc.nat({ max: 40 }), fc.integer({ min: 1, max: 40 })).map(([hits, of]) => ({ hits: Math.min(hits, of), of }))
    fc.assert(fc.property(counts, counts, (one, other) => {
      const chance = fisherChance(one, other)
      expect(chance).toBeGreaterThan(0)
      expect(chance).toBeLessThanOrEqual(1)
      expect(fisherChance(other, one)).toBeCloseTo(chance, 9)
    }))
    const chances = [5, 6, 7, 8, 9, 10].map(hits => fisherChance({ hits, of: 10 }, { hits: 5, of: 10 }))
    expect(chances).toEqual([...chances].sort((a, b) => b - a))
  })
})

describe('what a trial of beds or pots shows', () => {
  it('of seeds come up in two trays is told by the last count, with how sure and how many more it takes', () => {
    const sown = trial({ measures: ['sprouted'] })
    const counted = (day: number, hits: number, theirs: number) => found('p1', 'sprouted', day, { hits, of: 20 }, { hits: theirs, of: 20 })
    expect(said(sown, counted(4, 2, 1), counted(8, 18, 9))).toBe(
      'With char more came up: 18 of 20 against 9 of 20. By chance alone that happens less than once in a hundred: it shows a difference.',
    )
    expect(said(sown, counted(8, 14, 12))).toMatch(
      /^With char more came up: 14 of 20 against 12 of 20\. .*may well be chance; it takes more than 200/)
    expect(said(sown, counted(8, 9, 9))).toBe('No difference: 9 of 20 against 9 of 20.')
    // 2.8² · (0.9·0.1 + 0.6·0.4 + 0.02) ÷ 0.3² = 30.5.
    expect(countNeeded({ hits: 18, of: 20 }, { hits: 12, of: 20 })).toBe(31)
  })

  it('of one pair of beds shows nothing, whatever its size, and says how many pairs could', () => {
    const text = said(trial(), found('p1', 'height', 14, { value: 0.3 }, { value: 0.2 }))
    expect(text).toMatch(/^With char taller by 10 cm: 30 cm against 20 cm\. One pair cannot show it/)
    // A fifth of 25 cm by itself, times the root of two: 7.1 cm; 2.8² · (7.1 ÷ 10)² = 3.9, and never fewer than six.
    expect(text).toMatch(/about 6 pairs could\.$/)
    // 20 against 18 cm: a fifth of 19, times the root of two, is 5.4 cm; 2.8² · (5.4 ÷ 2)² = 56.6.
    expect(said(trial(), found('p1', 'height', 14, { value: 0.2 }, { value: 0.18 }))).toMatch(/about 57 pairs could\.$/)
    expect(plotPairsNeeded(0.1, 0.2)).toBe(32)
  })

  it('of six pairs all one way shows it: once in thirty-two; of five it does not', () => {
    const pairs = (count: number) => said(
      trial({}, count),
      ...Array.from({ length: count }, (_, at) => found(`p${at + 1}`, 'height', 14, { value: 0.3 + at / 100 }, { value: 0.2 + at / 50 })),
    )
    // Differences of 10, 9, 8, 7, 6, 5 cm: mean 7.5, spread 1.87; 1.476 · 1.87 ÷ √6 = 1.13 to either side.
    expect(pairs(6)).toBe(
      'With char taller in 6 of 6 pairs, by 6.4 cm to 8.6 cm on the mean. By chance alone that happens 3 times in a hundred: it shows a '
      + 'difference.',
    )
    expect(pairs(5)).toMatch(/6 times in a hundred: it shows nothing yet; about 6 pairs could\.$/)
  })

  it('adds up what is picked, takes the mean of heights, and counts all bites that were looked at', () => {
    const picked = trial({ measures: ['picked'] }, 1)
    const week = (day: number, mine: number, theirs: number) => found('p1', 'picked', day, { value: mine }, { value: theirs })
    expect(said(picked, week(7, 1, 0.5), week(14, 2, 1.5))).toMatch(/by 1 kg: 3 kg against 2 kg/)
    const tall = found('p1', 'height', 14, { value: 0.2 }, { value: 0.1 })
    expect(said(trial(), tall, found('p1', 'height', 28, { value: 0.4 }, { value: 0.3 }))).toMatch(/30 cm against 20 cm/)
    const bites = trial({ measures: ['bites'] })
    const looked = (day: number, hits: number, theirs: number) => found('p1', 'bites', day, { hits, of: 10 }, { hits: theirs, of: 10 })
    expect(said(bites, looked(7, 1, 6), looked(14, 2, 7))).toMatch(
      /^With char fewer were bitten: 3 of 20 against 13 of 20\. .*shows a difference/)
  })

  it('of looks counts which side was better, pair by pair', () => {
    const looks = trial({ measures: ['look'] }, 6)
    const look = (at: number, mine: number, theirs: number) => found(`p${at}`, 'look', 14, { value: mine }, { value: theirs })
    expect(said(looks, ...[1, 2, 3, 4, 5, 6].map(at => look(at, 1, 0)))).toMatch(/it looked better in 6 of 6 pairs\. .*shows a difference/)
    expect(said(looks, ...[1, 2, 3].map(at => look(at, 0, 0)))).toBe('No difference to be seen so far.')
    expect(said(looks)).toBe('Nothing was compared so far.')
  })

  it('is said in words for whatever was found, and nothing in it is not a number', () => {
    const side = fc.oneof(
      fc.record({ value: fc.double({ min: 0, max: 50, noNaN: true }) }),
      fc.tuple(fc.nat({ max: 20 }), fc.nat({ max: 20 })).map(([a, b]) => ({ hits: Math.min(a, b), of: b })),
    )
    fc.assert(fc.property(
      fc.array(fc.tuple(fc.constantFrom('p1', 'p2', 'p3'), fc.nat({ max: 60 }), side, side), { maxLength: 12 }),
      fc.constantFrom<MeasureId>('sprouted', 'height', 'picked', 'count', 'bites', 'look'), (all, measure) => {
        const text = said(trial({ measures: [measure] }, 3),
          ...all.map(([pair, day, mine, theirs]) => found(pair, measure, day, mine, theirs)))
        expect(text).toMatch(/\.$/)
        expect(text).not.toMatch(/NaN|Infinity|undefined/)
      }))
  })
})

describe('what a trial asks for', () => {
  it('is both sides of each pair at once, every so many days, from its beginning on', () => {
    const both = trial({ measures: ['height', 'sprouted'] }, 2)
    const asked = (day: number, ...known: readonly Comparison[]) =>
      askedOfPlots(both, known, new Date(on(day))).map(({ pair, measure }) => `${pair.id} ${measure}`)
    expect(asked(3)).toEqual([])
    expect(asked(4)).toEqual(['p1 sprouted', 'p2 sprouted'])
    expect(asked(14, found('p1', 'sprouted', 12, { hits: 1, of: 2 }, { hits: 1, of: 2 }))).toEqual(
      ['p1 height', 'p2 height', 'p2 sprouted'])
  })
})

describe('unequal starts', () => {
  const bed = (id: string, over: Partial<Bed> = {}): Bed => ({
    id, name: id, ground: { shape: 'rectangle', widthM: 1, lengthM: 2 }, soil: 'loam', reaction: 'neutral', grows: 'usual',
    eaten: 'touching',
    depthM: 0.1, ...over,
  })
  const dressed = (litres: number, day: number): OnBed => ({ eventId: 'e', at: on(day), litres, charL: 0, ashL: 0, carried: [] })
  const unequal = (mine: Partial<Bed>, theirs: Partial<Bed>, had: readonly OnBed[] = []) => unequalPlots(
    { id: 'p', with: { bedId: 'a', called: '' }, without: { bedId: 'b', called: '' } }, { startedAt: on(0) },
    id => ({ bed: bed(id, id === 'a' ? mine : theirs), history: id === 'a' ? had : [] }), 'metric',
  ).join(' ').replaceAll('\u00A0', ' ')

  it('of soil, reaction, size, what grows and what they had before are said; what was given since is what is tried', () => {
    expect(unequal({}, {})).toBe('')
    expect(unequal({ soil: 'sand' }, {})).toMatch(/Unequal soil: sand and loam/)
    expect(unequal({ reaction: 'limy' }, {})).toMatch(/one is limy, the other neutral/)
    expect(unequal({ ground: { shape: 'circle', diameterM: 3 } }, {})).toMatch(/not of one size/)
    // 40 L on 2 m² are 2 cm.
    expect(unequal({}, {}, [dressed(40, -100)])).toMatch(/Before, one had 2 cm on it, the other nothing/)
    expect(unequal({}, {}, [dressed(40, 5)])).toBe('')
    expect(unequal({}, {}, [dressed(40, -1000)])).toBe('')
  })

  it('of two halves of one bed there are none, and a bed against a tray is one', () => {
    const halves = { id: 'p', with: { bedId: 'a', called: 'left' }, without: { bedId: 'a', called: 'right' } }
    const known = (id: string) => ({ bed: bed(id), history: [] })
    expect(unequalPlots(halves, { startedAt: on(0) }, known, 'metric')).toEqual([])
    expect(unequalPlots({ ...halves, without: { called: 'tray' } }, { startedAt: on(0) }, known, 'metric')).toHaveLength(1)
  })
})

describe('a trial of beds or pots, written down', () => {
  it('comes back as it was; one bed against itself is no pair', () => {
    const read = (values: Record<string, unknown>) =>
      readPlotTrials(
        [writeDocument(undefined, 'plot-trial.1', PLOT_TRIAL_KIND, { ...plotTrialValues(trial()), ...values } as never, on(0), 'd')])
    expect(read({})).toEqual([trial()])
    expect(read({ removed: true })).toEqual([])
    expect(read({ measures: ['wisdom'] })).toEqual([])
    expect(read({ pairs: [{ id: 'p1', with: { bedId: 'a', called: '' }, without: { bedId: 'a', called: ' ' } }] })).toEqual([])
    expect(read({ pairs: [{ id: 'p1', with: { bedId: 'a', called: 'left' }, without: { bedId: 'a', called: 'right' } }] })).toHaveLength(1)
    expect(read({ pairs: [{ id: 'p1', with: { called: '' }, without: { called: 'tray' } }] })).toEqual([])
  })

  it('what was compared is in the garden, and taken back it is not', () => {
    const compared = {
      kind: 'compared', id: 'c', at: on(14), recordedAt: on(14), by: 'x', trialId: 'plot-trial.1', pairId: 'p1', measure: 'height',
      with: { value: 0.3 }, without: { value: 0.2 },
    } satisfies GardenEvent
    expect(foldGarden([compared]).comparisons).toMatchObject([{ eventId: 'c', with: { value: 0.3 } }])
    expect(foldGarden(
      [compared, { kind: 'undone', id: 'u', at: on(15), recordedAt: on(15), by: 'x', targetId: 'c' }]).comparisons).toEqual([])
  })
})
