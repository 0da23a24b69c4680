import { describe, expect, it } from 'vitest'
import { howSure } from './sureness'

describe('how sure a window is, in words', () => {
  it.each([[80, 101, /Quite/], [80, 102, /Fairly/], [80, 131, /Rough:/], [80, 181, /Very rough/], [0, 700, /Very rough/]] as const)('from day %i to %i', (low, high, words) => {
    expect(howSure({ low, high })).toMatch(words)
  })
})
