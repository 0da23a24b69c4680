import { describe, expect, it } from 'vitest'
import { TERMS, termFor } from './terms'

describe('the glossary', () => {
  it('has a dozen terms and more, each short and each word of one term only', () => {
    expect(TERMS.length).toBeGreaterThanOrEqual(12)
    const words = TERMS.flatMap(one => one.words)
    expect(new Set(words).size).toBe(words.length)
    for (const { says } of TERMS) expect(says.split(/\s+/).length, says).toBeLessThanOrEqual(50)
  })

  it('finds a term by the word on the screen, however it is written, and nothing else', () => {
    expect([termFor(' Curing')?.id, termFor('AIR IN IT')?.id, termFor('hot'), termFor('')]).toEqual(['curing', 'air', undefined, undefined])
  })
})
