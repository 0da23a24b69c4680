import { describe, expect, it } from 'vitest'
import { completed, numberOf, usualAnswers, type Question, withinReason } from './question'

const QUESTIONS: readonly Question[] = [
  { id: 'where', kind: 'choice', label: 'Where', choices: [{ id: 'sun', label: 'sun' }, { id: 'shade', label: 'shade' }], usual: 'shade' },
  { id: 'how', kind: 'choice', label: 'How', choices: [{ id: 'a', label: 'a' }] },
  { id: 'bags', kind: 'count', label: 'Bags', usual: 4, most: 60 },
  { id: 'share', kind: 'percent', label: 'Share', usual: 20 },
  { id: 'warm', kind: 'temperature', label: 'Warmth' },
  { id: 'litres', kind: 'volume', label: 'Litres', usual: 0, most: 100 },
  { id: 'words', kind: 'text', label: 'Words' },
]
const USUAL = { where: 'shade', bags: 4, share: 20, litres: 0 }

describe('answers', () => {
  it('are the usual ones before anything was said', () => {
    expect(usualAnswers(QUESTIONS)).toEqual(USUAL)
    expect(completed(QUESTIONS, {})).toEqual(USUAL)
  })

  it('that can be are kept, at the very limits too', () => {
    const said = { where: 'sun', how: 'a', bags: 60, share: 0, warm: -7, litres: 100, words: '' }
    expect(completed(QUESTIONS, said)).toEqual(said)
  })

  it.each<readonly [string, Record<string, number | string>]>([
    ['a choice that is not offered', { where: 'moon' }],
    ['too many', { bags: 61 }],
    ['less than nothing', { bags: -1, litres: -0.5, share: -1 }],
    ['no number', { bags: Number.NaN, litres: Infinity, share: 'half' }],
    ['a word for a temperature, or one beyond the earth', { warm: 'hot' }],
    ['beyond the earth', { warm: -60 }],
    ['hotter than any', { warm: 120 }],
    ['a number for words', { words: 3 }],
    ['something that is not asked', { colour: 'red' }],
  ])('that cannot be give way to the usual: %s', (_, said) => {
    expect(completed(QUESTIONS, said)).toEqual(USUAL)
  })

  it('are numbers only where they are', () => {
    expect(numberOf({ a: 0, b: '3', c: Number.NaN }, 'a')).toBe(0)
    for (const id of ['b', 'c', 'd']) expect(numberOf({ a: 0, b: '3', c: Number.NaN }, id)).toBeUndefined()
  })
})

describe('answers within reason', () => {
  const questions: readonly Question[] = [
    { id: 'stems', kind: 'count', label: 'Stems', usual: 1, most: 40 }, { id: 'share', kind: 'percent', label: 'Share', usual: 50 },
    { id: 'way', kind: 'choice', label: 'Way', choices: [{ id: 'a', label: 'A' }] }, { id: 'day', kind: 'day', label: 'Day' },
  ]

  it('are the very same when they are sound, and nothing is added that was not said', () => {
    const sound = { stems: 40, share: 100, way: 'a', day: '2026-05-01', ofAnotherVersion: 7 }
    expect(withinReason(questions, sound)).toBe(sound)
    const none = {}
    expect(withinReason(questions, none)).toBe(none)
  })

  it('are as much as is asked for at most, and what is no answer is not said', () => {
    expect(withinReason(questions, { stems: 1e9, share: 101, way: 'b', day: 'soon', ofAnotherVersion: -1e9 })).toEqual({
      stems: 40, share: 100, ofAnotherVersion: -100_000,
    })
    expect(withinReason(questions, { stems: -3 })).toEqual({ stems: 0 })
    expect(withinReason(questions, { stems: 'many' })).toEqual({})
  })
})
