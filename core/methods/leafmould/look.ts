import { partText, wetnessText } from '../../plain/states'
import { addHours } from 'date-fns'
import { inputsOf, type BegunBatch } from '../../journal/garden'
import { materialOf } from '../../mix/portion'
import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { containerText } from '../../units/container'
import { quantityText, roughly, percentText } from '../../units/format'
import { daysBetween } from '../../units/time'
import { frontWidthM, vesselVolumeL } from '../../vessel/vessel'
import { ageText, everFound, type Chart, type Fact, type Look, type Standing, type Surroundings } from '../contract'
import { outputsOf } from './outputs'
import { ownYears } from './pipeline'
import { chartLines, expectedAlong } from '../course'
import { cageOn, vesselOf } from './now'
import { middleOf } from './forecast'
import { countOf } from './question'
import { GRADES } from './rates'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { BAGGED, SQUEEZE } from './words'
import { dateText, dayText } from '../../units/dates'
import { LEAF } from './constants'
import { namedIn } from '../../constants/constants'
import { looking } from './looking'

function standing(batch: BegunBatch, surroundings: Surroundings): Standing {
  if (batch.ended) return { phase: 'ended', label: 'Taken out', sentence: 'It is over.', tone: 'good' }
  const cage = cageOn(batch, surroundings)
  if (!cage) return { phase: 'empty', label: 'Empty', sentence: 'Fill it with leaves.', tone: 'mind' }
  const figure = `${percentText(cage.left)} left`
  const felt = looking.now(batch, SQUEEZE, surroundings.now)
  const dusty = felt?.finding === 'dust' ? felt : undefined
  // A hand inside knows better than the weather.
  const wet = dusty ? `dry as dust on ${dayText(dusty.at)}` : `${wetnessText(cage.moisture, LEAF.squeezes.right)} in the middle`
  const sentence = `${ageText(batch, cage.day)}: ${wet}, ${partText(1 - cage.left)} rotted away.`
  if (dusty || cage.moisture < 0.38) return { phase: 'dry', label: 'Too dry to rot', sentence, figure, tone: 'bad' }
  const grade = GRADES.findLast(({ massLeft }) => cage.left <= massLeft)
  if (grade) return { phase: grade.id, label: grade.label, sentence, figure, tone: 'good' }
  if (batch.did.some(({ deed }) => deed === BAGGED)) return { phase: 'bagged', label: 'Rotting in bags', sentence, figure, tone: 'good' }
  return cage.day < 45
    ? { phase: 'settling', label: 'Settling', sentence, figure, tone: 'good' }
    : { phase: 'rotting', label: 'Rotting', sentence, figure, tone: 'good' }
}

/** Every fill a layer, by what is left of its volume: here alike for all. */
export function bandsOf(batch: BegunBatch, surroundings: Surroundings): PictureBand[] {
  const layers = inputsOf(batch).flatMap((input) => {
    const material = materialOf(input, surroundings.materials)
    return material ? [{ family: material.family, short: material.short, litres: input.amount.count * input.amount.container.volumeL }] : []
  })
  const sum = layers.reduce((all, { litres }) => all + litres, 0) || 1
  return layers.map(({ family, short, litres }) => ({ family, short, heightShare: litres / sum }))
}

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const vessel = vesselOf(batch)
  const cage = cageOn(batch, surroundings, day)
  const heightM = batch.ended && day === undefined ? 0 : Math.min(vessel.heightM * 1.4, cage?.heightM ?? 0)
  const shell: Primitive[]
    = cage && cage.shellShare > 0 && heightM > LEAF.handM ? [{ kind: 'shell', thickM: LEAF.handM, said: 'dry, raw outside' }] : []
  return {
    of: `${batch.name} cut open`, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM),
    parts: [
      { kind: 'walls', vessel }, { kind: 'fill', heightM, bands: bandsOf(batch, surroundings) },
      { kind: 'fading', share: cage ? 1 - cage.left : 0, family: 'finished' },
      ...shell,
      ...(heightM < vessel.heightM - 0.05 && heightM > 0 ? [{ kind: 'level' as const, yM: vessel.heightM, said: 'full' }] : []),
      { kind: 'soil' },
    ],
  }
}

function told(batch: BegunBatch, surroundings: Surroundings, day?: number): string {
  const cage = batch.ended && day === undefined ? undefined : cageOn(batch, surroundings, day)
  if (!cage) return 'Empty.'
  const now = daysBetween(batch.began.at, surroundings.now)
  const at = addHours(new Date(batch.began.at), Math.round(cage.day * 24))
  const grade = GRADES.findLast(({ massLeft }) => cage.left <= massLeft)
  return (
    `${Math.abs(cage.day - now) < 1 ? 'Today' : dateText(at)}: ${quantityText('length', surroundings.units, cage.heightM)} high, `
    + `${partText(1 - cage.left)} rotted away, ${wetnessText(cage.moisture, LEAF.squeezes.right)} inside, `
    + `${grade ? `fit for ${grade.label.toLowerCase()}` : 'leaf shapes whole'}.`
  )
}

const lastDay = (batch: BegunBatch, surroundings: Surroundings) => {
  const middle = middleOf(batch, surroundings)
  if (!middle) return 1
  if (batch.ended) return Math.max(1, daysBetween(batch.began.at, batch.ended.at))
  const windows = windowsOf(batch, surroundings)
  const fine = windows.at(-1)
  return Math.min(middle.question.horizonDay, Math.max(30, middle.question.nowDay + 60, fine ? daysBetween(batch.began.at, fine.to) : 0))
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const forecast = surroundings.forecastOf?.(batch.id)
  const lines = chartLines(batch.began.at, expectedAlong(middle.days, middle.course.left, forecast, 'left'), forecast, 'leftAtStart', {
    lastDay: lastDay(batch, surroundings), as: value => 100 * value,
  })
  return [{
    id: 'left', title: 'What is left of the leaves', unit: 'percent',
    ...lines,
    dots: [{
      name: 'as it looked',
      main: true,
      points: everFound(batch).flatMap(({ at, finding }) => {
        const value = namedIn(LEAF.seen, finding)
        return value === undefined ? [] : [{ at: Date.parse(at), value }]
      }),
    }],
    marks: batch.puts.filter(({ inputs }) => inputs.length > 0).map(({ at }) => Date.parse(at)),
    marksAre: 'filled', note: 'Mulch from 65 %, potting from 45 %, fine from 30 %.',
  }]
}

const isFilling = ({ takings, did }: BegunBatch, day: number) =>
  day < LEAF.fillingDays && takings.length === 0 && !did.some(({ deed }) => deed === BAGGED)

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const cage = cageOn(batch, surroundings)
  if (!cage || batch.ended) return []
  const { units } = surroundings
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const sack = inputsOf(batch)[0]?.amount.container
  const vessel = vesselOf(batch)
  return [
    {
      label: 'Holds now', value: litres(cage.volumeL),
      // In bags no rim counts any more.
      why: batch.did.some(({ deed }) => deed === BAGGED)
        ? 'in bags'
        : `of ${litres(vesselVolumeL(vessel) * countOf(batch.began))} to the rim`,
    },
    ...(sack && isFilling(batch, cage.day) && cage.freeL > sack.volumeL / 2
      ? [
          {
            label: 'Room for', value: `${containerText(cage.freeL / sack.volumeL, sack)} more`,
            why: 'filled loosely; they settle to half again',
          },
        ]
      : []),
    ...(cage.shellShare > 0.02
      ? [
          {
            label: 'Raw outside', value: `${percentText(cage.shellShare)}`,
            why: 'the outer hand\'s breadth and the top stay dry: take it off first, into the next cage with it',
          },
        ]
      : []),
  ]
}

/** How a cage of leaves looks. */
export const look: Look = {
  standing, windows: (batch, surroundings) => (batch.ended ? [] : windowsOf(batch, surroundings)), tasks: tasksOf, picture, told,
  lastDay, charts, facts, gates: () => [], bands: ownYears, outputs: outputsOf,
}
