import { describe, expect, it } from 'vitest'
import { aroundOn, begun, seen } from '../../test/builders/batches'
import { slowHeap } from './slow-heap'
import { foundOf, sitesFor } from './contract'

const heap = (...since: Parameters<typeof seen>[]) => begun({
  methodId: slowHeap.id, approachId: slowHeap.face.approaches[0]!.id, site: sitesFor(slowHeap, slowHeap.face.approaches[0]!.id)[0]!,
}, since.map(one => seen(...one)))
const on = (day: number) => aroundOn(day).now

describe('what was found of a batch', () => {
  it('is named as its pad names it, the last first, while it speaks of today', () => {
    const found = foundOf(slowHeap.life, heap([3, 'squeeze', 'dust'], [5, 'smell', 'sour']), on(6))
    expect(found.map(({ label, finding: { id, label: said } }) => [label, id, said.length > 0])).toEqual([
      ['Smell', 'sour', true], ['Squeeze', 'dust', true],
    ])
    expect(foundOf(slowHeap.life, heap([3, 'squeeze', 'dust']), on(90))).toEqual([])
  })

  it('leaves out what no pad knows: a word of another version', () => {
    expect(foundOf(slowHeap.life, heap([3, 'squeeze', 'sparkling'], [3, 'aura', 'blue']), on(4))).toEqual([])
  })
})
