import { describe, expect, it } from 'vitest'
import { readEvent } from './event'
import { LIBRARY } from '../materials/library'
import { worthOf } from '../materials/worth'

// What was once let in stands in somebody's files: a limit that shrinks would refuse a garden, one that grows lets nonsense in.
const always = { id: 'e-1', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'phone', batchId: 'b' }
const amount = (count = 2, volumeL = 12) => ({
  count, container: { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL }, packing: 'loose',
})
const many = <T>(count: number, one: T): T[] => Array.from({ length: count }, () => one)
const text = (length: number) => 'x'.repeat(length)
const draw = { lotId: 'l', litres: 1 }
const vessel = (high: number) => ({ id: 'v', name: 'v', wall: 'wire', shape: 'cylinder', diameterM: 1, heightM: high })
const input = { role: 'feed', materialId: 'm', amount: amount(), draws: [] }
const began = (entries: object) => ({
  kind: 'began', name: 'n', place: '', methodId: 'm', approachId: 'a', site: { kind: 'vessel', vessel: vessel(1) }, answers: {},
  inputs: [], waterL: 0,
  ...entries,
})
const area = (widthM: number) => ({ site: { kind: 'area', id: 'a', name: 'a', ground: { shape: 'rectangle', widthM, lengthM: 2 } } })
const channelled = (channels: number, diameterM = 0.1, xM = 0) => ({
  site: { kind: 'channelled', vessel: vessel(1), channels: many(channels, { xM, yM: 0, diameterM }) },
})
const worth = (entries: object) => ({ kind: 'put', waterL: 0, inputs: [{ ...input, worth: { ...worthOf(LIBRARY[0]!), ...entries } }] })
const range = (low: number, typical: number, high: number) => ({ low, typical, high })
const logged = (minute: number, tenth: number, count = 1) => ({
  kind: 'logged', depth: 'core', source: 'a.csv', minutes: many(count, minute), tenthsC: many(count, tenth),
})
const gauged = (value: number, count = 1) => ({
  kind: 'gauged', quantity: 'foam', source: 'hand', values: many(count, { spot: 'top', value }),
})
const photographed = (widthPx: number, heightPx: number, bytes: number) => ({
  kind: 'photographed', photoId: 'p', caption: '', widthPx, heightPx, bytes,
})
const weighed = (massKg: number, volumeL = 12) => ({ kind: 'weighed', materialId: 'm', amount: amount(1, volumeL), massKg })
const used = (areaM2: number) => ({ kind: 'used', litres: 1, place: '', areaM2 })
const took = (sieveMm: number, count = 1, heightM = 0) => ({
  kind: 'took', heightM, ends: false, products: many(count, { materialId: 'm', amount: amount(), sieveMm }),
})

const good = (entries: object) => readEvent({ ...always, ...entries }).ok

describe('an event\'s limits', () => {
  it.each<readonly [string, (value: number) => object, number, number]>([
    ['degrees at the bottom', value => ({ kind: 'reading', coreC: value, source: 'hand' }), -50, -51],
    ['degrees at the top', value => ({ kind: 'reading', edgeC: value, source: 'probe' }), 120, 121],
    ['litres', value => ({ kind: 'put', inputs: [], waterL: value }), 100_000, 100_001],
    ['litres poured on', value => ({ kind: 'watered', litres: value }), 5000, 5001],
    ['the count of containers', value => ({ kind: 'stocked', materialId: 'm', source: '', amount: amount(value) }), 10_000, 10_001],
    ['a big container', value => ({ kind: 'stocked', materialId: 'm', source: '', amount: amount(1, value) }), 20_000, 20_001],
    ['a small container', value => ({ kind: 'stocked', materialId: 'm', source: '', amount: amount(1, value) }), 0.01, 0.009],
    ['the length of an id', value => ({ kind: 'turned', batchId: text(value) }), 64, 65],
    ['the length of a name', value => ({ kind: 'renamed', name: text(value), place: '' }), 80, 81],
    ['the length of a place', value => ({ kind: 'renamed', name: 'n', place: text(value) }), 80, 81],
    ['the length of a note', value => ({ kind: 'noted', text: text(value) }), 4000, 4001],
    [
      'answers',
      value => ({ kind: 'did', deed: 'd', answers: Object.fromEntries(Array.from({ length: value }, (_, index) => [`a${index}`, 1])) }),
      60, 61,
    ],
    ['the length of an answer', value => ({ kind: 'did', deed: 'd', answers: { a: text(value) } }), 4000, 4001],
    ['inputs', value => ({ kind: 'put', inputs: many(value, input), waterL: 0 }), 60, 61],
    ['lots of an input', value => ({ kind: 'put', inputs: [{ ...input, draws: many(value, draw) }], waterL: 0 }), 60, 61],
    ['products', value => took(10, value), 60, 61], ['a fine sieve', value => took(value), 1, 0.9],
    ['a coarse sieve', value => took(value), 100, 101], ['a height when taken', value => took(10, 1, value), 6, 6.1],
    ['a low vessel', value => began({ site: { kind: 'vessel', vessel: vessel(value) } }), 0.2, 0.19],
    ['a high vessel', value => began({ site: { kind: 'vessel', vessel: vessel(value) } }), 6, 6.1],
    ['a wide area', value => began(area(value)), 200, 201], ['channels', value => began(channelled(value)), 60, 61],
    ['a wide channel', value => began(channelled(1, value)), 1, 1.1],
    ['a narrow channel', value => began(channelled(1, value)), 0.01, 0.009],
    ['a channel to the left', value => began(channelled(1, 0.1, value)), -10, -11],
    ['a channel to the right', value => began(channelled(1, 0.1, value)), 10, 11], ['a quantity', value => gauged(value), 1e6, 1e6 + 1],
    ['a quantity below nothing', value => gauged(value), -1e6, -1e6 - 1], ['quantities at once', value => gauged(1, value), 60, 61],
    ['readings of a file', value => logged(0, 200, value), 2000, 2001],
    ['how far a file reaches', value => logged(value, 200), 5_260_000, 5_260_001],
    ['tenths of a degree', value => logged(0, value), 1200, 1201], ['tenths of frost', value => logged(0, value), -500, -501],
    ['a wide picture', value => photographed(value, 1, 1), 10_000, 10_001],
    ['a high picture', value => photographed(1, value, 1), 10_000, 10_001],
    ['a heavy picture', value => photographed(1, 1, value), 20_000_000, 20_000_001],
    ['a heavy bucket, at 8 kg a litre', value => weighed(value), 96, 96.1],
    ['anything weighed', value => weighed(value, 10_000), 20_000, 20_001], ['a pinch weighed', value => weighed(value), 0.001, 0.0009],
    ['a bed', value => used(value), 100_000, 100_001], ['a pot', value => used(value), 0.01, 0.009],
    ['the words of a worth', value => worth({ name: text(value) }), 120, 121],
    ['nitrogen', value => worth({ nitrogenFraction: range(0, 0, value) }), 1, 1.01],
    ['carbon to nitrogen', value => worth({ carbonToNitrogen: range(1, 1, value) }), 5000, 5001],
    ['little carbon', value => worth({ carbonToNitrogen: range(value, 1, 1) }), 0.1, 0.09],
    ['moisture', value => worth({ moistureFraction: range(0, 0, value) }), 0.99, 0.995],
    ['density', value => worth({ bulkDensityKgM3: range(1, 1, value) }), 5000, 5001],
    ['no density', value => worth({ bulkDensityKgM3: range(value, 1, 1) }), 1, 0.9],
    ['lignin', value => worth({ ligninFraction: value }), 1, 1.01], ['pace', value => worth({ pace: value }), 10, 11],
    ['hardly any pace', value => worth({ pace: value }), 0.1, 0.09],
  ])('%s: the outermost is good, one more is not', (_, of, last, beyond) => {
    expect(good(of(last))).toBe(true)
    expect(good(of(beyond))).toBe(false)
  })

  it('a worth is told from low to high', () => {
    expect(good(worth({ moistureFraction: range(0.2, 0.2, 0.2) }))).toBe(true)
    expect(good(worth({ moistureFraction: range(0.3, 0.2, 0.4) }))).toBe(false)
    expect(good(worth({ moistureFraction: range(0.1, 0.5, 0.4) }))).toBe(false)
  })

  it('a dried sample can weigh what it weighed, and no more', () => {
    const dried = (dryMassKg: number) => ({ kind: 'dried', materialId: 'm', wetMassKg: 1, dryMassKg })
    expect([good(dried(1)), good(dried(1.01))]).toEqual([true, false])
  })

  it('what was weighed filled something', () => {
    expect(good({ kind: 'weighed', materialId: 'm', amount: amount(0), massKg: 0 })).toBe(false)
    expect(good({ kind: 'weighed', materialId: 'm', amount: amount(0), massKg: 1 })).toBe(false)
  })

  it('what was used came from a lot or from a batch, not from both and not from nowhere', () => {
    const from = (entries: object) => readEvent({ ...always, batchId: undefined, kind: 'used', litres: 1, place: '', ...entries }).ok
    expect([from({ batchId: 'b' }), from({ lotId: 'l' }), from({ lotId: 'l', batchId: 'b' }), from({})]).toEqual([true, true, false, false])
  })

  it('every reading of a file has its moment', () => {
    expect(good({ ...logged(0, 200), minutes: [0, 1] })).toBe(false)
    expect(good({ ...logged(0, 200), minutes: [-1] })).toBe(false)
    expect(good({ ...logged(0, 200), minutes: [0.5] })).toBe(false)
  })
})
