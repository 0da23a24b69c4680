import type { BegunBatch } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { mixBalance } from '../mix/balance'
import { ingredientsOf, portionOf } from '../mix/portion'
import { quantityText, ratioText, roughly } from '../units/format'
import { daysText } from '../units/plural'
import type { UnitSystem } from '../units/system'
import { daysBetween } from '../units/time'
import { siteAreaM2, siteName } from '../vessel/site'
import type { KnownPair } from './asked'

const DAYS_APART = 3
/** Litres, moisture and ratio further apart than this are said. */
const APART = { litres: 0.15, moisture: 0.06, ratio: 0.15, area: 0.2 } as const

interface Start { readonly litres: number, readonly moisture: number, readonly ratio: number }

function startOf({ puts }: BegunBatch, book: MaterialBook): Start | undefined {
  const first = puts.filter(({ atStart }) => atStart)
  const balance = mixBalance(
    ingredientsOf(
      first.flatMap(({ inputs }) => inputs), book,
    ).map(portionOf),
    first.reduce((sum, { waterL }) => sum + waterL, 0),
  )
  return balance.ok
    ? { litres: balance.value.volumeL, moisture: balance.value.moistureFraction, ratio: balance.value.carbonToNitrogen }
    : undefined
}

const apart = (a: number, b: number) => Math.abs(a - b) / Math.max(1e-9, Math.max(Math.abs(a), Math.abs(b)))

/** In what a pair was unequal from the start, beside the one thing that is tried: each may be the reason for what is found. */
export function unequalStarts(
  { with: { batch: one, method }, without: { batch: other, method: theirs } }: KnownPair, book: MaterialBook, units: UnitSystem,
): string[] {
  const days = daysBetween(one.began.at, other.began.at)
  const [mine, their] = [startOf(one, book), startOf(other, book)]
  const [area, otherArea] = [siteAreaM2(one.began.site), siteAreaM2(other.began.site)]
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const percent = (share: number) => `${Math.round(100 * share)} %`
  return [
    ...(Math.abs(days) > DAYS_APART ? [`${days > 0 ? one.name : other.name} was begun ${daysText(Math.abs(days))} before the other.`] : []),
    ...(method.id !== theirs.id
      ? [`They are kept in different ways: ${method.face.name.toLowerCase()} and ${theirs.face.name.toLowerCase()}.`]
      : []),
    ...(apart(area, otherArea) > APART.area
      ? [`They stand on unequal ground: ${siteName(one.began.site).toLowerCase()} and ${siteName(other.began.site).toLowerCase()}.`]
      : []),
    ...(mine && their && apart(mine.litres, their.litres) > APART.litres
      ? [`Unequal amounts: ${litres(mine.litres)} and ${litres(their.litres)}.`]
      : []),
    ...(mine && their && Math.abs(mine.moisture - their.moisture) > APART.moisture
      ? [`Unequal water at the start: ${percent(mine.moisture)} and ${percent(their.moisture)}.`]
      : []),
    ...(mine && their && apart(mine.ratio, their.ratio) > APART.ratio
      ? [`Unequal mixes: ${ratioText(mine.ratio)} and ${ratioText(their.ratio)}.`]
      : []),
  ]
}
