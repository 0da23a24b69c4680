import { describe, expect, it } from 'vitest'
import { howSure } from './sureness'

describe('how sure a window is, in words', () => {
  it.each([
    [80, 80, /^Quite sure: to about 1 day\.$/],
    [80, 93, /^Quite sure: to about 13 days\.$/],
    [80, 101, /^Quite sure: to about 3 weeks\.$/],
    [80, 102, /^Fairly sure: to about 3 weeks\.$/],
    [80, 130, /^Fairly sure: to about 7 weeks\.$/],
    [80, 131, /^Rough: to about 7 weeks\. It hangs/],
    [80, 180, /^Rough: to about 3 months\. /],
    [80, 181, /^Very rough: to about 3 months\. It hangs on the weather, and on how it is looked after\.$/],
    [0, 700, /^Very rough: to about 23 months\. /],
  ] as const)('from day %i to %i', (low, high, words) => {
    expect(howSure({ low, high })).toMatch(words)
  })
})
