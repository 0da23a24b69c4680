// What a year costs: forty stocks, thirty needs, four hundred possible years; beside it one of the years by itself.
import { yearAnswer } from '#core/year/answer'
import type { Stock, Want } from '#core/year/stock'
import { range } from '#core/units/range'
import { seededRandom } from '#core/random/random'
import { milliseconds, say } from './timing'

const random = seededRandom(4)
const GRADES = [
  ['mulch'], ['beds', 'mulch'], ['potting', 'beds', 'mulch'], ['seeds', 'potting', 'beds', 'mulch'], ['lasting'],
] as const
const WANTED = ['mulch', 'beds', 'potting', 'seeds', 'lasting'] as const
const stocks = Array.from({ length: 40 }, (_, index): Stock => ({
  id: `s${index}`, kind: 'batch', name: 's',
  stages: Array.from({ length: index % 5 === 0 ? 3 : 1 }, (__, stage) => ({
    label: 'stuff', serves: GRADES[Math.min(4, (index + stage) % 5)]!, litres: range(50, 100 + 100 * random(), 260),
    days: range(10 + stage * 100, 20 + 100 * random() + stage * 100, 250 + stage * 100),
  })),
}))
const wants = Array.from({ length: 30 }, (_, index): Want => ({
  id: `w${index}`, purpose: WANTED[index % 5]!, litres: 50 + 200 * random(), fromDay: 0, toDay: Math.round(360 * random()),
}))
const one = milliseconds(() => yearAnswer(stocks, wants, 3, 1), 200)
const all = milliseconds(() => yearAnswer(stocks, wants, 3), 3)
say('the year: 40 stocks, 30 needs, 400 possible years', all, `${Math.round(all / one)} single years`)
