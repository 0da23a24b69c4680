import { ratioWord, wetnessText } from '../../plain/states'
import { addHours } from 'date-fns'
import { RIPE_AT } from '../../heat/ripe'
import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, portionOf } from '../../mix/portion'
import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { dateText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { DAY_MS, daysBetween } from '../../units/time'
import { asVessel } from '../../vessel/site'
import { frontWidthM } from '../../vessel/vessel'
import type { Chart, Fact, Look, Standing, Surroundings } from '../contract'
import { chartLines, expectedAlong } from '../course'
import { brownsLeft } from './browns'
import { feedings, isClosed, weeklyFeed } from './feeding'
import { middleOf } from './forecast'
import { slowOn, standsM, type SlowOnDay } from './now'
import { outputsOf } from './outputs'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { HEIGHT, LOOK, SMELL } from './words'
import { SLOW } from './constants'
import { looking } from './looking'

/** Something bad that was smelt or seen lately and not answered since. */
function complaint(batch: BegunBatch, surroundings: Surroundings): string | undefined {
  const [smell, look] = [looking.now(batch, SMELL, surroundings.now)?.finding, looking.now(batch, LOOK, surroundings.now)?.finding]
  if (smell === 'sour' || smell === 'eggs') return 'Smells'
  return look === 'flies' || look === 'open-food' || look === 'rats' ? 'Lies open' : undefined
}

/** How it is, in words: its numbers stand with what is known of it. What is ripe is rich in nitrogen, and never too green. */
function stateOf({ ratio, moisture, rawness }: Pick<SlowOnDay, 'ratio' | 'moisture' | 'rawness'>, isFed: boolean): readonly string[] {
  return [wetnessText(moisture, SLOW.squeezes.right), isFed && rawness > RIPE_AT ? ratioWord(ratio) : ''].filter(Boolean)
}

function standing(batch: BegunBatch, surroundings: Surroundings): Standing {
  if (batch.ended) return { phase: 'ended', label: 'Taken out', sentence: 'It is over.', tone: 'good' }
  const slow = slowOn(batch, surroundings)
  if (!slow || slow.volumeL < 0.5) return { phase: 'empty', label: 'Waiting', sentence: 'Feed it its first caddy.', tone: 'mind' }
  const figure = `${quantityText('length', surroundings.units, standsM(batch, surroundings))} high`
  const sentence = `${[figure, ...stateOf(slow, !isClosed(batch))].join(', ')}.`
  const bad = complaint(batch, surroundings)
  if (bad) return { phase: 'complains', label: bad, sentence, figure, tone: 'bad' }
  if (slow.moisture < 0.42) return { phase: 'dry', label: 'Too dry to rot', sentence, figure, tone: 'mind' }
  if (slow.moisture > 0.76) return { phase: 'wet', label: 'Wet', sentence, figure, tone: 'mind' }
  if (!isClosed(batch)) return { phase: 'filling', label: 'Filling', sentence, figure, tone: 'good' }
  return slow.rawness <= RIPE_AT
    ? { phase: 'ready', label: 'Ready to test', sentence, figure, tone: 'good' }
    : { phase: 'resting', label: 'Resting', sentence, figure, tone: 'good' }
}

/** What was fed, three weeks to a layer, what covers it beside it; older layers thinner by what they have lost. */
function bandsOf(batch: BegunBatch, surroundings: Surroundings): PictureBand[] {
  const layers = new Map<string, PictureBand & { readonly key: number }>()
  const end = surroundings.now.getTime()
  for (const { at, inputs } of batch.puts) {
    const week = Math.floor(daysBetween(batch.began.at, at) / SLOW.layerDays)
    const age = (end - Date.parse(at)) / DAY_MS
    for (const one of ingredientsOf(inputs, surroundings.materials)) {
      const { material, looseVolumeL } = portionOf(one)
      const key = `${week} ${material.family}`
      const thin = 0.35 + 0.65 * Math.exp(-Math.max(0, age) / 120)
      const known = layers.get(key)
      layers.set(key, {
        key: week, family: material.family, short: material.short, heightShare: (known?.heightShare ?? 0) + looseVolumeL * thin,
      })
    }
  }
  const all = [...layers.values()].sort((a, b) => a.key - b.key)
  const sum = all.reduce((total, { heightShare }) => total + heightShare, 0) || 1
  return all.map(({ family, short, heightShare }) => ({ family, short, heightShare: heightShare / sum }))
}

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const vessel = asVessel(batch.began.site)
  const slow = slowOn(batch, surroundings, day)
  const heightM
    = batch.ended && day === undefined
      ? 0
      : Math.min(vessel.heightM * 1.3, day === undefined ? standsM(batch, surroundings) : (slow?.heightM ?? 0))
  const warm: Primitive[]
    = slow && heightM > 0.15
      ? [{ kind: 'glow', aboveAirK: Math.max(0, slow.celsius - surroundings.weather.ambientC(surroundings.now)) }]
      : []
  return {
    of: `${batch.name} cut open`, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM),
    parts: [
      { kind: 'walls', vessel },
      { kind: 'fill', heightM, bands: bandsOf(batch, surroundings) },
      { kind: 'fading', share: slow ? 1 - slow.leftShare : 0, family: 'finished' },
      ...warm,
      ...(heightM > 0 && heightM < vessel.heightM - 0.05 && !isClosed(batch)
        ? [{ kind: 'level' as const, yM: vessel.heightM, said: 'full' }]
        : []),
      { kind: 'soil' },
    ],
  }
}

function told(batch: BegunBatch, surroundings: Surroundings, day?: number): string {
  const slow = slowOn(batch, surroundings, day)
  if (!slow) return 'Empty.'
  const now = daysBetween(batch.began.at, surroundings.now)
  const at = addHours(new Date(batch.began.at), Math.round(slow.day * 24))
  return `${Math.abs(slow.day - now) < 1 ? 'Today' : dateText(at)}: ${quantityText('length', surroundings.units, slow.heightM)} high, `
    + `${stateOf(slow, false).join(', ')}, ${quantityText('temperature', surroundings.units, slow.celsius)} inside.`
}

const lastDay = (batch: BegunBatch, surroundings: Surroundings) => {
  const middle = middleOf(batch, surroundings)
  if (!middle) return 1
  if (batch.ended) return Math.max(1, daysBetween(batch.began.at, batch.ended.at))
  const ready = windowsOf(batch, surroundings).at(-1)
  return Math.min(middle.question.horizonDay, Math.max(30, middle.question.nowDay + 60, ready ? daysBetween(batch.began.at, ready.to) : 0))
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const forecast = surroundings.forecastOf?.(batch.id)
  const perM = 1 / 1000 / middle.question.ground.footprintM2
  const { volumeL } = middle.course
  return [{
    id: 'height',
    title: 'How high it stands',
    unit: 'length',
    ...chartLines(batch.began.at, expectedAlong(middle.days, volumeL, forecast, 'volumeL'), forecast, 'volumeAtStartL', {
      lastDay: lastDay(batch, surroundings), as: litres => litres * perM,
    }),
    dots: [{ name: 'measured', main: true, points: (batch.gauged[HEIGHT] ?? []).map(({ at, value }) => ({ at: Date.parse(at), value })) }],
    marks: [],
    note: 'As if it were fed on as in the last weeks, until it is full.',
  }]
}

function hotFact(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const slow = slowOn(batch, surroundings)
  const greens = (surroundings.spares ?? []).filter(
    ({ material, count }) => count > 0 && (material.family === 'grass' || material.family === 'manure'),
  )
  const litres = greens.reduce((sum, { count, container }) => sum + count * container.volumeL, 0)
  if (!slow || litres < SLOW.enoughGreenL || slow.volumeL < 150 || slow.rawness < SLOW.rawEnough) return []
  return [{
    label: 'A hot heap of it',
    value: `${quantityText('volume', surroundings.units, roughly(litres))} of `
      + `${greens.map(({ material }) => material.short).join(' and ')} lie in the store`,
    why: 'take it out as “half-rotted, for a hot heap”: it goes to the store, and the bench balances it with the greens',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const slow = slowOn(batch, surroundings)
  if (!slow || batch.ended) return []
  const { units, now, materials } = surroundings
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const weekly = weeklyFeed(batch, now, materials)
  const browns = brownsLeft(batch, surroundings)
  return [
    {
      label: 'Holds now', value: litres(slow.volumeL),
      why: `of ${litres(middleOf(batch, surroundings)!.question.ground.footprintM2 * asVessel(batch.began.site).heightM * 1000)} to the `
        + `rim; ${Math.round(100 * (1 - slow.leftShare))} % of the dry stuff has gone`,
    },
    ...(isClosed(batch)
      ? []
      : [
          {
            label: 'Each week', value: `${litres(weekly.fedL)} fed, ${litres(weekly.coverL)} of cover`,
            why: feedings(batch).length < 2 ? 'as planned' : 'the pace of the last weeks',
          },
        ]),
    ...(browns
      ? [
          {
            label: 'Browns beside it', value: browns.until ? `last until ${dateText(browns.until)}` : 'last for more than a year',
            why: `${litres(browns.leftL)} in the store at ${litres(browns.weeklyL)} a week`,
          },
        ]
      : []),
    ...hotFact(batch, surroundings),
  ]
}

/** How a slow heap looks. */
export const look: Look = {
  standing, windows: windowsOf, tasks: tasksOf, picture, told, lastDay, charts, facts, gates: () => [], outputs: outputsOf,
}
