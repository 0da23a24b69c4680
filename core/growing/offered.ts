import type { StoredLot } from '../garden/store'
import type { Garden } from '../journal/garden'
import { rawOf } from '../lots/carried'
import { reactionOf, stuffOfMaterial, stuffReader, type Stuff } from '../lots/stuff'
import { doubtNotes, whyRaw } from '../lots/words'
import { A_START } from '../materials/char-state'
import type { MaterialBook } from '../materials/book'
import { compositionMemory, type Composition } from './composition'
import { GROWING, PURPOSES, type PurposeId } from './constants'

/** Something that a mix can be made of: a lot that lies in the store, or something to be fetched for it. */
export interface Offered {
  /** The lot, or the material where there is none. */
  readonly id: string
  readonly lotId?: string
  readonly materialId: string
  readonly name: string
  /** Litres there are of it; no end of what is fetched. */
  readonly thereL: number
  readonly composition: Composition
  readonly throughMm?: number
  /** Why it has no place in this mix, in a gardener's words. */
  readonly refused?: string
  /** What is to be minded of it. */
  readonly minded: readonly string[]
  /** It is under a doubt that a test could clear. */
  readonly doubtful: boolean
}

/** Why stuff must not go into a mix for this; nothing where it may. */
function refusal(stuff: Stuff, composition: Composition, purposeId: PurposeId): string | undefined {
  const { material, carried, char } = stuff
  const tender = purposeId === 'seeds' || purposeId === 'small-pots'
  const carries = (risk: string) => carried.some(one => one.risk === risk)
  if (carried.some(({ risk, found }) => risk === 'weedkiller' && found)) return 'Beans found weedkiller in it.'
  if (rawOf(carried).length > 0) return `${whyRaw(carried)} Through a heap with it first: no pots.`
  if (composition.length === 0) {
    return material.family === 'char'
      ? 'Raw char takes the food from what is potted: charge it first.'
      : 'It is not ripe: it would take the food from what is potted.'
  }
  if (char && char.charged < A_START) return 'Its char is as good as raw: charge it first.'
  if (purposeId !== 'raised-bed' && (carries('seeds') || carries('sickness'))) return 'Weed seeds or sickness may be alive in it.'
  if (tender && carries('juglone')) return 'There is walnut in it: not for seedlings until cress grows well in it.'
  if (tender && reactionOf(stuff) === 'ash') return 'There is ash in it, as sharp as lime.'
  return undefined
}

/** What is fetched for mixes where it does not lie in the store. */
export function isFetched(materialId: string, book: MaterialBook): boolean {
  const material = book.find(materialId)
  return material?.growsAs !== undefined && (material.family === 'mineral' || material.family === 'wood')
}

function offeredOf(stuff: Stuff, composition: Composition, purposeId: PurposeId): Pick<Offered, 'composition' | 'minded' | 'doubtful'>
  & { readonly throughMm?: number, readonly refused?: string } {
  const refused = refusal(stuff, composition, purposeId)
  return {
    composition, minded: doubtNotes(stuff.carried), doubtful: stuff.carried.length > 0,
    ...(stuff.throughMm === undefined ? {} : { throughMm: stuff.throughMm }),
    ...(refused === undefined ? {} : { refused }),
  }
}

/** Whether somebody may think of it for pots: what was made, char, and what opens a mix. */
const thoughtOf = ({ material }: StoredLot, composition: Composition) =>
  composition.length > 0 || material.family === 'char' || (material.family === 'finished' && material.spreading !== 'not')

/** What lies in the store for a mix, and what is fetched for one, each with why it may not; the lots first, as they are given. */
export function offeredFor(
  stored: readonly StoredLot[], garden: Garden, book: MaterialBook, now: Date, purposeId: PurposeId,
): readonly Offered[] {
  const [read, made] = [stuffReader(garden, book, now), compositionMemory(garden, book)]
  const lots = stored.flatMap((one): Offered[] => {
    const [stuff, composition] = [read(one.lot), made.ofLot(one.lot.id)]
    return stuff && thoughtOf(one, composition)
      ? [{
          id: one.lot.id, lotId: one.lot.id, materialId: one.material.id, name: one.lot.called ?? one.material.short,
          thereL: one.leftLooseL,
          ...offeredOf(stuff, composition, purposeId),
        }]
      : []
  })
  const fetched = book.all
    .filter(({ id }) => isFetched(id, book) && !lots.some(({ materialId }) => materialId === id))
    .map((material): Offered => ({
      id: material.id, materialId: material.id, name: material.short, thereL: Infinity,
      ...offeredOf(stuffOfMaterial(material, []), material.growsAs ? [{ partId: material.growsAs, share: 1 }] : [], purposeId),
    }))
  return [...lots, ...fetched]
}

/** Whether it is to be sieved before it goes into a mix for this. */
export function needsSieve({ throughMm, composition }: Pick<Offered, 'throughMm' | 'composition'>, purposeId: PurposeId): boolean {
  const { throughMm: mostMm } = PURPOSES.find(({ id }) => id === purposeId)!
  const grit = composition.every(({ partId }) => partId === 'sand' || partId === 'perlite' || partId === 'grit')
  return !grit && (throughMm === undefined ? mostMm < GROWING.asIsMm : throughMm > mostMm + 1e-9)
}
