import { describe, expect, it } from 'vitest'
import { begun, did, gauged, input, put, seen, took } from '../../test/builders/batches'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { LIBRARY_BOOK } from '../materials/book'
import { hotbed } from '../methods/hotbed'
import { leafmould } from '../methods/leafmould'
import { howItWent } from './past'

const around = { materials: LIBRARY_BOOK, units: 'metric' as const }
const inBed = (since: Parameters<typeof begun>[1]) =>
  begun({ methodId: hotbed.id, approachId: 'manure', site: hotbed.plan.sites[0]!, inputs: [input('horse-manure-straw', 10, SACK)] }, since)

describe('how a past batch went', () => {
  it('tells its warmest, wherever it was read, and what was done to it most often, in its own words', () => {
    const batch = inBed([
      did(0.1, 'trodden'), gauged(5, 'warmth', 'soil', 34), gauged(6, 'warmth', 'core', 65), did(9, 'sown'), did(10, 'aired'),
      did(11, 'aired'), did(12, 'aired'), put(12, [], 8), put(13, [], 8),
    ])
    expect(howItWent(batch, hotbed, around)).toEqual(['65 °C at its warmest', 'aired 3 times', 'watered 2 times', 'still standing'])
    expect(howItWent(batch, hotbed, { ...around, units: 'us' })[0]).toBe('149 °F at its warmest')
  })

  it('says that no warmth was read, and nothing of warmth where no thermometer goes', () => {
    expect(howItWent(inBed([]), hotbed, around)).toEqual(['no warmth was read', 'still standing'])
    const cage = begun(
      {
        methodId: leafmould.id, approachId: leafmould.face.approaches[0]!.id, site: leafmould.plan.sites[0]!,
        inputs: [input('leaves-mixed', 5, SACK)],
      },
      [seen(3, 'squeeze', 'dry')],
    )
    expect(howItWent(cage, leafmould, around)[0]).not.toMatch(/warm/)
  })

  it('says how long an ended one took and what it gave; added stuff is no watering', () => {
    const batch = inBed([put(2, [input('horse-manure-straw', 1, BUCKET)], 5), took(100, [['heap-half-rotted', 30, BUCKET]], true)])
    // 10 sacks of 80 L and a bucket of 12 L in, 30 buckets out.
    expect(howItWent(batch, hotbed, around)).toEqual([
      'no warmth was read', 'taken down after 100 days', 'gave 360 L of 812 L that went in',
    ])
  })

  it('goes on with a method that this version does not know', () => {
    expect(howItWent(inBed([did(3, 'sown')]), undefined, around)).toEqual(['still standing'])
  })
})
