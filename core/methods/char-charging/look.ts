import { chargedText, standingOf, takenNow } from './standing'
import type { BegunBatch } from '../../journal/garden'
import type { Picture } from '../../picture/picture'
import { numberOf } from '../../questions/question'
import { quantityText, percentText } from '../../units/format'
import { DAY_MS } from '../../units/time'
import { weekdayDateText } from '../../units/dates'
import { everFound, type Chart, type Fact, type Look, type Surroundings } from '../contract'
import { chartLines, expectedAlong } from '../course'
import { slurryOf } from '../../char/pores'
import { acidText } from './steps'
import { chargedOn, middleOf } from './forecast'
import { soakPicture } from './picture'
import { toldBySinking } from './question'
import { recipeFor } from './recipe'
import { A_START } from '../../materials/char-state'
import { CHARGE } from './constants'
import { inside, soakOf } from './state'
import type { ChargeWay } from './ways'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { BAG_L, DRAINED, LIFTED, SINKS, WATER_FIT } from './words'
import { BEDS } from '../../beds/constants'
import { looking } from './looking'

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const soak = soakOf(batch, surroundings)
  const middle = middleOf(batch, surroundings)
  const wanted = day ?? soak.nowDay
  const { filledDay, drainedDay } = middle.question
  const { standsL } = slurryOf(soak.charL, soak.charL > 0 ? soak.livingL / soak.charL : 0)
  return soakPicture({
    of: batch.name,
    site: batch.began.site,
    way: soak.way,
    standsL,
    charL: soak.charL,
    bags: recipeFor(batch.began.site, soak.way, { charL: soak.charL, bagL: numberOf(batch.began.answers, BAG_L) ?? 5 }).bags,
    charged: chargedOn(middle.course, wanted),
    filled: filledDay !== undefined && wanted >= filledDay - 1e-6,
    drained: drainedDay !== undefined && wanted >= drainedDay - 1e-6,
  })
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const { question, course: { times: days, charged } } = middleOf(batch, surroundings)
  if (question.filledDay === undefined) return []
  const forecast = surroundings.forecastOf?.(batch.id)
  const dots = everFound(batch, SINKS).flatMap(({ at, finding }) => {
    const told = toldBySinking(finding)
    return told === undefined ? [] : [{ at: Date.parse(at), value: Math.round(100 * told) }]
  })
  return [{
    id: 'charged', title: 'How far it is charged', unit: 'percent',
    ...chartLines(batch.began.at, expectedAlong(days, charged, forecast, 'charged'), forecast, 'chargedAtStart', {
      as: value => 100 * value,
    }),
    dots: [{ name: 'by sinking', main: true, points: dots }],
    marks: batch.did.filter(({ deed }) => deed === DRAINED || deed === LIFTED).map(({ at }) => Date.parse(at)),
    marksAre: 'taken out of the water',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const soak = soakOf(batch, surroundings)
  const { units } = surroundings
  if (batch.ended) return []
  const litres = (value: number) => quantityText('volume', units, value)
  const waterL = batch.puts.reduce((sum, one) => sum + one.waterL, 0)
  return [
    { label: 'Taken now', value: percentText(soak.charged), why: takenNow(soak) },
    {
      label: 'In it',
      value: `${litres(soak.charL)} of char${soak.livingL > 0 ? `, ${litres(soak.livingL)} of compost or castings` : ''}`,
      why: waterL > 0 ? `and ${litres(waterL)} of water so far` : 'it comes out as it went in: char does not decay',
    },
    ...(soak.charL > 0
      ? [
          {
            label: 'Enough for', value: `about ${quantityText('area', units, soak.charL / (BEDS.charTarget * BEDS.usualDepthM * 1000), 1)}`,
            why:
              `at ${Math.round(100 * BEDS.charTarget)} % of the top ${quantityText('length', units, BEDS.usualDepthM)}; the beds page says `
              + 'which beds first',
          },
        ]
      : []),
    ...(soak.way.kind === 'tub' && waterL > 0 ? [{ label: 'Liquor', value: litres(soak.liquorL), why: 'a thin feed, one to ten' }] : []),
    ...(soak.phase === 'water' && soak.water.water.kind === 'chloramine' && !soak.water.acidGiven
      ? [
          {
            label: 'Against chloramine', value: acidText(waterL, soak.water.water.mgPerL, surroundings.units),
            why: '2.5 to 3 mg for each mg of it',
          },
        ]
      : []),
  ]
}

/** How far it is charged by what sank at the last look, while that is fresh. */
function chargedBySight(batch: BegunBatch, { now }: Surroundings): number | undefined {
  const last = looking.now(batch, SINKS, now)
  return last && toldBySinking(last.finding)
}

/** With what it is charged: as its way has it, and urine wherever some went in, for what may grow where it is spread. */
function withOf(batch: BegunBatch, way: ChargeWay, surroundings: Surroundings): ChargeWay['with'][] {
  return [...new Set([way.with, ...(inside(batch, surroundings).urineL > 0 ? ['urine' as const] : [])])]
}

/** How a soak looks. */
export const look: Look = {
  standing: standingOf, windows: windowsOf, tasks: tasksOf, picture, charts, facts,
  told: (batch, surroundings, day) => {
    const middle = middleOf(batch, surroundings)
    const wanted = Math.min(middle.question.horizonDay, day ?? middle.question.nowDay)
    const when
      = Math.abs(wanted - middle.question.nowDay) < 0.1 ? 'Now' : weekdayDateText(new Date(Date.parse(batch.began.at) + wanted * DAY_MS))
    return `${when}: ${chargedText(chargedOn(middle.course, wanted))}.`
  },
  lastDay: (batch, surroundings) => middleOf(batch, surroundings).question.horizonDay,
  gates: (batch, surroundings) => {
    const { water, phase } = soakOf(batch, surroundings)
    if (phase !== 'water') return []
    const reason = water.fit
      ? 'The water is fit for life.'
      : water.water.kind === 'chlorine'
        ? `Not yet: ${percentText(water.chlorineLeft)} of the chlorine is still in it.`
        : 'Not yet: chloramine stays until it is bound, with ascorbic acid.'
    return [{ id: WATER_FIT, label: 'Char into the water', open: water.fit, reason }]
  },
  outputs: (batch, surroundings) => {
    const soak = soakOf(batch, surroundings)
    const charged = chargedBySight(batch, surroundings) ?? soak.charged
    return [{
      materialId: 'char-charged',
      label: soak.way.kind === 'bedding' ? 'Char with dung' : charged < A_START ? 'Char, hardly charged' : 'Charged char',
      hint: takenNow({ charged, way: soak.way }), expectedL: soak.charL + CHARGE.livingStays * soak.livingL,
      char: { charged: Math.round(100 * charged) / 100, with: withOf(batch, soak.way, surroundings) },
    }]
  },
}
