import { partText, wayText } from '../../plain/states'
import type { BegunBatch } from '../../journal/garden'
import { weekdayDateText } from '../../units/dates'
import { quantityText } from '../../units/format'
import { DAY_MS } from '../../units/time'
import { ageText, everFound, type Chart, type Fact, type Look, type Standing, type Surroundings } from '../contract'
import { chartLines, expectedAlong } from '../course'
import { grownOverOf } from '../../sheets/smothering'
import { middleOf } from './forecast'
import { sheetPicture, sheetPlanDrawing } from './picture'
import { sheetPlan } from './plan'
import { coverOn, sheetOf, spentOn, type Sheet } from './state'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { BELOW, GROWN, TORN } from './words'
import { SHEET } from './constants'
import { namedIn } from '../../constants/constants'

const percent = (share: number) => `${Math.round(100 * Math.min(1, share))} %`

function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const sheet = sheetOf(batch, surroundings)
  const { nowDay, spent, plan, below } = sheet
  const figure = percent(spent)
  const torn = !plan.way.laid
  const day = ageText(batch, nowDay)
  const known: Readonly<Record<Sheet['phase'], Standing>> = {
    'ended': { phase: 'ended', label: torn ? 'Taken out' : 'A bed now', sentence: 'Its work is done.', tone: 'good' },
    'planted': {
      phase: 'planted', label: 'Planted', sentence: 'What grew there is gone or going.',
      figure: 'planted', tone: 'good',
    },
    'torn-up': {
      phase: 'torn-up', label: 'There is a gap', sentence: `${day}. Close it before what grows there has light again.`, figure,
      tone: 'bad',
    },
    'dark': {
      phase: 'dark', label: torn ? 'Fungi at work' : 'In the dark',
      sentence: torn
        ? `${day}: ${wayText(spent, 'to white threads')}.`
        : `${day}: `
          + (plan.way.id === 'whole'
            ? `what grew there is dying: ${partText(spent)} of its strength is gone`
            : `settling, ${wayText(spent)}`) + '.',
      figure,
      tone: 'good',
    },
    'through': {
      phase: 'through', label: torn ? 'Should have threads' : 'Through',
      sentence:
        below === 'dead'
          ? `${day}: nothing green is left below it.`
          : `${day}: by the warmth it had it should be through. Look under a corner.`,
      figure,
      tone: 'good',
    },
  }
  return known[sheet.phase]
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const { days, course: { spent } } = middleOf(batch, surroundings)
  const forecast = surroundings.forecastOf?.(batch.id)
  return [{
    id: 'through', title: 'How far it is', unit: 'percent',
    ...chartLines(batch.began.at, expectedAlong(days, spent, forecast, 'spent'), forecast, 'spentAtStart', {
      as: value => Math.min(100, 100 * value),
    }),
    dots: [{
      name: 'under a corner',
      main: true,
      points: everFound(batch, BELOW, TORN).flatMap(({ at, finding }) => {
        const value = namedIn(SHEET.looked, finding)
        return value === undefined ? [] : [{ at: Date.parse(at), value }]
      }),
    }],
    marks: batch.puts.filter(({ waterL, atStart }) => waterL > 0 && !atStart).map(({ at }) => Date.parse(at)),
    marksAre: 'watered',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const { plan, rainMm, coverM } = sheetOf(batch, surroundings)
  const { units } = surroundings
  if (batch.ended) return []
  return [
    ...(plan.way.laid
      ? [
          {
            label: 'It lies on', value: quantityText('area', units, plan.areaM2, 1),
            why: plan.layout ? `${plan.layout.places} pieces; rain of the last two weeks: ${quantityText('rain', units, rainMm)}` : '',
          },
        ]
      : []),
    ...(plan.coverM > 0
      ? [
          {
            label: 'Cover', value: `about ${quantityText('length', units, coverM)} deep`,
            why: `of ${quantityText('length', units, plan.coverM)} as laid`,
          },
        ]
      : []),
    ...(plan.way.id === 'whole'
      ? [
          {
            label: 'What grew there', value: grownOverOf(batch.began.answers[GROWN]).label,
            why: grownOverOf(batch.began.answers[GROWN]).says,
          },
        ]
      : []),
  ]
}

/** How a sheet looks. */
export const look: Look = {
  standing: standingOf, windows: windowsOf, tasks: tasksOf, charts, facts,
  picture: (batch, surroundings, day) => {
    const middle = middleOf(batch, surroundings)
    return sheetPicture(batch.name, sheetPlan(batch.began), batch.began.site, {
      coverM: coverOn(batch, surroundings, day), spent: spentOn(middle.course, day ?? middle.question.nowDay),
    })
  },
  fromAbove: batch => sheetPlanDrawing(batch.name, sheetPlan(batch.began), batch.began.site),
  told: (batch, surroundings, day) => {
    const middle = middleOf(batch, surroundings)
    const wanted = Math.min(middle.question.horizonDay, day ?? middle.question.nowDay)
    const when
      = Math.abs(wanted - middle.question.nowDay) < 0.6 ? 'Now' : weekdayDateText(new Date(Date.parse(batch.began.at) + wanted * DAY_MS))
    const { way } = sheetPlan(batch.began)
    const spent = spentOn(middle.course, wanted)
    return `${when}: `
      + (way.laid
        ? (way.id === 'whole' ? `what grew there has lost ${partText(spent)} of its strength` : `settling, ${wayText(spent)}`)
        : wayText(spent, 'to threads'))
      + (way.id === 'whole'
        ? `, ${quantityText('length', surroundings.units, coverOn(batch, surroundings, wanted))} of cover`
        : '') + '.'
  },
  lastDay: (batch, surroundings) => middleOf(batch, surroundings).question.horizonDay,
  gates: () => [],
  outputs: batch =>
    sheetPlan(batch.began).way.laid
      ? []
      : [
          {
            materialId: 'heap-half-rotted', label: 'Threaded card and compost',
            hint: 'under mulch, into planting holes, into the next crate', expectedL: sheetPlan(batch.began).torn.compostL * 1.1,
          },
        ],
}
