import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, portionOf } from '../../mix/portion'
import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { numberOf } from '../../questions/question'
import { containerText } from '../../units/container'
import { weekdayDateText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { timesText } from '../../units/plural'
import { DAY_MS } from '../../units/time'
import { ageText, type Chart, type Fact, type Look, type Standing, type Surroundings } from '../contract'
import { chartLines, expectedAlong } from '../course'
import { bindingFact, liesIn } from './binding'
import { mindsOf } from './care'
import { middleOf } from './forecast'
import { mulchPicture, mulchPlanDrawing } from './picture'
import { depthOn, mulchOf, type Mulch } from './state'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { DEPTH, FROM, STEMS } from './words'

/** What most of it is. */
function mainOf(batch: BegunBatch, { plan }: Pick<Mulch, 'plan'>, { materials }: Surroundings): Material {
  const all = ingredientsOf(batch.puts.flatMap(({ inputs }) => inputs), materials)
  return [...all].sort((a, b) => portionOf(b).looseVolumeL - portionOf(a).looseVolumeL)[0]?.material ?? findMaterial(plan.kind.materialId)!
}

function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const { phase, plan, depthM, loadsLeft, carrier, nowDay, refreshed } = mulchOf(batch, surroundings)
  const length = (value: number) => quantityText('length', surroundings.units, value)
  const figure = length(depthM)
  const known: Readonly<Record<Mulch['phase'], Standing>> = {
    ended: { phase: 'ended', label: 'Over', sentence: 'What there was has gone into the soil.', tone: 'good' },
    bare: {
      phase: 'bare', label: 'To be spread', sentence: `${containerText(Math.max(1, loadsLeft), carrier)} make ${length(plan.wantedM)}.`,
      figure: 'bare', tone: 'mind',
    },
    laying: {
      phase: 'laying', label: 'Being spread',
      sentence: `About ${length(depthM)} so far; ${containerText(Math.max(1, loadsLeft), carrier)} to go.`, figure, tone: 'good',
    },
    lying: {
      phase: 'lying', label: 'Covered',
      sentence: `${ageText(batch, nowDay)}: about ${length(depthM)} deep${refreshed > 0 ? `, topped up ${timesText(refreshed)}` : ''}.`,
      figure, tone: 'good',
    },
    thin: {
      phase: 'thin', label: 'Thin',
      sentence: `About ${length(depthM)} deep: ${containerText(Math.max(1, loadsLeft), carrier)} bring it back to `
        + `${length(plan.settledM)}.`,
      figure, tone: 'mind',
    },
  }
  return known[phase]
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const forecast = surroundings.forecastOf?.(batch.id)
  return [{
    id: 'depth', title: 'How deep it lies', unit: 'length',
    ...chartLines(batch.began.at, expectedAlong(middle.days, middle.course.depthM, forecast, 'depthM'), forecast, 'depthAtStartM'),
    dots: [{ name: 'measured', main: true, points: (batch.gauged[DEPTH] ?? []).map(({ at, value }) => ({ at: Date.parse(at), value })) }],
    marks: batch.puts.filter(({ inputs }) => inputs.length > 0).map(({ at }) => Date.parse(at)),
    marksAre: 'loads',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const mulch = mulchOf(batch, surroundings)
  const { plan, laidL, missingL, carrier, phase } = mulch
  // What lies as it should is not asked for, even where it would bear a little more.
  const loadsLeft = phase === 'lying' ? 0 : mulch.loadsLeft
  const { units } = surroundings
  if (batch.ended) return []
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const main = mainOf(batch, mulch, surroundings)
  const minds = mindsOf(
    plan,
    ingredientsOf(
      batch.puts.flatMap(({ inputs }) => inputs), surroundings.materials,
    ).map(({ material }) => material),
    batch.began.answers[FROM],
  )
  return [
    {
      label: 'Loads', value: `${litres(laidL)} spread${loadsLeft > 0 ? `, ${containerText(loadsLeft, carrier)} to go` : ''}`,
      why:
        loadsLeft > 0
          ? `${litres(missingL)} are missing to ${quantityText('length', units, plan.wantedM)}`
          : `on ${quantityText('area', units, plan.areaM2, 1)}`,
    },
    bindingFact(main, plan, liesIn(batch.began.answers), units),
    ...minds.map(text => ({ label: 'Mind', value: text })),
  ]
}

/** How a mulch looks. */
export const look: Look = {
  standing: standingOf, windows: windowsOf, tasks: tasksOf, charts, facts,
  picture: (batch, surroundings, day) => {
    const mulch = mulchOf(batch, surroundings)
    const { family, short } = mainOf(batch, mulch, surroundings)
    return mulchPicture(batch.name, {
      depthM: depthOn(batch, surroundings, day), wantedM: mulch.plan.wantedM, crop: mulch.plan.crop, family, short,
    })
  },
  fromAbove: (batch, surroundings) => {
    const mulch = mulchOf(batch, surroundings)
    const covered = mulch.phase === 'laying' ? mulch.laidL / (mulch.laidL + mulch.missingL) : mulch.phase === 'bare' ? 0 : 1
    return mulchPlanDrawing(batch.name, batch.began.site, {
      crop: mulch.plan.crop, family: mainOf(batch, mulch, surroundings).family, covered,
      stems: numberOf(batch.began.answers, STEMS) ?? 1,
    })
  },
  told: (batch, surroundings, day) => {
    const { nowDay } = mulchOf(batch, surroundings)
    const wanted = day ?? nowDay
    const when = Math.abs(wanted - nowDay) < 0.6 ? 'Now' : weekdayDateText(new Date(Date.parse(batch.began.at) + wanted * DAY_MS))
    return `${when}: about ${quantityText('length', surroundings.units, depthOn(batch, surroundings, day))} deep.`
  },
  lastDay: (batch, surroundings) => middleOf(batch, surroundings)?.question.horizonDay ?? 1,
  gates: () => [],
  outputs: () => [],
}
