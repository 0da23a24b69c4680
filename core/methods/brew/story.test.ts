import { describe, expect, it } from 'vitest'
import { aroundOn, begun, gauged, seen } from '../../../test/builders/batches'
import { daysBetween } from '../../units/time'
import { amountsFor } from './amounts'
import { KINDS, kindOf } from './kinds'
import { SITES } from './sites'
import { brew } from '.'

// What a brew says day by day, as somebody who has made many would have it: a list to be read, not a formula.
const BUCKET_SITE = SITES[0]!
const bucket = (approachId: string, since: Parameters<typeof begun>[1] = []) =>
  begun({ methodId: 'brew', approachId, site: BUCKET_SITE, answers: { stands: 'room', areaM2: 30 }, waterL: 10 }, since)
const told = (batch: ReturnType<typeof bucket>, day: number) => {
  const around = aroundOn(day)
  const hours = (at: Date) => daysBetween(batch.began.at, at).toFixed(1)
  return [
    brew.life.standing(batch, around).phase,
    ...brew.life.tasks(batch, around).map(({ title, due, until, urgency }) => `${title}, ${hours(due)} to ${hours(until)}, ${urgency}`),
  ]
}

describe('what a bucket at room temperature says', () => {
  it.each<readonly [string, number, readonly string[]]>([
    ['starter', 1, ['resting', 'Measure the foam, 1.0 to 2.0, usual', 'Use it at its height, 3.8 to 6.1, whenever']],
    [
      'starter', 2,
      ['working', 'Measure the foam, 1.0 to 2.0, usual', 'Use it at its height, 3.8 to 6.1, whenever', 'Smell it, 2.0 to 4.0, whenever'],
    ],
    ['starter', 4.5, ['ready', 'Measure the foam, 1.0 to 2.0, usual', 'Use it now, 4.5 to 6.1, now', 'Smell it, 4.5 to 6.5, whenever']],
    [
      'starter', 7,
      ['past', 'Measure the foam, 1.0 to 2.0, usual', 'Use it as a feed, 7.0 to 21.0, usual', 'Smell it, 7.0 to 9.0, whenever'],
    ],
    ['starter', 9, ['past', 'Use it as a feed, 9.0 to 23.0, usual', 'Smell it, 9.0 to 11.0, whenever']],
    ['tea', 0.5, ['working', 'Check the air, 0.5 to 1.0, usual', 'Use it at its height, 1.0 to 2.0, whenever']],
    ['tea', 1, ['ready', 'Check the air, 0.5 to 1.0, usual', 'Use it now, 1.0 to 2.0, now', 'Smell it, 1.0 to 3.0, whenever']],
    ['tea', 4.5, ['past', 'Pour it on the heap, 4.5 to 18.5, usual', 'Smell it, 4.5 to 6.5, whenever']],
    ['green', 2, ['working', 'Stir it, 1.0 to 2.0, usual', 'Strain and use it, 5.6 to 17.5, whenever']],
    ['green', 7, ['ready', 'Stir it, 1.0 to 2.0, usual', 'Strain and use it, 7.0 to 17.5, usual', 'Smell it, 7.0 to 9.0, whenever']],
    ['green', 22, ['past', 'Use it as a feed, 22.0 to 36.0, usual', 'Smell it, 22.0 to 24.0, whenever']],
    ['weed', 2, ['resting', 'Stir it, 3.0 to 4.0, usual', 'Strain and use it, 14.0 to 60.0, whenever']],
    ['weed', 16, ['ready', 'Stir it, 3.0 to 4.0, usual', 'Strain and use it, 16.0 to 60.0, usual', 'Smell it, 16.0 to 18.0, whenever']],
  ])('%s on day %d', (approachId, day, wanted) => {
    expect(told(bucket(approachId), day)).toEqual(wanted)
  })

  it('is asked for foam every other day at first and daily from a third of the way, for a smell every two days, or seven where it takes '
    + 'weeks', () => {
    expect(told(bucket('starter', [gauged(1, 'foam', 'top', 0.003)]), 1.2)).toContain('Measure the foam, 3.0 to 4.0, usual')
    expect(told(bucket('starter', [gauged(2, 'foam', 'top', 0.03)]), 2.2)).toContain('Measure the foam, 3.0 to 4.0, usual')
    expect(told(bucket('green', [seen(4, 'smell', 'fermented')]), 4.2)).toContain('Smell it, 6.0 to 8.0, whenever')
    expect(told(bucket('weed', [seen(10, 'smell', 'fermented')]), 10.2)).toContain('Smell it, 17.0 to 19.0, whenever')
  })

  it('is not nagged about air three days after', () => {
    expect(told(bucket('tea'), 2.9).join()).toMatch(/Check the air/)
    expect(told(bucket('tea'), 3.1).join()).not.toMatch(/Check the air/)
  })
})

describe('a recipe', () => {
  it.each<readonly [string, readonly (readonly [string, number])[]]>([
    // Grams in ten litres of water.
    ['starter', [['leaf mould with white threads', 180], ['boiled potato', 150], ['sea salt', 10]]],
    ['tea', [['castings or ripe compost', 500]]],
    ['green', [['fresh greens without seeds', 6000], ['dry straw or leaves', 670]]],
    ['weed', [['weeds or nettles', 1000]]],
  ])('of %s is what the practice says', (id, wanted) => {
    expect(kindOf(id).perLitre.map(({ name, kgPerL }) => [name, Math.round(kgPerL * 10_000)])).toEqual(wanted)
  })

  it('lies on the bench in buckets: 18 g/L in 10.72 L are 193 g, half a litre of mould', () => {
    const { waterL } = amountsFor(kindOf('starter'), BUCKET_SITE)
    // A bucket of 0.26 m each way holds 13.80 L; to 80 % are 11.04 L, of which mould and potato take 0.9 L/kg × 0.033 kg/L: 11.04 / 1.0297.
    expect(waterL).toBeCloseTo(10.725, 3)
    const { recipe } = brew.plan.draft(
      { site: BUCKET_SITE, approachId: 'starter', answers: { stands: 'room', areaM2: 10 }, ingredients: [], waterL: 0, volumeL: 0 },
      aroundOn(0),
    )
    const { material, amount } = recipe![0]!
    expect(amount.count * amount.container.volumeL).toBeCloseTo(0.018 * waterL / material.bulkDensityKgM3.typical * 1000, 9)
    expect(amount.count * amount.container.volumeL).toBeGreaterThan(0.3)
    expect(amount.count * amount.container.volumeL).toBeLessThan(0.7)
  })

  it('tells how long, how thin, how full and how often, by kind', () => {
    expect(
      KINDS.map(({ id, days20, q10, use, parts, stirEveryDays, fill, foamM }) => [
        id, days20, q10, use.from, use.until, parts.low, parts.usual, parts.high, stirEveryDays, fill, foamM,
      ]),
    ).toEqual([
      ['starter', 4.5, 2.3, 0.85, 1.35, 10, 15, 20, undefined, 0.8, 0.07],
      ['tea', 1.5, 1.8, 0.65, 1.35, 1, 4, 10, undefined, 0.75, undefined],
      ['green', 7, 2, 0.8, 2.5, 5, 7, 10, 1, 0.85, undefined],
      ['weed', 20, 2, 0.7, 3, 8, 10, 15, 3, 0.85, undefined],
    ])
  })
})

describe('the draft of a brew in a bucket', () => {
  const facts = (approachId: string) =>
    brew
      .plan.draft(
        { site: BUCKET_SITE, approachId, answers: { stands: 'room', areaM2: 10 }, ingredients: [], waterL: 0, volumeL: 0 }, aroundOn(0),
      )
      .facts.map(({ label, value }) => `${label}: ${value}`)
  it('tells when, by when, how much and for which beds', () => {
    expect(facts('starter')).toEqual([
      'Foam at its height: after 3 to 6 days', 'Use it by: day 6', 'Gives: 10.7 L', 'For your 10 m²: 0.6 L in 1 can',
    ])
    expect(facts('tea')).toEqual([
      'Tea at its best: after 26 to 50 hours', 'Use it by: day 2', 'Gives: 10 L', 'For your 10 m²: 2 L in 1 can',
    ])
    expect(facts('green')).toEqual([
      'Ready to strain: after 5 to 10 days', 'Use it by: day 18', 'Gives: 7.2 L', 'For your 10 m²: 1.3 L in 1 can',
    ])
    expect(facts('weed')).toEqual([
      'Ready to strain: after 14 to 28 days', 'Use it by: day 60', 'Gives: 10.7 L', 'For your 10 m²: 0.9 L in 1 can',
    ])
  })

  it('measures small things in grams to the nearest five, and in ounces where those are used', () => {
    const step = (units: 'metric' | 'us') =>
      brew.plan.draft(
        { site: BUCKET_SITE, approachId: 'starter', answers: { stands: 'room' }, ingredients: [], waterL: 0, volumeL: 0 },
        { ...aroundOn(0), units },
      ).steps[1]!.title
    expect(step('metric')).toBe('195 g of leaf mould with white threads')
    // 0.193 kg × 35.274 = 6.8 oz.
    expect(step('us')).toBe('7 oz of leaf mould with white threads')
  })

  it('is drawn to scale: liquid to its share, foam above it, bags hung in it', () => {
    const { parts } = brew.plan.draft(
      { site: BUCKET_SITE, approachId: 'starter', answers: { stands: 'room' }, ingredients: [], waterL: 0, volumeL: 0 }, aroundOn(0),
    ).picture
    const of = <K extends string>(kind: K) => parts.find((one): one is Extract<typeof one, { kind: K }> => one.kind === kind)!
    expect(of('liquid').levelM).toBeCloseTo(0.8 * 0.26, 9)
    expect(of('foam')).toMatchObject({ fromM: of('liquid').levelM })
    expect(of('foam').heightM).toBeCloseTo(0.056, 9)
    for (const one of parts) if (one.kind === 'pocket') expect(one.yM + one.heightM / 2).toBeLessThan(of('liquid').levelM)
    expect(parts.filter(({ kind }) => kind === 'pocket')).toHaveLength(2)
  })
})
