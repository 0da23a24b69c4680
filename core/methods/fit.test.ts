import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, gauged, input, put, seen } from '../../test/builders/batches'
import { BUCKET, SACK } from '../../test/builders/heaps'
import type { NewEvent } from '../journal/event'
import { completed } from '../questions/question'
import { findMethod } from '.'
import { evidenceOf, fitFor } from './contract'

const of = (methodId: string) => {
  const method = findMethod(methodId)!
  return { ...method.life, ripeness: method.life.ripeness! }
}
const batch = (methodId: string, stuff: readonly string[], since: readonly NewEvent[] = []) => {
  const method = findMethod(methodId)!
  const [approach] = method.face.approaches
  return begun(
    {
      methodId, approachId: approach!.id, site: method.plan.sites[0]!, answers: completed(method.plan.asks(approach!.id), {}),
      inputs: stuff.map(id => input(id, 3, SACK)),
    },
    since,
  )
}
const mulch = (methodId: string, stuff: readonly string[], day: number, since: readonly NewEvent[] = []) =>
  fitFor(of(methodId), batch(methodId, stuff, since), aroundOn(day)).find(({ use }) => use === 'mulch')
const caddy = (day: number, covered: boolean): NewEvent =>
  put(day, [input('kitchen-veg', 1, BUCKET), ...(covered ? [{ ...input('leaves-mixed', 2, BUCKET), role: 'cover' as const }] : [])])

describe('fit for mulch', () => {
  it('is no heap that is minutes old, nor one with open food, and seeds are said', () => {
    expect(mulch('slow-heap', ['leaves-mixed'], 0.01, [caddy(0.005, true)])).toMatchObject({
      fit: 'not-yet', missing: expect.arrayContaining([expect.stringMatching(/hardly begun to rot/)]),
      minds: [expect.stringMatching(/^Seeds in it may be alive/)],
    })
    // Four weeks after the last caddy: three are too few, five will do.
    const fresh = (day: number) => mulch('slow-heap', ['leaves-mixed'], day, [caddy(1, true), caddy(200, true)])!.missing.join()
    expect(fresh(200 + 21)).toMatch(/hardly begun to rot/)
    expect(fresh(200 + 35)).not.toMatch(/hardly begun to rot/)
    const open = mulch('slow-heap', ['leaves-mixed'], 120, [caddy(1, true), caddy(60, false)])!
    expect(open.missing).toContain('food lies open on it: cover it')
    expect(mulch('slow-heap', ['leaves-mixed'], 120, [caddy(1, true), caddy(60, true)])!.missing).not.toContain(
      'food lies open on it: cover it',
    )
  })

  it('is no worm bin just begun, nor a sour one, nor one in which feed lies', () => {
    const fed = (day: number, buckets: number) => put(day, [input('kitchen-veg', buckets, BUCKET)])
    const worms = did(0.1, 'worms-in', { grams: 500 })
    expect(mulch('worm-bin', ['cardboard'], 0.5, [worms, fed(0.2, 0.2)])!.fit).toBe('not-yet')
    expect(mulch('worm-bin', ['cardboard'], 60, [worms, fed(20, 4)])!.missing).toContain('feed lies in it uneaten')
    expect(mulch('worm-bin', ['cardboard'], 200, [worms, fed(20, 0.1), seen(199, 'smell', 'sour')])!.missing).toEqual(
      expect.arrayContaining([expect.stringMatching(/its last smell was bad/)]),
    )
  })

  it('is what lies on beds as it comes, and a smell that has gone is not held against it', () => {
    expect(evidenceOf(of('leafmould'), batch('leafmould', ['leaves-mixed']), aroundOn(1))).toMatchObject({ begun: true, minds: [] })
    const smelt = [seen(5, 'smell', 'sour'), seen(9, 'smell', 'earthy')]
    expect(evidenceOf(of('slow-heap'), batch('slow-heap', ['leaves-mixed'], smelt), aroundOn(10)).against.join()).not.toMatch(/smell/)
  })

  it('what was read hot for three days holds no living seeds that are said', () => {
    const hot = [1, 2, 3, 4, 5].map(day => gauged(day, 'heat', 'core', 60))
    expect(evidenceOf(of('hot-heap'), batch('hot-heap', ['leaves-mixed', 'grass-clippings'], hot), aroundOn(40)).minds).toEqual([])
    expect(
      evidenceOf(of('hot-heap'), batch('hot-heap', ['leaves-mixed', 'grass-clippings'], hot.slice(0, 2)), aroundOn(40)).minds,
    ).toHaveLength(1)
  })

  it('a heap that never heated is not said to heat by itself: in the cold it waits, else its heat is to come', () => {
    const cold = batch('hot-heap', ['leaves-mixed', 'cattle-manure'], [gauged(1, 'heat', 'core', 4), gauged(20, 'heat', 'core', 5)])
    const said = (meanC: number, wanted: RegExp) => {
      const verdicts = fitFor(of('hot-heap'), cold, aroundOn(25, { meanC: [meanC] }))
      for (const { missing } of verdicts) expect(missing.join()).toMatch(wanted)
      expect(JSON.stringify(verdicts)).not.toMatch(/heats by itself/)
    }
    said(2, /it lies cold and raw, and waits for warmth/)
    said(8, /its heat is still to come/)
  })

  it('is never said of char', () => {
    expect(
      fitFor(of('char-charging'), batch('char-charging', ['biochar-crushed', 'worm-castings'], [did(0.1, 'filled', {})]), aroundOn(3)).map(
        ({ use }) => use,
      ),
    ).toEqual(['beds', 'potting', 'seeds'])
  })
})
