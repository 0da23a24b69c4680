import { addDays, addMonths, startOfMonth } from 'date-fns'
import type { Answers } from '../../questions/answers'
import { spentDay, grownOverOf } from '../../sheets/smothering'
import { monthYearText } from '../../units/dates'
import { weatherFrom, type Pipeline, type PipelineRow, type Surroundings } from '../contract'
import { GROWN } from './words'
import { SHEET } from './constants'

/** From when new ground can be planted, by the month in which it is covered. */
export function byMonth(answers: Answers, surroundings: Surroundings): Pipeline {
  const { darkDays, label, says } = grownOverOf(answers[GROWN])
  const first = startOfMonth(surroundings.now)
  const rows = Array.from({ length: 12 }, (_, month): PipelineRow => {
    const laid = month === 0 ? surroundings.now : addMonths(first, month)
    const { airC } = weatherFrom(laid, SHEET.byMonthDays, surroundings)
    const on = (wanted: number) => addDays(laid, Math.round(spentDay(airC, wanted) ?? SHEET.byMonthDays))
    const [low, high] = [on(darkDays.low), on(darkDays.high)]
    return {
      name: `${month === 0 ? 'Now' : monthYearText(laid)}`,
      stages: [
        { id: 'dark', label: 'in the dark', from: laid, to: low, tone: 'resting' },
        { id: 'perhaps', label: 'look under it: it may be through', from: low, to: high, tone: 'first' },
        { id: 'plant', label: 'plant', from: high, to: addDays(high, 40), tone: 'second' },
      ],
    }
  })
  const until = new Date(Math.max(...rows.map(({ stages }) => stages.at(-1)!.to.getTime())))
  return {
    title: `Over ${label}: covered when, planted from when`,
    words: [
      says,
      'Roots rest in the cold and spend nothing: a winter hardly counts. Pumpkins and potatoes may go through the card sooner, into a '
      + 'fork of soil.',
    ],
    from: first, to: until, rows,
  }
}
