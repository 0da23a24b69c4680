import { wetnessText } from '../../plain/states'
import { addHours, isSameDay } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { GroundPlan } from '../../picture/ground'
import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { dateText, weekdayText } from '../../units/dates'
import { quantityText, roughly, percentText } from '../../units/format'
import { daysBetween } from '../../units/time'
import { asVessel, type Site } from '../../vessel/site'
import { frontWidthM, vesselVolumeL } from '../../vessel/vessel'
import { everFound, type Chart, type Fact, type Look, type Standing, type Surroundings } from '../contract'
import { chartLines, expectedAlong, type Along } from '../course'
import { wormApproach } from './approaches'
import { dietOf, weekPlan } from './diet'
import { middleOf } from './forecast'
import { binOn, type BinOnDay } from './now'
import { outputsOf } from './outputs'
import { feedings, groundOf, hasWorms, pocketIndexes, pocketsInTurn, pocketsOf, type PlacedPocket } from './pockets'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { LEFT, MOOD, SMELL, WARMTH } from './words'
import { WORM } from './constants'
import { looking } from './looking'

/** What lies uneaten, as so many days of feed; beyond six weeks nobody counts. */
const backlogText = (days: number) =>
  days > WORM.countedDays
    ? 'feed for more than six weeks'
    : `feed for about ${Math.max(1, Math.round(days))} ${Math.round(days) <= 1 ? 'day' : 'days'}`

function standing(batch: BegunBatch, surroundings: Surroundings): Standing {
  if (batch.ended) return { phase: 'ended', label: 'Taken out', sentence: 'It is over.', tone: 'good' }
  const bin = binOn(batch, surroundings)
  if (!bin) return { phase: 'empty', label: 'Empty', sentence: 'Put bedding in.', tone: 'mind' }
  const { units } = surroundings
  const inTower = wormApproach(batch.began.approachId).id === 'tower'
  if (!hasWorms(batch) && !inTower) return { phase: 'bedding', label: 'Waits for worms', sentence: 'The bedding lies ready.', tone: 'mind' }
  const figure = quantityText('temperature', units, bin.binC)
  const feed = bin.backlogDays < 1 ? 'next to no feed left' : backlogText(bin.backlogDays)
  const worms = inTower && !hasWorms(batch) ? 'fed from the top' : `about ${quantityText('mass', units, bin.wormsKg, 1)} of worms`
  const sentence = `${worms}, ${feed}. The bedding is ${wetnessText(bin.moisture, WORM.squeezes.right)}, about ${figure}.`.replace(/^./,
    letter =>
      letter.toUpperCase(),
  )
  const bad = (sense: string, findings: readonly string[]) => findings.includes(looking.now(batch, sense, surroundings.now)?.finding ?? '')
  if (bad(SMELL, ['sour', 'ammonia']) || bin.sour > WORM.smelt)
    return { phase: 'sour', label: 'Sour', sentence, figure, tone: 'bad' }
  if (bad(MOOD, ['ball', 'climbing'])) return { phase: 'uneasy', label: 'Uneasy', sentence, figure, tone: 'bad' }
  if (bad(LEFT, ['most']) || bin.backlogDays > WORM.restsAboveDays)
    return { phase: 'overfed', label: 'Overfed', sentence, figure, tone: 'mind' }
  const { kind } = middleOf(batch, surroundings)!.question
  if (bin.wormsKg < 0.02 && hasWorms(batch)) return { phase: 'gone', label: 'Hardly any worms', sentence, figure, tone: 'bad' }
  if (bin.binC > kind.bestHighC + 4) return { phase: 'hot', label: 'Too warm', sentence, figure, tone: 'bad' }
  if (bin.binC < kind.minC + 2) return { phase: 'cold', label: 'Too cold to eat', sentence, figure, tone: 'mind' }
  return bin.day < 21
    ? { phase: 'settling', label: 'Settling in', sentence, figure, tone: 'good' }
    : { phase: 'thriving', label: 'At work', sentence, figure, tone: 'good' }
}

/** What is still there of each pocket's last feed, 0 to 1, by how the whole is eaten. */
function pocketShares(batch: BegunBatch, surroundings: Surroundings, bin: BinOnDay, count: number): number[] {
  const fed = feedings(batch)
  const indexes = pocketIndexes(fed, count)
  const lastOf = Array.from({ length: count }, (_, pocket) => indexes.lastIndexOf(pocket))
  const { appetiteKg, backlogKg } = bin
  return lastOf.map((at) => {
    if (at < 0) return 0
    const days = daysBetween(fed[at]!.at, surroundings.now)
    const pace = backlogKg > 0.01 ? appetiteKg / backlogKg : 1
    return Math.max(0, Math.min(1, Math.exp(-pace * days)))
  })
}

/** A pocket in section: those of the front row, side by side. */
function sectionPockets(places: readonly PlacedPocket[], shares: readonly number[], widthM: number, heightM: number): Primitive[] {
  const front = Math.min(...places.map(({ yM }) => yM))
  return places
    .filter(({ yM }) => yM - front < 0.01)
    .flatMap((place): Primitive[] => {
      const share = shares[place.number - 1] ?? 0
      if (share < 0.05) return []
      return [{
        kind: 'pocket', xM: widthM / 2 + place.xM, yM: Math.max(0.03, heightM - 0.06), widthM: place.widthM * 0.6,
        heightM: 0.05 + 0.04 * share, family: 'kitchen', said: `${place.label}, ${percentText(share)} of its feed left`,
      }]
    })
}

/** Castings below, bedding above, feed in pockets on top. */
function bandsOf(bin: BinOnDay): PictureBand[] {
  const feedL = bin.backlogKg / 0.55
  const beddingL = Math.max(0.1, bin.volumeL - bin.castingsL - feedL)
  const all = bin.castingsL + beddingL + feedL
  return [
    { family: 'finished', short: 'castings', heightShare: bin.castingsL / all },
    { family: 'paper', short: 'bedding', heightShare: beddingL / all }, { family: 'kitchen', short: 'feed', heightShare: feedL / all },
  ].filter(({ heightShare }) => heightShare > 0.01) as PictureBand[]
}

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const vessel = asVessel(batch.began.site)
  const bin = batch.ended && day === undefined ? undefined : binOn(batch, surroundings, day)
  const places = pocketsOf(batch.began.site)
  const widthM = frontWidthM(vessel)
  const heightM = Math.min(vessel.heightM, bin?.heightM ?? 0)
  const tower = wormApproach(batch.began.approachId).id === 'tower'
  const shares = bin && day === undefined ? pocketShares(batch, surroundings, bin, places.length) : []
  return {
    of: `${batch.name} cut open`, widthM, heightM: vessel.heightM,
    parts: [
      { kind: 'walls', vessel }, { kind: 'fill', heightM, bands: bin ? bandsOf(bin) : [] },
      ...(places.length > 1 ? sectionPockets(places, shares, widthM, heightM) : []),
      ...(tower ? [{ kind: 'level' as const, yM: vessel.heightM * WORM.inGroundM, said: 'soil of the bed' }] : []),
      { kind: 'soil' },
    ],
  }
}

/** The pockets of a site from above. */
export function pocketPlan(of: string, site: Site, shares: readonly number[], next: number): GroundPlan {
  return {
    of, ground: groundOf(site),
    parts: pocketsOf(site).map(({ number, xM, yM, widthM, depthM }) => {
      const share = shares[number - 1] ?? 0
      return {
        kind: 'field', label: `${number}`, xM, yM, widthM, depthM, family: 'kitchen', share, next: number - 1 === next,
        said: `pocket ${number} ${share < 0.05 ? 'empty' : `${percentText(share)} left`}${number - 1 === next ? ', next' : ''}`,
      }
    }),
  }
}

function fromAbove(batch: BegunBatch, surroundings: Surroundings): GroundPlan | undefined {
  const bin = batch.ended ? undefined : binOn(batch, surroundings)
  const places = pocketsOf(batch.began.site)
  if (!bin || places.length < 2) return undefined
  return pocketPlan(
    batch.name, batch.began.site, pocketShares(batch, surroundings, bin, places.length),
    places.findIndex(({ id }) => id === pocketsInTurn(batch)[0]?.id),
  )
}

function told(batch: BegunBatch, surroundings: Surroundings, day?: number): string {
  const bin = binOn(batch, surroundings, day)
  if (!bin) return 'Empty.'
  const now = daysBetween(batch.began.at, surroundings.now)
  const at = addHours(new Date(batch.began.at), Math.round(bin.day * 24))
  const { units } = surroundings
  return `${Math.abs(bin.day - now) < 1 ? 'Today' : dateText(at)}: ${quantityText('mass', units, bin.wormsKg, 1)} of worms, `
    + `${quantityText('volume', units, bin.castingsL)} of castings, `
    + `${bin.backlogDays < 1 ? 'no feed left' : backlogText(bin.backlogDays)}, ${quantityText('temperature', units, bin.binC)}, `
    + `${wetnessText(bin.moisture, WORM.squeezes.right)}.`
}

const lastDay = (batch: BegunBatch, surroundings: Surroundings) => {
  const middle = middleOf(batch, surroundings)
  if (!middle) return 1
  return batch.ended
    ? Math.max(1, daysBetween(batch.began.at, batch.ended.at))
    : Math.min(middle.question.horizonDay, Math.max(30, middle.question.nowDay + WORM.aheadDays))
}

/** What a look at the last feed says in days of backlog is not told: it is drawn where it was seen. */
function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const forecast = surroundings.forecastOf?.(batch.id)
  const lines = (name: 'binC' | 'castingsL' | 'backlogKg') =>
    chartLines(batch.began.at, expectedAlong(middle.days, middle.course[name], forecast, name), forecast, '', {
      lastDay: lastDay(batch, surroundings),
    })
  return [
    {
      id: 'heat', title: 'Warmth of the bedding', unit: 'temperature', ...lines('binC'),
      marks: feedings(batch)
        .map(({ at }) => Date.parse(at))
        .slice(-40),
      dots: [
        { name: 'measured', main: true, points: (batch.gauged[WARMTH] ?? []).map(({ at, value }) => ({ at: Date.parse(at), value })) },
      ],
      marksAre: 'fed',
      note: `Fed on as in the last weeks. Above ${quantityText('temperature', surroundings.units, 30)} the common kind suffers, below `
        + `${quantityText('temperature', surroundings.units, 5)} it rests.`,
    },
    {
      id: 'uneaten', title: 'Feed that lies uneaten', unit: 'mass', ...lines('backlogKg'),
      marks: everFound(batch, LEFT).map(({ at }) => Date.parse(at)), dots: [],
      marksAre: 'you looked what was left', note: 'Fed on as in the last weeks.',
    },
    {
      id: 'castings', title: 'Castings in it', unit: 'volume', ...lines('castingsL'),
      marks: batch.takings.map(({ at }) => Date.parse(at)), dots: [],
      marksAre: 'some taken',
    },
  ]
}

/** The week's feeds in a line: "0.5 L today, pocket 2; 0.5 L on Sunday, pocket 3". Nothing while feeding rests. */
function planText(batch: BegunBatch, surroundings: Surroundings): string | undefined {
  const plan = weekPlan(batch, surroundings)
  const line = plan.map(
    ({ at, litres, pocket }) =>
      `${quantityText('volume', surroundings.units, litres, 1)} `
      + `${isSameDay(at, surroundings.now) ? 'today' : `on ${weekdayText(at)}`}${pocket ? `, ${pocket.label}` : ''}`,
  )
  return line.length > 0 ? line.join('; ') : undefined
}

/** Whether it may turn sour within a week, by the band of what is possible. */
function sourFact(sour: Along | undefined, at: number): Fact[] {
  if (!sour || at < 0) return []
  const [low, typical, high] = [sour.low[at]!, sour.typical[at]!, sour.high[at]!]
  if (high < WORM.smelt) return []
  return [{
    label: 'Sour in a week', value: low >= WORM.smelt ? 'nearly surely' : typical >= WORM.smelt ? 'likely' : 'it may be',
    why: 'fed on as in the last weeks: uneaten feed that lies deeper than a hand\'s breadth sours',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const bin = binOn(batch, surroundings)
  if (!bin || batch.ended) return []
  const { units } = surroundings
  const diet = dietOf(batch, surroundings)
  const litres = (value: number, digits = 0) => quantityText('volume', units, digits ? value : roughly(value), digits)
  const forecast = surroundings.forecastOf?.(batch.id)
  const middle = middleOf(batch, surroundings)!
  const along = (name: 'backlogDays' | 'sour') => forecast && expectedAlong(middle.days, middle.course[name], forecast, name)
  const band = along('backlogDays')
  const at = middle.days.findIndex(day => day >= bin.day + 7)
  const tower = wormApproach(batch.began.approachId).id === 'tower'
  return [
    ...(diet
      ? [
          {
            label: 'Feed this week', value: planText(batch, surroundings) ?? 'nothing for now',
            why:
              diet.rests
              ?? `about ${litres(diet.weekL, 1)} in all, by what they eat at this warmth and what still lies there; each with as much `
              + 'bedding',
          },
        ]
      : []),
    ...sourFact(along('sour'), at),
    ...(band && at >= 0 && bin.wormsKg >= 0.01
      ? [
          {
            label: 'Lies uneaten in a week',
            value:
              band.low[at]! > WORM.countedDays
                ? 'feed for more than six weeks'
                : `feed for ${Math.round(band.low[at]!)}–${Math.round(Math.min(60, band.high[at]!))} days`,
            why: 'fed on as in the last weeks, eight times in ten; more than about nine days sours',
          },
        ]
      : []),
    ...(tower
      ? []
      : [
          {
            label: 'Castings', value: litres(bin.castingsL),
            why: `of ${litres(bin.volumeL)} in it and ${litres(vesselVolumeL(asVessel(batch.began.site)))} to the rim; about `
              + `${litres(bin.castingsL * WORM.reachable)} can be taken`,
          },
        ]),
  ]
}

/** How worms look. */
export const look: Look = {
  standing, windows: windowsOf, tasks: tasksOf, picture, fromAbove, told, lastDay, charts, facts, gates: () => [], outputs: outputsOf,
}
