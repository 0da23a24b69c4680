import { describe, expect, it } from 'vitest'
import { momentOf, possibleMoment, sayable } from './when'

const NOW = new Date(2026, 10, 26, 9, 30)
const BEGAN = new Date(2026, 10, 25, 15).toISOString()

describe('when it was', () => {
  it('is said in four ways, and meant in the reader\'s own hours', () => {
    expect(momentOf('now', NOW, '')).toEqual(NOW)
    expect(momentOf('this-morning', NOW, '')).toEqual(new Date(2026, 10, 26, 8))
    expect(momentOf('yesterday', NOW, '')).toEqual(new Date(2026, 10, 25, 12))
    expect(momentOf('another-day', NOW, '2026-11-20T07:15')).toEqual(new Date(2026, 10, 20, 7, 15))
  })

  it('has no morning before eight', () => {
    expect(sayable(NOW)).toEqual(['now', 'this-morning', 'yesterday', 'another-day'])
    expect(sayable(new Date(2026, 10, 26, 7, 59))).toEqual(['now', 'yesterday', 'another-day'])
  })

  it.each([
    [new Date(2026, 10, 26, 8), undefined],
    [new Date(2026, 10, 25, 15), undefined],
    [new Date(2026, 10, 25, 14, 59), 'before-it-began'],
    [new Date(2026, 10, 26, 9, 31), 'in-the-future'],
    [new Date('nothing'), 'no-moment'],
  ])('at %s is possible or asked back', (at, trouble) => {
    const outcome = possibleMoment(at, BEGAN, NOW)
    expect(outcome.ok ? outcome.value : outcome.error).toBe(trouble ?? at.toISOString())
  })
})
