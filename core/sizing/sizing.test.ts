import { balancedOf } from '../methods/contract'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUCKET, GOOD_HEAP, heap } from '../../test/builders/heaps'
import type { Batch } from '../journal/garden'
import { LIBRARY_BOOK } from '../materials/book'
import { hotHeap } from '../methods/hot-heap'
import { batchMeasures } from '../methods/hot-heap/measures'
import { range } from '../units/range'
import { VESSEL_PRESETS } from '../vessel/presets'
import { planForNeed } from './need'
import { expectedYield, yieldShare } from './yields'

const usual = balancedOf(hotHeap)!.sizing.usualYield
const BAY = VESSEL_PRESETS[0]!
const now = new Date('2026-09-01T12:00:00Z')
const day = (text: string) => new Date(`${text}T12:00:00Z`)
const plan = (litres: number, by: Date, share = usual, approachId = 'by-thermometer') => {
  const found = planForNeed({ litres, by }, BAY, balancedOf(hotHeap)!.sizing, approachId, share, now)
  if (!found.ok) throw new Error(found.error)
  return found.value
}
/** A heap that gave this share of what was built. */
function finished(share: number): Batch {
  const batch = heap(GOOD_HEAP)
  const { volumeL } = batchMeasures(batch, LIBRARY_BOOK)!
  const at = '2026-08-01T12:00:00.000Z'
  return {
    ...batch,
    ended: { eventId: 'end', at },
    takings: [{
      eventId: 'end',
      at,
      ends: true,
      heightM: 0.4,
      products: [{
        lotId: 'l',
        materialId: 'compost-finished',
        amount: { count: (volumeL * share) / BUCKET.volumeL, container: BUCKET, packing: 'loose' },
      }],
    }],
  }
}

describe('what comes out', () => {
  it('is counted against what was built and mixed', () => {
    expect(yieldShare(finished(0.42), LIBRARY_BOOK)).toBeCloseTo(0.42, 9)
    expect(yieldShare(heap(GOOD_HEAP), LIBRARY_BOOK)).toBeUndefined()
    expect(yieldShare(finished(1.4), LIBRARY_BOOK)).toBeUndefined()
  })

  it('is the usual until there are batches of one\'s own', () => {
    expect(expectedYield([heap(GOOD_HEAP)], LIBRARY_BOOK, usual)).toEqual({ share: usual, batches: 0 })
  })

  it('moves towards own batches and is better known with more of them', () => {
    const one = expectedYield([finished(0.5)], LIBRARY_BOOK, usual)
    const five = expectedYield([0.5, 0.52, 0.48, 0.5, 0.5].map(finished), LIBRARY_BOOK, usual)
    expect(one.batches).toBe(1)
    expect(one.share.typical).toBeGreaterThan(usual.typical)
    expect(one.share.typical).toBeLessThan(0.5)
    expect(five.share.typical).toBeGreaterThan(one.share.typical)
    expect(five.share.high - five.share.low).toBeLessThan(one.share.high - one.share.low)
    /*
     * By hand for one batch at 0.5: usual sd (0.5 − 0.25)/2/1.2816 = 0.09753, variance 0.009513, less 0.07² = 0.0049
     * leaves 0.004613 for the garden. Precision 1/0.004613 + 1/0.0049 = 216.8 + 204.1 = 420.9.
     * Mean (0.38 × 216.8 + 0.5 × 204.1) / 420.9 = 0.4382; half 1.2816 × √(1/420.9 + 0.0049) = 0.1093.
     */
    expect(one.share.typical).toBeCloseTo(0.4382, 3)
    expect(one.share.high - one.share.typical).toBeCloseTo(0.1093, 3)
  })
})

describe('a need', () => {
  it('of 400 litres by the first of June takes so much to build, by such a day', () => {
    // 400 / 0.38 = 1053 L, 800 to 1600; a pallet bay of 1.2 × 1 × 1 m holds 1200 L as it stands, 1200 / 0.78 = 1538 loosely mixed.
    const found = plan(400, day('2027-06-01'))
    expect(found.buildL.typical).toBeCloseTo(1052.6, 1)
    expect([found.buildL.low, found.buildL.high]).toEqual([800, 1600])
    expect(found.vessels).toBe(1)
    // 1053 L would stand 68 cm high.
    expect(found.tooLittle).toBe(true)
    // By the thermometer: 65 days at best, 290 at the latest.
    expect(found.safeBy).toEqual(day('2026-08-15'))
    expect(found.justBy).toEqual(day('2027-03-28'))
    expect(found.inTime).toBe('tight')
    expect(plan(400, day('2027-06-01'), usual, 'weekly').inTime).toBe('in-time')
  })

  it('of more than one vessel gives takes more of them', () => {
    // 1750 / 0.38 = 4605 L in vessels of 1538 L; with less than 1154 L each it would not heat.
    const found = plan(1750, day('2027-06-01'))
    expect(found.vessels).toBe(3)
    expect(found.eachL * found.vessels).toBeCloseTo(1750 / 0.38, 6)
  })

  it('of a bucketful still takes a heap that can heat', () => {
    // 75 cm on a footprint of 1.2 m² are 900 L as they stand, 900 / 0.78 loosely mixed.
    const found = plan(20, day('2027-06-01'))
    expect(found.tooLittle).toBe(true)
    expect(found.leastL).toBeCloseTo(900 / 0.78, 6)
    expect(found.eachL).toBeCloseTo(900 / 0.78, 6)
  })

  it('says when it is tight or too late', () => {
    expect(plan(400, day('2026-11-25')).inTime).toBe('tight')
    expect(plan(400, day('2026-10-01')).inTime).toBe('too-late')
    expect(plan(400, day('2027-06-01'), usual, 'weekly').safeBy > plan(400, day('2027-06-01')).safeBy).toBe(true)
  })

  it('that is none is refused', () => {
    for (const litres of [0, -5, NaN, Infinity, 1e9])
      expect(planForNeed({ litres, by: now }, BAY, balancedOf(hotHeap)!.sizing, 'weekly', usual, now)).toEqual({
        ok: false, error: 'no-litres',
      })
    expect(planForNeed({ litres: 10, by: new Date('nonsense') }, BAY, balancedOf(hotHeap)!.sizing, 'weekly', usual, now)).toEqual({
      ok: false, error: 'bad-date',
    })
  })

  it('is always met by what is built at the low yield, and no vessel is over the rim', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }), fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        fc.constantFrom(...VESSEL_PRESETS),
        (litres, low, vessel) => {
          const found = planForNeed(
            { litres, by: day('2027-06-01') }, vessel, balancedOf(hotHeap)!.sizing, 'weekly', range(low, low + 0.1, low + 0.2), now,
          )
          if (!found.ok) throw new Error(found.error)
          expect(found.value.buildL.high * low).toBeCloseTo(litres, 6)
          const capacityL
            = (vessel.shape === 'box' ? vessel.widthM * vessel.depthM : (Math.PI * vessel.diameterM ** 2) / 4) * vessel.heightM * 1000
          expect(found.value.eachL * balancedOf(hotHeap)!.sizing.standsShare).toBeLessThanOrEqual(capacityL * 1.000001)
          expect(found.value.vessels).toBeGreaterThanOrEqual(1)
        },
      ),
    )
  })
})
