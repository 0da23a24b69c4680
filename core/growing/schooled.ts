import { ok, type Outcome } from '../outcome/outcome'
import type { PartId } from './constants'
import { partsFor, type NoMix } from './mix'
import type { Offered } from './offered'
import type { MixedIn, Wanted } from './propose'
import type { MixSchool } from './schools'

/** A school's mix out of what is here: each part from the lot that is most of it, and what is nowhere to be had. */
export interface Schooled { readonly mixed: readonly MixedIn[], readonly missing: readonly PartId[] }

/** Most of it is this part: nine tenths, so that a mix does not stand in for one of its parts. */
const MOSTLY = 0.9

/** What is there of a part: lots before what is fetched, the largest first. */
function fitting(partId: PartId, offered: readonly Offered[]): Offered | undefined {
  return offered
    .filter(({ refused, composition }) => refused === undefined && composition.some(one => one.partId === partId && one.share >= MOSTLY))
    .reduce<Offered | undefined>((best, one) => {
      if (!best) return one
      if ((best.lotId === undefined) !== (one.lotId === undefined)) return one.lotId === undefined ? best : one
      return one.thereL > best.thereL ? one : best
    }, undefined)
}

/** A school's mix for so many litres, out of what is offered. */
export function schooledMix(
  { shares }: Pick<MixSchool, 'shares'>, offered: readonly Offered[], { litres, handling }: Pick<Wanted, 'litres' | 'handling'>,
): Outcome<Schooled, NoMix> {
  const parts = partsFor(shares, litres, handling)
  if (!parts.ok) return parts
  const found = parts.value.map(part => ({ part, of: fitting(part.partId, offered) }))
  return ok({
    mixed: found.flatMap(({ part, of }) => of ? [{ of, litres: Math.min(part.litres, of.thereL) }] : []),
    missing: found.flatMap(({ part, of }) => of && of.thereL >= part.litres * 0.99 ? [] : [part.partId]),
  })
}
