import { describe, expect, it } from 'vitest'
import { randomJournal } from '../../test/builders/journals'
import { seededRandom } from '../random/random'
import { readEvent, takenEvents, writtenEvent } from './event'

const always = { id: 'e-1', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'phone' }
const said = (event: unknown) => {
  const read = readEvent(event)
  return read.ok ? 'good' : read.error[0]!.message
}
const reading = { ...always, kind: 'reading', batchId: 'b', coreC: 55, source: 'hand' }
const amount = { count: 2, container: { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }, packing: 'loose' }

describe('an event', () => {
  it('of any kind that the app writes is good', () => {
    for (const event of randomJournal(seededRandom(5), 400)) expect(said(event), JSON.stringify(event)).toBe('good')
  })

  it.each<readonly [string, unknown, RegExp]>([
    ['a core of 900 °C', { ...reading, coreC: 900 }, /above 120/],
    ['a core that is text', { ...reading, coreC: 'hot' }, /not a number/],
    ['a core without end', { ...reading, coreC: Infinity }, /not a number|above/],
    ['a date that does not exist', { ...reading, at: '2026-13-45T10:00:00.000Z' }, /does not exist/],
    ['a date in another style', { ...reading, at: '1 May 2026' }, /not a date and time as Wastrum writes them/],
    ['an id with a path in it', { ...reading, id: '../../etc' }, /signs that an id cannot have/],
    ['an id without end', { ...reading, id: 'x'.repeat(65) }, /longer than an id/],
    ['an unknown source', { ...reading, source: 'oracle' }, /./],
    ['an unknown kind without a moment', { ...always, kind: 'exploded', at: 'soon' }, /date/],
    ['an unknown kind without end', { ...always, kind: 'exploded', noise: 'x'.repeat(250_000) }, /longer than an event/],
    ['no kind', { ...always }, /./],
    ['less than nothing', { ...always, kind: 'watered', batchId: 'b', litres: -1 }, /below 0/],
    ['an empty note', { ...always, kind: 'noted', batchId: 'b', text: '' }, /empty/],
    ['a note without end', { ...always, kind: 'noted', batchId: 'b', text: 'x'.repeat(4001) }, /longer than a note/],
    [
      'a container of nothing',
      { ...always, kind: 'stocked', materialId: 'm', source: '', amount: { ...amount, container: { ...amount.container, volumeL: 0 } } },
      /below/,
    ],
    [
      'a heap of nothing',
      {
        ...always,
        kind: 'built',
        batchId: 'b',
        name: 'n',
        place: '',
        methodId: 'm',
        approachId: 'a',
        waterL: 0,
        ingredients: [],
        vessel: { id: 'v', name: 'v', wall: 'wire', shape: 'cylinder', diameterM: 1, heightM: 1 },
      },
      /no ingredients/,
    ],
    [
      'a vessel of 40 m',
      {
        ...always,
        kind: 'built',
        batchId: 'b',
        name: 'n',
        place: '',
        methodId: 'm',
        approachId: 'a',
        waterL: 0,
        ingredients: [{ materialId: 'm', amount, draws: [] }],
        vessel: { id: 'v', name: 'v', wall: 'wire', shape: 'cylinder', diameterM: 40, heightM: 1 },
      },
      /above 6/,
    ],
  ])('with %s is refused, with the reason', (_, event, reason) => {
    expect(said(event)).toMatch(reason)
  })

  it('loses what it should not carry', () => {
    const read = readEvent({ ...reading, evil: true, batchId: 'b' })
    const parsed = read.ok ? read.value : {}
    expect(parsed).not.toHaveProperty('evil')
  })
})

describe('something that a newer version wrote', () => {
  const strange = { ...always, kind: 'hummed', batchId: 'b', tune: { notes: [1, 2, 3] } }

  it('is kept word for word, and goes out as it came in', () => {
    const read = readEvent(strange)
    expect(read.ok && read.value).toMatchObject({ kind: 'foreign', id: 'e-1', batchId: 'b' })
    expect(read.ok && writtenEvent(read.value)).toEqual(strange)
  })

  it('is told apart from what is known when it comes out of the store, and what is no event at all is left there', () => {
    expect(takenEvents([reading, strange, 'noise', null, { kind: 'x' }]).map(({ kind }) => kind)).toEqual(['reading', 'foreign'])
  })

  it('may not pass for the kind that it is carried as', () => {
    const read = readEvent({ ...always, kind: 'foreign', written: { kind: 'built' } })
    expect(read.ok && writtenEvent(read.value)).toEqual({ ...always, kind: 'foreign', written: { kind: 'built' } })
  })
})
