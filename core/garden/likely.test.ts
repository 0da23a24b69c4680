import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import { BEGAN_AT, begun, did, gauged, input, put, seen } from '../../test/builders/batches'
import { SACK } from '../../test/builders/heaps'
import { BAY } from '../../test/builders/fed'
import type { NewEvent } from '../journal/event'
import { hotHeap } from '../methods/hot-heap'
import { byLikelihood } from './likely'
import { padFace } from '../methods/contract'
import type { Task } from '../methods/contract'

const heapWith = (...since: readonly NewEvent[]) =>
  begun({ methodId: hotHeap.id, approachId: 'by-thermometer', site: BAY, inputs: [input('leaves-mixed', 4, SACK)] }, since)
const on = (days: number) => addDays(new Date(BEGAN_AT), days)
const first = (
  batch: ReturnType<typeof heapWith>, { tasks = [], alike = [], day = 40 }:
  { readonly tasks?: readonly Task[], readonly alike?: readonly ReturnType<typeof heapWith>[], readonly day?: number } = {},
) => byLikelihood(hotHeap.life.pads, batch, { tasks, alike, now: on(day) }).map(pad => padFace(pad).id)
const task = (pad: string, day: number): Task => ({
  id: pad, batchId: 'b', action: pad, doing: { kind: 'pad', pad }, label: '', icon: '', title: '', reason: '', due: on(day),
  until: on(day + 1),
  urgency: 'usual',
})

describe('what is likely to be recorded', () => {
  it('keeps the order of the method where nothing is known', () => {
    expect(first(heapWith())).toEqual(hotHeap.life.pads.map(pad => padFace(pad).id))
  })
  it('is what today asks for, before any habit', () => {
    const often = heapWith(...Array.from({ length: 12 }, (_, at) => gauged(20 + at, 'heat', 'core', 50)))
    expect(first(often)[0]).toBe('heat')
    expect(first(often, { tasks: [task('smell', 40)] }).slice(0, 2)).toEqual(['smell', 'heat'])
  })
  it('is what comes tomorrow before what comes in two weeks', () => {
    expect(first(heapWith(), { tasks: [task('smell', 54), task('height', 41)] }).slice(0, 2)).toEqual(['height', 'smell'])
  })
  it('is what was done lately rather than what was done more often long ago', () => {
    // e^(-38/30) twice is 0.56; e^(-1/30) once is 0.97.
    expect(first(heapWith(seen(2, 'smell', 'earthy'), seen(2.5, 'smell', 'earthy'), gauged(39, 'height', 'top', 0.8)))[0]).toBe('height')
  })
  it('is what others got at this time of the year, and not half a year off', () => {
    const other = heapWith(put(40, [], 20), put(41, [], 20))
    expect(first(heapWith(), { alike: [other] })[0]).toBe('watered')
    expect(first(heapWith(), { alike: [other], day: 40 + 182 })[0]).not.toBe('watered')
    expect(first(heapWith(), { alike: [other], day: 40 + 365 })[0]).toBe('watered')
  })
  it('counts a deed by its own pad', () => {
    expect(first(heapWith(did(39, 'turned', {})))[0]).toBe('turned')
  })
})
