import { addDays, addMonths, addYears, endOfMonth, getMonth, startOfMonth, subDays } from 'date-fns'
import type { Bed } from '../beds/bed'
import type { BedHistory } from '../beds/history'
import { doseFor, type Asked } from '../beds/spreading'
import type { KeptMix } from '../growing/plan'
import { wantedL } from '../growing/plan'
import type { Garden } from '../journal/garden'
import { NOTHING_CARRIED } from '../lots/carried'
import { stuffOfMaterial } from '../lots/stuff'
import type { MaterialBook } from '../materials/book'
import type { Purpose } from '../methods/contract'
import { purposeName } from '../bench/choosing'
import { amountVolumeL } from '../units/container'
import { constants, of } from '../constants/constants'
import { capital } from '../units/plural'
import { dayOf, noonOf, type Need } from './need'
import { servesOf } from './serves'

/** Needs that need only be agreed to: from what was done last year, what beds want, and own recipes. */
export interface ProposedNeed extends Omit<Need, 'id'> {
  /** Why, in a few words: "last April". */
  readonly because: string
}

export const PROPOSALS = constants('Needs that propose themselves', {
  backDays: of(395, 365, 425, 'd', 'looked back on: a year and a month; choice'),
  leastL: of(5, 2, 10, 'L', 'less is no need to plan for; choice'),
  sameDays: of(35, 20, 45, 'd', 'between two needs for the same thing: they are one; choice'),
  sowWeeks: of(8, 6, 10, 'weeks', 'before the last frost seeds are sown under cover; practice'),
})

/** In which order a use is told apart: what is rare first. */
const TOLD: readonly Purpose[] = ['lasting', 'feeding', 'beds', 'mulch']

/** Something that was used: for what, how much, as which stuff, on which bed. */
export interface Done {
  readonly at: string
  readonly purpose: Purpose
  readonly litres: number
  readonly materialId?: string
  readonly bedId?: string
}

/** What went onto beds and into mixes within a year, by what it was for. */
export function doneLately({ spreads, makings, lots }: Garden, book: MaterialBook, now: Date): Done[] {
  const since = subDays(now, PROPOSALS.backDays).toISOString()
  const onBeds = spreads.filter(({ at }) => at >= since && at <= now.toISOString()).flatMap((one): Done[] => {
    const lot = one.lotId === undefined ? undefined : lots.get(one.lotId)
    const material = book.find(lot?.materialId ?? one.materialId ?? '')
    const serves = material ? servesOf(material, lot?.char) : one.batchId === undefined ? [] : (['feeding'] as const)
    const purpose = TOLD.find(each => (serves as readonly Purpose[]).includes(each))
    if (!purpose) return []
    return [{
      at: one.at, purpose, litres: one.litres, ...(material ? { materialId: material.id } : {}),
      ...(one.bedId === undefined ? {} : { bedId: one.bedId }),
    }]
  })
  const mixed = makings.filter(({ at, how }) => how === 'mixed' && at >= since && at <= now.toISOString()).flatMap((one): Done[] =>
    one.products.map(({ amount, lotId }): Done => ({
      at: one.at, purpose: lots.get(lotId)?.purpose === 'seeds' ? 'seeds' : 'potting', litres: amountVolumeL(amount),
    })))
  return [...onBeds, ...mixed]
}

/** A month of the year to come that begins no earlier than this one. */
function nextMonth(month: number, now: Date): { readonly from: string, readonly to: string } {
  const this_ = startOfMonth(now)
  const first = addMonths(this_, (month - getMonth(now) + 12) % 12)
  return { from: dayOf(first), to: dayOf(endOfMonth(first)) }
}

/** What was done last year, month by month. */
export function asLastYear(garden: Garden, book: MaterialBook, now: Date): ProposedNeed[] {
  const groups = new Map<string, Done[]>()
  for (const one of doneLately(garden, book, now)) {
    const key = `${getMonth(new Date(one.at))} ${one.purpose}`
    groups.set(key, [...(groups.get(key) ?? []), one])
  }
  return [...groups.values()].flatMap((all): ProposedNeed[] => {
    const litres = Math.round(all.reduce((sum, one) => sum + one.litres, 0))
    if (litres < PROPOSALS.leastL) return []
    const month = getMonth(new Date(all[0]!.at))
    const { purpose } = all[0]!
    return [{
      name: capital(purposeName(purpose)), purpose, litres, yearly: true, because: 'as last year',
      ...nextMonth(month, now), bedIds: [...new Set(all.flatMap(({ bedId }) => bedId === undefined ? [] : [bedId]))],
    }]
  })
}

/** What beds are asked about: each with its history, and all that is weighed for a dose. */
export interface BedsAsked {
  readonly beds: readonly { readonly bed: Bed, readonly history: BedHistory }[]
  readonly around: Pick<Asked, 'school' | 'units'>
  /** Month of the northern year, 1 to 12, of a moment. */
  readonly seasonMonthOf: (at: Date) => number
}

/** What the beds want of a material on a day, by their doses: those that take it, and the litres together. */
function bedsWant(
  materialId: string, at: Date, { beds, around, seasonMonthOf }: BedsAsked, book: MaterialBook,
): { readonly litres: number, readonly bedIds: readonly string[] } {
  const material = book.find(materialId)
  if (!material) return { litres: 0, bedIds: [] }
  const doses = beds.flatMap(({ bed, history }) => {
    const dose = doseFor({
      ...stuffOfMaterial(material, NOTHING_CARRIED), ...around, bed, history, now: at, seasonMonth: seasonMonthOf(at),
    })
    return dose.ok && dose.value.usualL > 0 ? [{ bed, litres: dose.value.usualL }] : []
  })
  return { litres: Math.round(doses.reduce((sum, one) => sum + one.litres, 0)), bedIds: doses.map(({ bed }) => bed.id) }
}

/** So many months after the last frost it is autumn. */
const AUTUMN_MONTHS = 6
/** The stuff by which a bed's wants are told. */
const FOR_BEDS = [
  { purpose: 'beds', materialId: 'compost-finished', name: 'Compost for the beds', season: 'spring' },
  { purpose: 'mulch', materialId: 'leaf-mould-coarse', name: 'Mulch for the beds', season: 'autumn' },
  { purpose: 'lasting', materialId: 'char-charged', name: 'Char for the beds', season: 'autumn' },
] as const

/** What the beds will want in spring and in autumn, by their doses. @param frost the next spring's last frost. */
export function asBedsWant(asked: BedsAsked, frost: Date, book: MaterialBook, now: Date): ProposedNeed[] {
  return FOR_BEDS.flatMap(({ purpose, materialId, name, season }): ProposedNeed[] => {
    const spring = getMonth(frost)
    const month = season === 'spring' ? spring : (spring + AUTUMN_MONTHS) % 12
    const days = nextMonth(month, now)
    const { litres, bedIds } = bedsWant(materialId, new Date(`${days.from}T12:00:00`), asked, book)
    return litres < PROPOSALS.leastL
      ? []
      : [{ name, purpose, litres, yearly: true, ...days, bedIds: [...bedIds], because: 'by the doses of your beds' }]
  })
}

/** What of own recipes has to come out of this garden, each part by itself; what is always bought is left out. */
export function asRecipesWant(mixes: readonly KeptMix[], frost: Date, book: MaterialBook, now: Date): ProposedNeed[] {
  const sowing = addDays(frost, -7 * PROPOSALS.sowWeeks)
  const next = sowing < now ? addYears(sowing, 1) : sowing
  return mixes.flatMap((mix) => {
    const whole = mix.parts.reduce((sum, { litres }) => sum + litres, 0)
    return mix.parts.flatMap(({ materialId, litres }): ProposedNeed[] => {
      const material = book.find(materialId)
      const wanted = whole > 0 ? Math.round(wantedL(mix) * litres / whole) : 0
      if (!material || material.family !== 'finished' || wanted < 1) return []
      return [{
        name: `${material.name} for ${mix.called}`.slice(0, 80), purpose: mix.purposeId === 'seeds' ? 'seeds' : 'potting', materialId,
        litres: wanted, yearly: true, ...nextMonth(getMonth(next), now), bedIds: [], because: `your recipe “${mix.called}”`,
      }]
    })
  })
}

/** A day so many times the span in which two needs are taken for one from another. */
const about = (day: string, times: number) => dayOf(addDays(noonOf(day), times * PROPOSALS.sameDays))

/** Those that say nothing a need says already: the same for the same beds, or the same stuff for the same thing at about the same time. */
export function notSaidYet(proposed: readonly ProposedNeed[], needs: readonly Need[]): ProposedNeed[] {
  const says = (need: Omit<Need, 'id'>, one: ProposedNeed) =>
    need.purpose === one.purpose && need.materialId === one.materialId
    && ((need.from <= about(one.to, 1) && need.to >= about(one.from, -1)) || need.bedIds.some(id => one.bedIds.includes(id)))
  return proposed.filter((one, index) =>
    !needs.some(need => says(need, one)) && !proposed.slice(0, index).some(earlier => says(earlier, one)))
}

/**
 * Litres of each need that were used for it already, in its season or shortly before: for its beds, where it names some, else
 * wherever it was. What was used counts for one need, the earliest; no need has more of it than it wants.
 */
export function hadAlready(needs: readonly Need[], done: readonly Done[]): ReadonlyMap<string, number> {
  const had = new Map<string, number>()
  const isFor = ({ purpose, materialId, bedIds, from, to }: Need, one: Done) => {
    const day = one.at.slice(0, 10)
    return purpose === one.purpose && day >= about(from, -1) && day <= to && (materialId === undefined || materialId === one.materialId)
      && (bedIds.length === 0 || (one.bedId !== undefined && bedIds.includes(one.bedId)))
  }
  for (const one of done) {
    let litres = one.litres
    for (const need of needs) {
      if (!isFor(need, one)) continue
      const takes = Math.min(litres, need.litres - (had.get(need.id) ?? 0))
      had.set(need.id, (had.get(need.id) ?? 0) + takes)
      litres -= takes
    }
  }
  return had
}
