import type { Material } from '../../../materials/material'
import { typicalTotals } from '../../../mix/balance'
import { portionOf, type Ingredient, type Portion } from '../../../mix/portion'
import type { Totals } from '../../../mix/totals'
import { amountVolumeL, containerText } from '../../../units/container'
import { quantityText } from '../../../units/format'
import type { Remedy, RemedyPart, Spare } from '../../contract'
import type { HeapSupposed } from '../../heated/expected'
import { TURNED } from '../../heated/words'
import { leftAloneDays } from '../expect'
import type { Facts, HeapToday } from './facts'
import { HOT } from '../constants'

/** A heap with more worked in. */
function withMore(heap: HeapToday, more: Totals): { readonly moisture: number, readonly carbonToNitrogen: number } {
  const waterKg = heap.waterKg + more.waterKg
  const dryKg = heap.dryKg + more.wetMassKg - more.waterKg
  return { moisture: waterKg / (waterKg + dryKg), carbonToNitrogen: (heap.carbonKg + more.carbonKg) / (heap.nitrogenKg + more.nitrogenKg) }
}

const portionsOf = (material: Material, { container, packing }: Spare, count: number): Portion =>
  portionOf({ material, amount: { count, container, packing } } satisfies Ingredient)

/** The fewest whole containers of one thing that bring the heap where it should be; nothing when even many would not. */
function countFor(
  heap: HeapToday, spare: Spare, there: (after: { readonly moisture: number, readonly carbonToNitrogen: number }) => boolean,
): number | undefined {
  for (let count = 1; count <= HOT.mostContainers; count++) {
    if (there(withMore(heap, typicalTotals([portionsOf(spare.material, spare, count)])))) return count
  }
  return undefined
}

type Reached = Parameters<typeof countFor>[2]

/**
 * What helps most first, each as far as the store goes; what is then still missing, of the first, has to be fetched. Nothing
 * when even that would not do.
 */
function togetherFrom(heap: HeapToday, spares: readonly Spare[], there: Reached): RemedyPart[] | undefined {
  const parts: RemedyPart[] = []
  let known = heap
  for (const spare of spares) {
    const most = Math.floor(spare.count + 0.25)
    if (most < 1) continue
    const enough = countFor(known, spare, there)
    const count = Math.min(most, enough ?? most)
    parts.push({
      materialId: spare.material.id, short: spare.material.short, amount: { count, container: spare.container, packing: spare.packing },
      inStore: spare.count,
    })
    if (enough !== undefined && enough <= most) return parts
    const more = typicalTotals([portionsOf(spare.material, spare, count)])
    known = {
      ...known,
      waterKg: known.waterKg + more.waterKg,
      dryKg: known.dryKg + more.wetMassKg - more.waterKg,
      carbonKg: known.carbonKg + more.carbonKg,
      nitrogenKg: known.nitrogenKg + more.nitrogenKg,
    }
  }
  const [best] = spares
  const missing = best && countFor(known, best, there)
  if (!best || missing === undefined) return undefined
  const rest = parts.filter(({ materialId }) => materialId !== best.material.id)
  const own = parts.find(({ materialId }) => materialId === best.material.id)?.amount.count ?? 0
  return [
    {
      materialId: best.material.id, short: best.material.short,
      amount: { count: own + missing, container: best.container, packing: best.packing }, inStore: best.count,
    },
    ...rest,
  ]
}

/** What to work in at one turning, and how many turnings it takes. */
export interface Enough { readonly parts: readonly RemedyPart[], readonly turnings: number }

/** No more than a third of a heap can be worked in at once: what is more is shared out over as many turnings. */
function atOnce({ heap }: Facts, parts: readonly RemedyPart[]): Enough {
  const litres = parts.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  const turnings = Math.max(1, Math.ceil(litres / (HOT.workedInAtOnce * heap.volumeL)))
  const share = (count: number) => Math.max(1, Math.round(count / turnings))
  return turnings === 1
    ? { parts, turnings }
    : { parts: parts.map(part => ({ ...part, amount: { ...part.amount, count: share(part.amount.count) } })), turnings }
}

/** What is there, or is to be had in this season: grass does not grow in the cold. */
const canBeHad = ({ count, material }: Spare, { now }: Facts) =>
  count > 0.25 || material.family !== 'grass' || now.ambientC >= HOT.grassGrowsC

/** What to work in and how much of it, in the store or to be had in this season; nothing where another way is better. */
export function enoughOf(facts: Facts, fits: (material: Material) => boolean, there: Reached): Enough {
  const spares = facts.spares.filter(spare => canBeHad(spare, facts))
  return atOnce(facts, partsFrom({ heap: facts.heap, spares }, fits, there))
}

/**
 * What to work in and how many containers: one thing from the store if there is enough of it, else several, else with what has
 * to be fetched.
 */
function partsFrom(
  { heap, spares }: Pick<Facts, 'heap' | 'spares'>, fits: (material: Material) => boolean, there: Reached,
): RemedyPart[] {
  const single = spares.filter(({ material }) => fits(material)).flatMap((spare) => {
    const count = countFor(heap, spare, there)
    return count === undefined ? [] : [{ spare, count, covered: spare.count >= count - 0.25 }]
  }).sort((a, b) => a.count * a.spare.container.volumeL - b.count * b.spare.container.volumeL)
  const asPart = ({ spare: { material, container, packing, count: inStore }, count }: (typeof single)[number]): RemedyPart => ({
    materialId: material.id, short: material.short, amount: { count, container, packing }, inStore,
  })
  const covered = single.find(one => one.covered)
  if (covered) return [asPart(covered)]
  const inOrder = single
    .map(({ spare }) => spare)
    .concat(spares.filter(spare => fits(spare.material) && !single.some(one => one.spare === spare)))
  return togetherFrom(heap, inOrder, there) ?? single.slice(0, 1).map(asPart)
}

const store = (part: RemedyPart) =>
  part.inStore >= part.amount.count - 0.25
    ? 'from the store'
    : part.inStore > 0.25
      ? `${containerText(Math.floor(part.inStore * 2) / 2, part.amount.container)} of it in the store`
      : 'not in the store'

/** A part as it is said: "3 buckets of grass (from the store)". */
function partText(part: RemedyPart): string {
  return `${containerText(part.amount.count, part.amount.container)} of ${part.short} (${store(part)})`
}

/** Parts as they are said one after the other. */
export function partsText(parts: readonly RemedyPart[]): string {
  const said = parts.map(partText)
  return said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said.at(-1)}` : said[0] ?? ''
}

/** The same, with what comes at the next turning. */
export function enoughText({ parts, turnings }: Enough): string {
  const again = turnings === 2 ? 'the next turning' : `each of the next ${turnings - 1} turnings`
  return `${partsText(parts)}${turnings > 1 ? `, and as much again at ${again}: more cannot be worked in at once` : ''}`
}

/** Water in the gardener's cans with litres beside it. */
export function waterText({ surroundings: { units, garden: { waterCan } } }: Facts, litres: number): string {
  return `${containerText(litres / waterCan.volumeL, waterCan)} of water (${quantityText('volume', units, litres)})`
}

/** Litres that bring the heap to a moisture; 0 when it is there. */
export function waterForL({ heap }: Facts, moisture: number): number {
  return Math.max(0, (moisture * (heap.waterKg + heap.dryKg) - heap.waterKg) / (1 - moisture))
}

/** What the model makes of a remedy: the warmest core of the next days with it and without it. */
function effectOf({ batch, surroundings, now, temperature }: Facts, supposed: readonly HeapSupposed[]): string | undefined {
  const courseWith = (what: readonly HeapSupposed[], days: number) => leftAloneDays(batch, surroundings, days, what)
  const warmest = (what: readonly HeapSupposed[]) => Math.max(...courseWith(what, Math.ceil(now.day + HOT.remedyDays))
    .filter(({ day }) => day > now.day + 0.5 && day <= now.day + HOT.remedyDays).map(({ coreC }) => coreC.typical))
  const [before, after] = [warmest([]), warmest(supposed)]
  if (!Number.isFinite(before) || !Number.isFinite(after)) return undefined
  if (Math.abs(after - before) < 2)
    return `It changes little: about ${temperature(after)} at the warmest within ${HOT.remedyDays} days either way.`
  return `Up to ${temperature(after)} within ${HOT.remedyDays} days. Left alone: ${temperature(before)}.`
}

/** A remedy with what it is expected to change. The heap is turned while things are worked in, unless said otherwise. */
export function remedyOf(
  facts: Facts, text: string,
  {
    parts = [], waterL = 0, turn = true, judged = true,
  }: { readonly parts?: readonly RemedyPart[], readonly waterL?: number, readonly turn?: boolean, readonly judged?: boolean } = {},
): Remedy {
  const at = facts.surroundings.now.toISOString()
  const adding = parts.flatMap((part): HeapSupposed[] => {
    const material = facts.surroundings.materials.find(part.materialId)
    return material ? [{ kind: 'add', at, portion: portionOf({ material, amount: part.amount }) }] : []
  })
  const supposed: HeapSupposed[] = [
    ...adding,
    ...(waterL > 0 ? [{ kind: 'water' as const, at, litres: waterL }] : []),
    ...(turn ? [{ kind: 'turn' as const, at }] : []),
  ]
  const effect = judged && supposed.length > 0 ? effectOf(facts, supposed) : undefined
  return { text, parts, waterL, deeds: turn ? [TURNED] : [], ...(effect ? { effect } : {}) }
}
