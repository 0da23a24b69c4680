import { describe, expect, it } from 'vitest'
import { CLIMATES } from './climate'
import { isSouthern, usualClimate } from './whereabouts'

describe('the half of the globe', () => {
  it('is known by the time zone, and is the northern one where nothing is known', () => {
    expect(['Australia/Hobart', 'Pacific/Auckland', 'America/Argentina/Salta', 'Africa/Windhoek'].every(isSouthern)).toBe(true)
    expect(
      [undefined, '', 'UTC', 'Europe/Lisbon', 'America/New_York', 'Asia/Tokyo', 'Africa/Nairobi', 'Pacific/Honolulu'].some(isSouthern),
    ).toBe(false)
  })

  it('begins a garden in a climate whose summer is where it is', () => {
    expect(usualClimate('Australia/Hobart').id).toBe('southern-hills')
    expect(usualClimate('Europe/Lisbon').id).toBe(CLIMATES[1]!.id)
    expect(usualClimate(undefined, CLIMATES[0]).id).toBe(CLIMATES[0]!.id)
  })
})
