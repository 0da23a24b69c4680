import { describe, expect, it } from 'vitest'
import { searchUnwelcome, UNWELCOME } from './unwelcome'

describe('what must not go in', () => {
  it('is found by everyday words, whatever the case', () => {
    expect(searchUnwelcome('Cheese')[0]?.id).toBe('cooked')
    expect(searchUnwelcome('dog')[0]?.id).toBe('pet-waste')
    expect(searchUnwelcome('barbecue briquettes').length + searchUnwelcome('barbecue briquette').length).toBeGreaterThan(0)
    expect(searchUnwelcome('leaves').map(({ id }) => id)).not.toContain('meat')
  })

  it('is not found by nothing or a letter', () => {
    expect(searchUnwelcome('')).toEqual([])
    expect(searchUnwelcome('a')).toEqual([])
  })

  it('always says why and what to do instead', () => {
    for (const { why, instead } of UNWELCOME) {
      expect(why.length).toBeGreaterThan(6)
      expect(instead).toMatch(/\.$/)
    }
    expect(new Set(UNWELCOME.map(({ id }) => id)).size).toBe(UNWELCOME.length)
  })
})
