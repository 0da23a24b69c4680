import type { Batch, Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { amountVolumeL } from '../units/container'
import { LOTS } from './constants'
import { litresOf, meanOf, remember, type Memory, type Trait } from './lineage'

const outOf = ({ takings }: Pick<Batch, 'takings'>) =>
  takings.flatMap(({ products }) => products).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)

/**
 * Something that does not decay: in a mix it is thinned, and of a batch all of it comes out. Reckoned by what went in and what came
 * out; of a batch still at work by what usually comes out.
 */
function keptShare(isIt: (material: Material) => boolean): Trait<number> {
  const plain = (material: Material | undefined) => material && isIt(material) ? 1 : 0
  return {
    gathered: plain,
    made: (parts, litres) => meanOf(parts, litres > 0 ? litres : litresOf(parts)),
    grown: (parts, batch) => meanOf(parts, batch.ended ? outOf(batch) : Math.max(outOf(batch), litresOf(parts) * LOTS.usuallyLeft)),
    // Ash that comes out of a burn of char is ash, and what comes out as char is char, whatever is known of what went in.
    said: (value, _, material) => material?.family === 'mineral' ? plain(material) : value > 0 ? value : plain(material),
  }
}

const CHAR = keptShare(({ family }) => family === 'char')
const ASH = keptShare(({ reaction }) => reaction === 'ash')

/** Litres of char in each litre, 0 to 1: char itself, compost of a heap that char went into, mixes made of either. */
export const charMemory = (garden: Garden, book: MaterialBook): Memory<number> => remember(CHAR, garden, book)

/** Litres of ash in each litre, 0 to 1. */
export const ashMemory = (garden: Garden, book: MaterialBook): Memory<number> => remember(ASH, garden, book)

/** Litres of char that went into a batch: char does not decay, so as much is in what comes out. */
export function charInBatchL(garden: Garden, batch: Pick<Batch, 'puts'>, book: MaterialBook): number {
  return charMemory(garden, book).intoBatch(batch).reduce((sum, part) => sum + part.value * part.litres, 0)
}
