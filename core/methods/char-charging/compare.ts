import type { Answers } from '../../questions/answers'
import { dayOf } from '../../questions/question'
import { dateText, shortDayText } from '../../units/dates'
import type { ComparedWay, Comparison, Surroundings } from '../contract'
import { chanceText, deadlineOf } from './chance'
import { waterOf } from './water'
import { sizeOf, WAYS, type ChargeWay } from './ways'
import { BY, SIZE, STANDS } from './words'
import { CHARGE } from './constants'

/** What stands in the garden that this way needs, as far as that can be told. */
export function carriersFor(
  { travels }: Pick<ChargeWay, 'travels'>, { garden: { carriers } }: Pick<Surroundings, 'garden'>,
): readonly string[] {
  return travels ? (carriers ?? []).filter(one => one.as === travels).map(({ name }) => name) : []
}

/** What a way wants, and whether it is there: a batch it travels with, compost in the store. */
function wantsOf(way: ChargeWay, within: readonly string[], { spares }: Pick<Surroundings, 'spares'>): string {
  if (within.length > 0) return `in ${within.slice(0, 2).join(' or ')}`
  if (way.livingShare === 0 || !spares) return way.wants
  const there = spares.some(({ material, count }) => material.family === 'finished' && count > 0)
  return `${way.wants}; ${there ? 'compost is in the store' : 'the store has no compost'}`
}

function rowOf(way: ChargeWay, answers: Answers, surroundings: Surroundings): ComparedWay {
  const waterDays = waterOf(way.id, answers, surroundings).standsHours / 24
  const deadline = deadlineOf(way, sizeOf(answers[SIZE]).times, answers[STANDS], waterDays, surroundings)
  const by = dayOf(answers, BY)
  const chance = by && deadline.by(by)
  const within = carriersFor(way, surroundings)
  const missing = way.travels !== undefined && within.length === 0
  const late = chance !== undefined && chance < CHARGE.likely
  const but = missing
    ? `no ${way.travels === 'heap' ? 'heap' : 'worm bin'} stands`
    : late && chance < 0.15
      ? 'too late'
      : late
        ? 'may be too late'
        : undefined
  return {
    approachId: way.id, name: way.name, fits: but === undefined, ...(but ? { but } : {}),
    cells: [
      `${shortDayText(deadline.from)} to ${shortDayText(deadline.to)}${deadline.orLater ? ' or later' : ''}`,
      ...(chance === undefined ? [] : [chanceText(chance)]),
      wantsOf(way, within, surroundings),
      way.work,
    ],
  }
}

/** The ways side by side: when each is through from now on, how likely by the day that was said, and what it wants. */
export function compared(answers: Answers, surroundings: Surroundings): Comparison {
  const by = dayOf(answers, BY)
  const size = sizeOf(answers[SIZE])
  return {
    title: by ? `What is ready by ${dateText(by)}?` : 'The ways side by side',
    heads: ['Way', 'Charged and dry', ...(by ? [`By ${shortDayText(by)}`] : []), 'Wants', 'Work'],
    rows: WAYS.map(way => rowOf(way, answers, surroundings)),
    note:
      `Begun today, pieces ${size.label(surroundings.units)}, the usual weather; eight times in ten between the days. Charged is four `
      + 'fifths of what it '
      + 'can take up; tubs with a week of drying in the shade.',
  }
}
