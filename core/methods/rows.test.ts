import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, gauged, input, put, seen } from '../../test/builders/batches'
import { BUCKET, SACK } from '../../test/builders/heaps'
import { brew } from './brew'
import { charCharging } from './char-charging'
import { hotHeap } from './hot-heap'
import { knownOf, sitesFor, type Method, type Surroundings } from './contract'
import { leafmould } from './leafmould'
import { sheet } from './card-sheet'
import { slowHeap } from './slow-heap'
import { staticTower } from './static-tower'
import { completed } from '../questions/question'
import { worms } from './worm-bin'
import type { BegunBatch, Input } from '../journal/garden'
import type { NewEvent } from '../journal/event'

/** A batch of a method in its first site, as asked at the least. */
function of(
  method: Method, approachId: string, inputs: readonly Input[], since: readonly NewEvent[], answers: Record<string, number | string> = {},
): BegunBatch {
  const site = sitesFor(method, approachId)[0]!
  return begun(
    { methodId: method.id, approachId, site, answers: completed(method.plan.asks(approachId), answers), inputs, waterL: 20 }, since,
  )
}
const known = ({ life }: Method, batch: BegunBatch, around: Surroundings, id: string) => knownOf(life.situate(batch, around), id)!
const titles = ({ life }: Method, batch: BegunBatch, around: Surroundings) => life.tasks(batch, around).map(({ title }) => title).join('; ')
const due = ({ life }: Method, batch: BegunBatch, around: Surroundings, action: string) =>
  life.tasks(batch, around).find(one => one.action === action)

describe('whoever looked is believed', () => {
  const box = (since: readonly NewEvent[]) =>
    of(
      worms, worms.face.approaches[0]!.id, [{ ...input('cardboard', 3, BUCKET), role: 'bedding' }],
      [put(20, [input('kitchen-veg', 0.5, BUCKET)]), ...since], { grams: 800 },
    )

  it('half of the last feed is left: so much lies there, and nobody is asked to feed today', () => {
    const around = aroundOn(32, { meanC: [18] })
    const [before, after] = [box([]), box([seen(32, 'left', 'half')])]
    // A half of half a bucket of 12 litres at 0.45 kg/L is 1.35 kg; the eye is good to a third to three quarters of it.
    expect(known(worms, after, around, 'backlogKg').middle).toBeGreaterThan(0.32 * 2.7)
    expect(known(worms, after, around, 'backlogKg').middle).toBeGreaterThan(known(worms, before, around, 'backlogKg').middle)
    expect(known(worms, after, around, 'backlogKg').from).toBe('by hand')
    expect(worms.life.standing(after, around).sentence).not.toMatch(/no feed left/)
    expect(due(worms, after, around, 'fed')?.due.getTime() ?? Infinity).toBeGreaterThan(around.now.getTime() + 86_400_000)
  })

  it('a herd that was sorted out and weighed is as large as it weighed', () => {
    const after = box([did(30, 'drum', { way: 'drum', castingsL: 10, smallL: 2, grams: 4000 })])
    expect(known(worms, after, aroundOn(30), 'wormsKg')).toMatchObject({ middle: 4, from: 'recorded' })
    expect(worms.life.standing(after, aroundOn(30)).sentence).toMatch(/about 4 kg of worms/i)
  })

  it('a herd of what the bench said is not crowded on the day it comes', () => {
    const site = sitesFor(worms, worms.face.approaches[0]!.id)[0]!
    const planned = worms.plan.draft(
      { site, approachId: worms.face.approaches[0]!.id, answers: {}, ingredients: [], waterL: 0, volumeL: 0 }, aroundOn(0),
    )
    expect(planned.verdict.grade).not.toBe('poor')
    for (const grams of [500, 800, 1000])
      expect(titles(worms, begun({ methodId: 'worm-bin', approachId: worms.face.approaches[0]!.id, site, answers: { grams } }, [
        put(0.1, [{ ...input('cardboard', 3, BUCKET), role: 'bedding' }]),
      ]), aroundOn(1))).not.toMatch(/Crowded/)
  })

  it('a sheet that is white below is nearly through, and a clean bed is not asked for anything green', () => {
    const laid = (grown: string, since: readonly NewEvent[]) => of(sheet, 'whole', [input('cardboard', 3, SACK)], since, { grown })
    const around = aroundOn(40)
    const white = laid('turf', [seen(40, 'below', 'white')])
    expect(known(sheet, laid('turf', []), around, 'spent').middle).toBeLessThan(0.4)
    expect(known(sheet, white, around, 'spent').middle).toBeGreaterThan(0.6)
    expect(sheet.life.standing(white, around).figure).toBe(`${Math.round(100 * known(sheet, white, around, 'spent').middle)} %`)
    const look = sheet.life.tasks(laid('bare', []), aroundOn(4)).find(({ action }) => action === 'below')
    expect(look?.reason).toMatch(/^Soft, damp card and worms/)
  })

  it('foam that fell from seven centimetres has had its height; it is given in one strength on every page', () => {
    const bucket = of(brew, 'starter', [], [gauged(3, 'foam', 'top', 0.07), gauged(5, 'foam', 'top', 0.055)], {
      stands: 'room', areaM2: 20,
    })
    const around = aroundOn(5)
    expect(brew.life.standing(bucket, around).phase).toBe('past')
    expect(known(brew, bucket, around, 'foamM').middle).toBeCloseTo(0.055, 4)
    const pad = brew.life.pads.flatMap(one => one.kind === 'use' ? [one.use] : [])[0]!
    const parts = `1 to ${pad.parts(bucket, around).usual}`
    const give = brew.life.tasks(bucket, around).find(({ action }) => action === 'given')!
    expect([brew.life.standing(bucket, around).sentence, give.reason, JSON.stringify(brew.life.facts(bucket, around))])
      .toEqual([expect.stringContaining(parts), expect.stringContaining(parts), expect.stringContaining(parts)])
    expect(due(brew, bucket, around, 'foam')?.reason ?? 'Last 5.5 cm').toMatch(/5\.5 cm/)
  })

  it('a heap that was felt warm is not one that does not heat, and its number is one in head, gauge and chart', () => {
    const heap = of(hotHeap, hotHeap.face.approaches[0]!.id, [input('leaves-mixed', 9, SACK), input('grass-clippings', 12, BUCKET)], [
      seen(8, 'warmth', 'warm'), seen(9, 'warmth', 'warm'), seen(10, 'warmth', 'warm'),
    ])
    const around = aroundOn(10)
    expect(hotHeap.life.standing(heap, around).phase).not.toBe('stalled')
    expect(titles(hotHeap, heap, around)).not.toMatch(/stays cool/)
    const { middle } = known(hotHeap, heap, around, 'coreC')
    expect(middle).toBeGreaterThanOrEqual(27)
    expect(hotHeap.life.standing(heap, around).figure).toBe(`${Math.round(middle)} °C`)
  })

  it('a tower stands as high as it was measured, is as wet as it was squeezed, and counts no more days than its year has', () => {
    const load = [input('chips-ramial', 12, SACK), input('leaves-mixed', 6, SACK)]
    const tower = of(staticTower, staticTower.face.approaches[0]!.id, load, [
      gauged(30, 'height', 'top', 0.94), seen(30, 'squeeze', 'dust'),
    ])
    const around = aroundOn(30)
    expect(known(staticTower, tower, around, 'heightM').middle).toBeCloseTo(0.94, 2)
    expect(known(staticTower, tower, around, 'moisture').middle).toBeLessThanOrEqual(0.41)
    const old = of(staticTower, staticTower.face.approaches[0]!.id, load, [])
    for (const day of [380, 430, 520]) {
      expect(staticTower.life.standing(old, aroundOn(day)).sentence).not.toMatch(/\b(36[6-9]|3[7-9]\d|[4-9]\d\d) of 365/)
    }
  })

  it('what a caddy comes to is told with the caddy in it, and a weekly one is weekly', () => {
    const heap = of(
      slowHeap, slowHeap.face.approaches[0]!.id, [input('leaves-mixed', 3, SACK)], [put(7, [input('kitchen-veg', 1, BUCKET)])],
    )
    const caddy = slowHeap.life.pads.flatMap(one => one.kind === 'feed' ? [one.feed] : [])[0]!
    const around = aroundOn(14)
    const fed = caddy.usual(heap, around)
    const said = /stands (\d+) cm/.exec(caddy.answer(heap, around, fed, undefined))![1]
    const after = of(slowHeap, slowHeap.face.approaches[0]!.id, [input('leaves-mixed', 3, SACK)], [
      put(7, [input('kitchen-veg', 1, BUCKET)]),
      put(14, [input(fed[0]!.material.id, fed[0]!.amount.count, fed[0]!.amount.container as never)]),
    ])
    expect(Math.abs(100 * known(slowHeap, after, around, 'heightM').middle - Number(said))).toBeLessThan(1.5)
    expect(due(slowHeap, after, around, 'fed')!.reason).toMatch(/usually every 7 days/)
  })

  it('a soak that was drained early charges no further, and nothing frozen is stirred', () => {
    const charge = [input('biochar-crushed', 1, BUCKET), input('worm-castings', 0.5, BUCKET)]
    const soak = (since: readonly NewEvent[]) => of(charCharging, 'soak', charge, since, { stands: 'outside', tap: 'rain' })
    const drained = soak([did(2, 'drained')])
    expect(charCharging.life.windows(drained, aroundOn(3)).map(({ id }) => id)).not.toContain('charged')
    expect(titles(charCharging, soak([]), aroundOn(3, { meanC: [-6] }))).not.toMatch(/Stir/)
    const sunk = soak([seen(3, 'sinks', 'sunk')])
    expect(known(charCharging, sunk, aroundOn(3), 'charged').middle).toBeGreaterThan(0.7)
  })

  it('leaves that were taken out stand at nothing, and bags have no rim', () => {
    const cage = of(leafmould, leafmould.face.approaches[0]!.id, [input('leaves-mixed', 9, SACK)], [
      did(200, 'bagged'), { kind: 'took', at: aroundOn(300).now.toISOString(), batchId: 'b', ends: true, products: [] },
    ])
    expect(leafmould.life.told(cage, aroundOn(300))).toBe('Empty.')
    const bagged = of(leafmould, leafmould.face.approaches[0]!.id, [input('leaves-mixed', 9, SACK)], [did(200, 'bagged')])
    expect(JSON.stringify(leafmould.life.facts(bagged, aroundOn(250)))).not.toMatch(/to the rim/)
  })
})

describe('a grade and its window', () => {
  it('say the same: what it is fit for has come by its most likely day, and what has not come is still ahead', () => {
    for (const day of [100, 250, 400, 550, 700, 900]) {
      const cage = of(leafmould, leafmould.face.approaches[0]!.id, [input('leaves-mixed', 9, SACK)], [])
      const around = aroundOn(day)
      const { phase } = leafmould.life.standing(cage, around)
      const windows = leafmould.life.windows(cage, around)
      const fit = windows.filter(({ likely }) => likely && likely <= around.now).map(({ id }) => id)
      expect(fit.includes(phase) || fit.length === 0, `${day}: ${phase} of ${fit.join()}`).toBe(true)
    }
  })
})
