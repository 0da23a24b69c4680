import { fail, ok, type Outcome } from '../outcome/outcome'
import { containersFor, type ContainerThen } from '../units/container'
import { GROWING, PARTS, PURPOSES, WEIGHS, type PurposeId } from './constants'
import { addPart, mixFrom, mixOf, NO_SUMS, type GrowingMix, type MixPart, type NoMix, type Sums } from './mix'
import { needsSieve, type Offered } from './offered'
import { airIn } from './pot'
import { verdictsOn, type Scale, type ScaleVerdict } from './verdict'

/** So much of something that is offered. */
export interface MixedIn { readonly of: Offered, readonly litres: number }

/** What a mix is wanted for: by purpose, in pots so high, so many litres. */
export interface Wanted {
  readonly purposeId: PurposeId
  readonly heightM: number
  readonly litres: number
  /** Share by which mixes settle in this gardener's hands. */
  readonly handling?: number
}

/** A mix that was put together, with what it is and why each part is in it. */
export interface ProposedMix {
  readonly id: 'best' | 'nothing-bought' | 'another'
  readonly parts: readonly MixedIn[]
  readonly mix: GrowingMix
  readonly verdicts: readonly ScaleVerdict[]
  readonly boughtL: number
}

/** Parts by volume that proportions are tried in: as gardeners count, 7 to 3 to 2. */
const IN_ALL = 12
/** More kinds than this nobody mixes. */
const KINDS_MOST = 4

/** The parts of a growing mix in what is mixed in. */
export function partsOf(mixed: readonly MixedIn[]): readonly MixPart[] {
  return mixed.flatMap(({ of, litres }) => of.composition.map(({ partId, share }) => ({ partId, litres: litres * share })))
}

/** What it comes to when it is mixed. */
export function mixedOf(mixed: readonly MixedIn[], handling?: number): Outcome<GrowingMix, NoMix> {
  return mixOf(partsOf(mixed), handling)
}

/** How far a value is from what is good, by the width of what is good; 0 where it is good, and counting half where it only may be. */
function missed(low: number, typical: number, high: number, from: number, to: number): number {
  if (typical >= from && typical <= to) return 0
  const off = Math.max(from - typical, typical - to)
  const surely = Math.max(from - high, low - to, 0)
  return (off + surely) / (to - from)
}

/** How far a scale is from what is good, 0 and more. */
export const missOf = ({ value: { low, typical, high }, from, to }: ScaleVerdict): number => missed(low, typical, high, from, to)

/** What is good by a hair is none that one plans for: so much of the width of what is good stays to either side. */
const INNER = 0.1
/** What speaks against a value, in points. */
function pointsAt(low: number, typical: number, high: number, [from, to]: readonly [number, number]): number {
  const inside = Math.min(typical - from, to - typical) / (to - from)
  return WEIGHS.miss * missed(low, typical, high, from, to) + WEIGHS.edge * Math.min(1, Math.max(0, INNER - inside) / INNER)
}

/** What is better kept for where it matters: castings and the like for small things, mould of seed grade for seeds. */
function isPrecious(of: Offered, purposeId: PurposeId): boolean {
  if (of.lotId === undefined || purposeId === 'seeds') return false
  const has = (...ids: readonly string[]) => of.composition.some(({ partId }) => ids.includes(partId))
  const seedGrade = (of.throughMm ?? Infinity) <= GROWING.seedGradeMm && has('leaf-mould-fine', 'compost')
  return seedGrade || (purposeId !== 'small-pots' && has('castings', 'tower-compost'))
}

/** No more of it by volume: the scarcest of what it is made of sets that. */
export function mostOf({ composition }: Pick<Offered, 'composition'>): number {
  return Math.min(1, ...composition.map(({ partId, share }) => PARTS.find(({ id }) => id === partId)!.most / Math.max(share, 1e-9)))
}

/** What each litre of something speaks against a mix it is in, whatever the scales say: bought, unsieved, precious, doubtful. */
function burdenOf(of: Offered, purposeId: PurposeId): number {
  return (of.lotId === undefined ? WEIGHS.bought : 0) + (needsSieve(of, purposeId) ? WEIGHS.unsieved : 0)
    + (isPrecious(of, purposeId) ? WEIGHS.precious : 0) + (of.doubtful ? WEIGHS.doubt : 0)
}

/** What speaks against a mix by its scales, in points; the fewer the better. What is above `most` is not told further. */
function pointsOf(mix: GrowingMix, { air, easyWater, salts }: typeof PURPOSES[number], heightM: number, most: number): number {
  const by = (value: number, good: readonly [number, number]) =>
    pointsAt(value * (1 - mix.doubt), value, value * (1 + mix.doubt), good)
  const points = pointsAt(mix.salts.low, mix.salts.typical, mix.salts.high, salts) + by(mix.easyWater, easyWater)
  return points >= most ? points : points + by(airIn(mix, heightM), air)
}

/** Every way of so many kinds out of these. */
function* kindsOf<T>(of: readonly T[], most: number, from = 0): Generator<readonly T[]> {
  for (let at = from; at < of.length; at++) {
    yield [of[at]!]
    if (most > 1) for (const rest of kindsOf(of, most - 1, at + 1)) yield [of[at]!, ...rest]
  }
}

/** Every way of laying so many parts out over so many kinds, one at least of each. */
function* sharesOf(kinds: number, parts: number): Generator<readonly number[]> {
  if (kinds === 1) return yield [parts]
  for (let first = 1; first <= parts - kinds + 1; first++)
    for (const rest of sharesOf(kinds - 1, parts - first)) yield [first, ...rest]
}

const SHARES = Array.from({ length: KINDS_MOST }, (_, kinds) => [...sharesOf(kinds + 1, IN_ALL)])

/** Of each material the lot there is most of: two lots of one thing need no choosing between. */
function mostOfEach(offered: readonly Offered[]): readonly Offered[] {
  const byMaterial = new Map<string, Offered>()
  for (const one of offered) {
    const known = byMaterial.get(one.materialId)
    if (one.refused === undefined && one.composition.length > 0 && (!known || known.thereL < one.thereL)) byMaterial.set(one.materialId,
      one)
  }
  return [...byMaterial.values()]
}

interface Tried { readonly mixed: readonly MixedIn[], readonly points: number }

/** What each part of twelve adds, ready to be added up. */
function partSums(of: Offered, litres: number): Sums {
  const sums = { ...NO_SUMS }
  for (const part of partsOf([{ of, litres }])) addPart(sums, part)
  return sums
}

/** Adds so many parts of one thing into sums; a thing that is itself a mix is known no better for being one. */
function addTimes(to: Sums, one: Sums, times: number): void {
  to.litres += times * one.litres
  to.pores += times * one.pores
  to.waterAt10 += times * one.waterAt10
  to.waterAt50 += times * one.waterAt50
  to.saltsLow += times * one.saltsLow
  to.saltsHigh += times * one.saltsHigh
  to.kg += times * one.kg
  to.stony += times * one.stony
  to.squares += times * times * one.squares
}

/**
 * The mixes that least speaks against, of those that what is there allows: over all, and for each question that leaves some out.
 * @param leaves for each wish whether it may hold a thing.
 */
function bestOf(offered: readonly Offered[], wanted: Wanted,
  leaves: readonly ((of: Offered) => boolean)[]): readonly (Tried | undefined)[] {
  const partL = wanted.litres / IN_ALL
  const ready = offered.map(of => ({
    of, sums: partSums(of, partL), burden: burdenOf(of, wanted.purposeId), may: leaves.map(may => may(of)),
    mostParts: Math.min(of.thereL / partL, mostOf(of) * IN_ALL + 1e-9),
  }))
  const best: (Tried | undefined)[] = leaves.map(() => undefined)
  const purpose = PURPOSES.find(({ id }) => id === wanted.purposeId)!
  for (const kinds of kindsOf(ready, KINDS_MOST)) {
    const asks = leaves.map((_, at) => kinds.every(({ may }) => may[at]))
    if (!asks.includes(true)) continue
    for (const shares of SHARES[kinds.length - 1]!) {
      if (kinds.some(({ mostParts }, at) => shares[at]! > mostParts)) continue
      const sums = { ...NO_SUMS }
      let points = WEIGHS.kind * kinds.length
      kinds.forEach((one, at) => {
        addTimes(sums, one.sums, shares[at]!)
        points += one.burden * shares[at]! / IN_ALL
      })
      const most = Math.max(...best.map((one, at) => asks[at] ? one?.points ?? Infinity : -Infinity))
      if (points >= most) continue
      points += pointsOf(mixFrom(sums, wanted.handling), purpose, wanted.heightM, most - points)
      leaves.forEach((_, at) => {
        if (asks[at] && points < (best[at]?.points ?? Infinity) - 1e-9)
          best[at] = { mixed: kinds.map(({ of }, kind) => ({ of, litres: partL * shares[kind]! })), points }
      })
    }
  }
  return best
}

/** Half containers of each, enough for what is wanted, as far as what is there goes. */
export function inContainers(mixed: readonly MixedIn[], wanted: Wanted, container: Pick<ContainerThen, 'volumeL'>): readonly MixedIn[] {
  const made = mixedOf(mixed, wanted.handling)
  const grow = made.ok ? wanted.litres / made.value.litres : 1
  return mixed.map(({ of, litres }) => {
    const halves = Math.max(1, Math.round(2 * litres * grow / container.volumeL + 0.2))
    return { of, litres: Math.min(halves * container.volumeL / 2, of.thereL) }
  })
}

/** The largest of one's containers that such a mix is counted in by several, else a litre. */
export function containerForMix(litres: number, containers: readonly ContainerThen[], smallest: ContainerThen): ContainerThen {
  return containers.filter(({ volumeL }) => containersFor(litres, { ...smallest, volumeL }) >= IN_ALL / 2)
    .reduce((largest, one) => one.volumeL > largest.volumeL ? one : largest, smallest)
}

/**
 * Two or three mixes for what is wanted out of what is offered: the best, one with nothing bought, and one that does without what the best
 * has most of. In half containers.
 * @param wanted litres above 0. @returns the best first; a failure where nothing that is here may go into such a mix.
 */
export function proposeMixes(
  offered: readonly Offered[], wanted: Wanted, container: ContainerThen,
): Outcome<readonly ProposedMix[], 'nothing for it'> {
  const may = mostOfEach(offered)
  const [best, unbought] = bestOf(may, wanted, [() => true, ({ lotId }) => lotId !== undefined])
  if (!best) return fail('nothing for it')
  const main = best.mixed.reduce((most, one) => one.litres > most.litres ? one : most).of.materialId
  const [another] = bestOf(may, wanted, [({ materialId }) => materialId !== main])
  const ways: readonly (readonly [ProposedMix['id'], Tried | undefined])[] = [
    ['best', best], ['nothing-bought', unbought], ['another', another],
  ]
  const seen = new Set<string>()
  return ok(ways.flatMap(([id, way]): ProposedMix[] => {
    const parts = way && inContainers(way.mixed, wanted, container)
    const made = parts && mixedOf(parts, wanted.handling)
    const key = way?.mixed.map(({ of, litres }) => `${of.id} ${litres}`).join() ?? ''
    if (!parts || !made?.ok || seen.has(key)) return []
    seen.add(key)
    return [{
      id, parts, mix: made.value, verdicts: verdictsOn(made.value, wanted.purposeId, wanted.heightM),
      boughtL: parts.reduce((sum, { of, litres }) => sum + (of.lotId === undefined ? litres : 0), 0),
    }]
  }))
}

/** What a part does for a mix: which scale would miss more without it. */
export function roleOf(parts: readonly MixedIn[], of: Offered, { purposeId, heightM, handling }: Wanted): Scale | undefined {
  const [whole, without] = [mixedOf(parts, handling), mixedOf(parts.filter(one => one.of.id !== of.id), handling)]
  if (!whole.ok || !without.ok) return undefined
  const [now, then] = [whole.value, without.value].map(mix => verdictsOn(mix, purposeId, heightM))
  const gains = now!.map((verdict, at) => ({ scale: verdict.scale, gain: missOf(then![at]!) - missOf(verdict) }))
  const most = gains.reduce((best, one) => one.gain > best.gain ? one : best)
  return most.gain > 0.01 ? most.scale : undefined
}

/** The one change that helps most: so much more, less, or of something new. */
export interface SmallestChange { readonly of: Offered, readonly byL: number, readonly after: readonly ScaleVerdict[] }

/** The single step of a container, or of half a one, after which least is missed; nothing where none helps by much or nothing is missed. */
export function smallestChange(
  parts: readonly MixedIn[], offered: readonly Offered[], wanted: Wanted, container: Pick<ContainerThen, 'volumeL'>,
): SmallestChange | undefined {
  const miss = (mixed: readonly MixedIn[]) => {
    const made = mixedOf(mixed, wanted.handling)
    if (!made.ok) return undefined
    const verdicts = verdictsOn(made.value, wanted.purposeId, wanted.heightM)
    return { verdicts, sum: verdicts.reduce((sum, one) => sum + missOf(one), 0) }
  }
  const now = miss(parts)
  if (!now || now.sum < 0.01) return undefined
  const here = (of: Offered) => parts.find(one => one.of.id === of.id)?.litres ?? 0
  const may = offered.filter(of => (of.refused === undefined && of.composition.length > 0) || here(of) > 0)
  const steps = may.flatMap(of => [0.5, 1, 2, -0.5, -1, -2].map(count => ({ of, byL: count * container.volumeL })))
    .filter(({ of, byL }) => here(of) + byL >= -1e-9 && here(of) + byL <= of.thereL && (byL < 0 || of.refused === undefined))
  const changes = steps.flatMap(({ of, byL }) => {
    const rest = parts.filter(one => one.of.id !== of.id)
    const after = miss(here(of) + byL > 1e-9 ? [...rest, { of, litres: here(of) + byL }] : rest)
    // Half a container less is worth more than two more, where both help alike.
    return after ? [{ of, byL, after: after.verdicts, left: after.sum + 0.02 * Math.abs(byL) / container.volumeL }] : []
  })
  const best = changes.reduce<(typeof changes)[number] | undefined>((one, other) => !one || other.left < one.left ? other : one, undefined)
  return best && best.left < now.sum * 0.9 ? { of: best.of, byL: best.byL, after: best.after } : undefined
}

/** Litres of mix that fill what is wanted; for pots with a tenth to spare. */
export const meshOf = (purposeId: PurposeId): number => PURPOSES.find(({ id }) => id === purposeId)!.throughMm
