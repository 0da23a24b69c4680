import { addDays, max } from 'date-fns'
import { CROPS, sowing, type Crop } from '../../hotbed/crops'
import type { Pipeline, PipelineRow, PipelineStage, Surroundings } from '../contract'
import { daylightFrom, latitudeOf } from './outside'
import type { Sown } from './state'
import { BED } from './constants'

/** What follows what: quick ones first, then salads, then what stays. */
const ONE_AFTER_THE_OTHER = ['radish', 'lettuce', 'cucumber']

/** What crops grow along. */
export interface Along {
  readonly soilC: ArrayLike<number>
  /** Hours of daylight of the same days. */
  readonly daylightH: ArrayLike<number>
  readonly began: Date
  readonly sowFromDay: number
  /** From when on tender ones can stand outside. */
  readonly frostFree?: Date | undefined
}

const found = (id: string) => CROPS.find(crop => crop.id === id) as Crop
const stage = (id: string, label: string, from: Date, to: Date, tone: PipelineStage['tone']): PipelineStage => ({
  id, label, from, to: to > from ? to : addDays(from, 1), tone,
})

/** From when on its seeds come up within three weeks. */
function firstSowing(
  crop: Crop, { soilC, daylightH, sowFromDay }: Along,
): { readonly day: number, readonly up: number, readonly from: number, readonly to: number } | undefined {
  for (let day = Math.ceil(sowFromDay); day < soilC.length - 1; day++) {
    const { up, from, to } = sowing(crop, soilC, day, daylightH)
    if (up !== undefined && up - day <= BED.upWithinDays && from !== undefined) return { day, up, from, to: to ?? soilC.length }
  }
  return undefined
}

/** What comes of it: eaten, planted out; a tender one that is ready before the last frost is potted on until then. */
function endStages({ end, tender }: Crop, from: Date, to: Date, frostFree: Date | undefined): PipelineStage[] {
  if (end === 'eaten') return [stage('had', 'eaten', from, to, 'second')]
  const out = tender && frostFree && frostFree > from ? frostFree : from
  return [
    ...(out > from ? [stage('potted', 'potted on, under glass', from, out, 'third')] : []),
    stage('had', tender ? 'planted out, after the last frost' : 'planted out', out, max([to, addDays(out, 1)]), 'second'),
  ]
}

function rowFor(name: string, crop: Crop, day: number, { soilC, daylightH, began, frostFree }: Along): PipelineRow[] {
  const { up, from, to } = sowing(crop, soilC, day, daylightH)
  if (up === undefined) return []
  const on = (at: number) => addDays(began, at)
  const end = soilC.length
  return [{
    name,
    stages: [
      stage('up', 'coming up', on(day), on(up), 'resting'), stage('grows', 'growing', on(up), on(from ?? end), 'first'),
      ...(from === undefined ? [] : endStages(crop, on(from), on(to ?? end), frostFree)),
    ],
  }]
}

function followOn(along: Along): PipelineRow[] {
  const { soilC, began } = along
  let day = along.sowFromDay
  const stages: PipelineStage[] = []
  for (const [index, id] of ONE_AFTER_THE_OTHER.entries()) {
    const crop = found(id)
    const next = firstSowing(crop, { ...along, sowFromDay: day })
    if (!next) break
    const free = Math.min(soilC.length, Math.ceil((next.from + next.to) / 2))
    stages.push(stage(id, crop.name, addDays(began, next.day), addDays(began, free), (['third', 'first', 'second'] as const)[index]!))
    day = free
  }
  return stages.length > 1
    ? [{ name: `One after the other: ${stages.map(({ label }) => label.toLowerCase()).join(', then ')}`, stages, named: true }]
    : []
}

/** What comes up in this bed and when it is had, along its weeks; what was sown first, then what could be. */
export function cropBands(along: Along, sown: readonly Sown[]): Pipeline | undefined {
  const own = sown.flatMap(({ crop, name, day }) => crop ? rowFor(`${name}, sown`, crop, day, along) : [])
  const could = CROPS.filter(({ id }) => !sown.some(({ crop }) => crop?.id === id)).flatMap((crop) => {
    const first = firstSowing(crop, along)
    return first ? rowFor(crop.name, crop, first.day, along) : []
  })
  const soonest = (row: PipelineRow) => row.stages.at(-1)!.from.getTime()
  const rows = [...own, ...followOn(along), ...[...could].sort((a, b) => soonest(a) - soonest(b)).slice(0, BED.mostRows)]
  if (rows.length === 0) return undefined
  const until = new Date(Math.max(...rows.map(({ stages }) => stages.at(-1)!.to.getTime())))
  return {
    title: 'What grows in it, and when',
    words: ['Sown as soon as the soil suits its seeds. Below ten hours of daylight it hardly grows, however warm it stands.'],
    from: along.began, to: until,
    rows,
  }
}

/** The soil of each day from the first, °C, out of a course noted at any times. */
function dailySoil({ days, soilDayC }: { readonly days: Float64Array, readonly soilDayC: Float32Array }): Float64Array {
  const last = Math.floor(days.at(-1) ?? 0)
  let at = 0
  return Float64Array.from({ length: last + 1 }, (_, day) => {
    while (at < days.length - 1 && days[at]! < day) at++
    return soilDayC[at]!
  })
}

/** All that the crops of a course grow along: its soil, the light of its days, and the frost. */
export function alongOf(
  course: Parameters<typeof dailySoil>[0], began: Date, sowFromDay: number, surroundings: Pick<Surroundings, 'weather' | 'now'>,
): Along {
  const soilC = dailySoil(course)
  const frost = surroundings.weather.nextLastFrost?.(began)
  return {
    soilC, began, sowFromDay, daylightH: daylightFrom(began, soilC.length, latitudeOf(surroundings)),
    frostFree: frost && addDays(frost, BED.afterFrostDays),
  }
}
