import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, input, put, seen } from '../../../test/builders/batches'
import { BUCKET } from '../../../test/builders/heaps'
import type { NewEvent } from '../../journal/event'
import type { Site } from '../../vessel/site'
import { doneSince, everFound, lastFound, lookingBy, putSince, wateredSince } from './looking'

const SITE: Site = {
  kind: 'vessel', vessel: { id: 'corner', name: 'Corner', wall: 'none', shape: 'box', widthM: 1, depthM: 1, heightM: 1 },
}
const batch = (...since: NewEvent[]) => begun({ methodId: 'any-method', approachId: 'any', site: SITE }, since)
const on = (day: number) => aroundOn(day).now
const watered = (day: number) => put(day, [], 10)

describe('what was found', () => {
  const looking = lookingBy(10, {
    squeeze: { days: 20, answeredBy: wateredSince }, card: { answeredBy: (one, found) => doneSince(one, found, 'mended') },
  })

  it('speaks for the days of its sense, then is only history', () => {
    const one = batch(seen(3, 'smell', 'sour'))
    expect(looking.now(one, 'smell', on(12.9))?.finding).toBe('sour')
    expect(looking.now(one, 'smell', on(13))).toBeUndefined()
    expect(looking.last(one, 'smell')?.finding).toBe('sour')
    expect(looking.now(batch(seen(3, 'squeeze', 'dust')), 'squeeze', on(22.9))?.finding).toBe('dust')
  })

  it('is answered by what was done since, not by what was done before', () => {
    expect(looking.now(batch(seen(3, 'squeeze', 'dust'), watered(4)), 'squeeze', on(5))).toBeUndefined()
    expect(looking.now(batch(watered(2), seen(3, 'squeeze', 'dust')), 'squeeze', on(5))?.finding).toBe('dust')
    expect(looking.now(batch(seen(3, 'card', 'torn'), did(4, 'mended')), 'card', on(5))).toBeUndefined()
    expect(looking.now(batch(seen(3, 'card', 'torn'), did(4, 'fed')), 'card', on(400))?.finding).toBe('torn')
  })

  it('is outdone by a later look with the same sense, and by no other', () => {
    const one = batch(seen(3, 'smell', 'sour'), seen(5, 'smell', 'earthy'), seen(6, 'look', 'flies'))
    expect(looking.now(one, 'smell', on(7))?.finding).toBe('earthy')
    expect(looking.allNow(one, on(7)).map(({ finding }) => finding)).toEqual(['earthy', 'flies'])
    expect(looking.last(one, 'smell', 'look')?.finding).toBe('flies')
  })

  it('is all that was found in one look, which may be several things', () => {
    const one = batch(seen(3, 'look', 'flies'), seen(3.01, 'look', 'rats'))
    expect(looking.allNow(one, on(4)).map(({ finding }) => finding)).toEqual(['flies', 'rats'])
  })

  it('of a batch that nobody looked at is nothing', () => {
    expect([lastFound(batch()), looking.now(batch(), 'smell', on(1)), looking.allNow(batch(), on(1))]).toEqual([undefined, undefined, []])
  })

  it('is drawn by sense, or all of it', () => {
    const one = batch(seen(3, 'smell', 'sour'), seen(6, 'look', 'flies'))
    expect([everFound(one).length, everFound(one, 'look').length, everFound(one, 'left').length]).toEqual([2, 1, 0])
  })

  it('counts a covering only where it was put in as one', () => {
    const covered = batch(seen(3, 'look', 'flies'), put(4, [{ ...input('cardboard', 1, BUCKET), role: 'cover' }]))
    const fed = batch(seen(3, 'look', 'flies'), put(4, [input('kitchen-veg', 1, BUCKET)]))
    expect([covered, fed].map(one => putSince(one, lastFound(one)!, 'cover'))).toEqual([true, false])
  })
})
