import { describe, expect, it } from 'vitest'
import { knownBand, knownText, restsText } from './known-words'
import type { Known } from './situation'
import { stageOf, labelDays, windowDays } from './window-words'

const NOW = new Date('2027-04-20T10:00:00Z')
const daysFrom = (days: number) => new Date(NOW.getTime() + days * 86_400_000)
const known = (more: Partial<Known>): Known => ({
  id: 'coreC', label: 'Core', unit: 'temperature', low: 40, middle: 48.4, high: 57, from: 'reckoned',
  ...more,
})

describe('a number that is known', () => {
  it('is said in the gardener\'s units with its band, and without one where there is none', () => {
    expect([knownText(known({}), 'metric'), knownText(known({}), 'us'), knownBand(known({}), 'metric')]).toEqual([
      '48 °C', '119 °F', '40–57 °C',
    ])
    expect(knownBand(known({ low: 48.3, high: 48.4 }), 'metric')).toBe('')
    const feed = known({ unit: 'mass', low: 0.12, middle: 0.4, high: 1.6 })
    expect([knownText(feed, 'metric'), knownBand(feed, 'metric')]).toEqual(['400 g', '120 g to 1.6 kg'])
    const share = known({ unit: 'percent', low: 0.41, middle: 0.5, high: 0.664 })
    expect([knownText(share, 'us'), knownBand(share, 'us')]).toEqual(['50 %', '41–66 %'])
  })

  it('says what it rests on, and how long ago that was', () => {
    expect(restsText(known({}), NOW)).toBe('reckoned')
    expect(restsText(known({ from: 'recorded', at: daysFrom(-0.2) }), NOW)).toBe('read today')
    expect(restsText(known({ from: 'by hand', at: daysFrom(-1.2) }), NOW)).toBe('by what was found by hand yesterday')
    // Fourteen hours ago it was yesterday evening.
    expect(restsText(known({ from: 'recorded', at: daysFrom(-14 / 24) }), NOW)).toBe('by what was read yesterday')
    expect(restsText(known({ at: daysFrom(-12) }), NOW)).toBe('reckoned on from 12 days ago')
  })
})

describe('a window in words', () => {
  const window = { from: daysFrom(-5), to: daysFrom(40), likely: daysFrom(10) }
  const day = (at: Date) => at.toISOString().slice(5, 10)

  it('is no "since" before the day that is most likely', () => {
    expect([stageOf(window, daysFrom(-6)), stageOf(window, NOW), stageOf(window, daysFrom(10))]).toEqual(['coming', 'may-be', 'begun'])
    expect(windowDays(window, NOW, day)).toBe('may be already, most likely 04-30')
    expect(windowDays(window, daysFrom(20), day)).toBe('since 04-30')
    expect(windowDays(window, daysFrom(-6), day)).toBe('most likely in April 2027; 04-15 – 05-30')
  })

  it('tells no day that nobody looked as far as', () => {
    expect(windowDays({ from: daysFrom(300), to: daysFrom(430), orLater: true }, NOW, day)).toBe('from 02-14 on')
    expect(windowDays({ from: daysFrom(430), to: daysFrom(430), orLater: true, beyond: true }, NOW, day)).toBe(
      'not within the next 14 months',
    )
    // A label never names the same month twice: what is over within weeks is told by the day.
    expect(windowDays({ from: daysFrom(2), to: daysFrom(6), likely: daysFrom(4) }, NOW, () => 'April 2027')).toBe('April 2027')
    const narrow = { from: daysFrom(2), to: daysFrom(6), likely: daysFrom(4) }
    expect(labelDays(narrow, NOW)).toMatch(/^most likely \d.*2027; \d.*2027 – \d.*2027$/)
    expect(labelDays({ from: daysFrom(300), to: daysFrom(430), orLater: true }, NOW)).toBe('from February 2028 on')
    expect(windowDays({ from: daysFrom(20), to: daysFrom(20), beyond: true }, NOW, day)).toBe('not within the next 1 month')
  })
})
