import type { Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { GrowingPart, Material } from '../materials/material'
import { amountVolumeL } from '../units/container'
import type { Range } from '../units/range'
import { SIEVING, USUALLY_THROUGH, type SievedKind } from './constants'

/** How coarse something is: the size that about two thirds of it go through, mm, and how many own sievings say so. */
export interface Coarseness { readonly sizeMm: Range, readonly sievings: number }

const KIND_OF: Readonly<Partial<Record<GrowingPart, SievedKind>>> = {
  'compost': 'compost', 'castings': 'castings', 'leaf-mould-fine': 'mould', 'leaf-mould-coarse': 'slow', 'tower-compost': 'tower',
}
/** By what it is known how much of a material goes through. */
export const sievedKind = ({ growsAs }: Pick<Material, 'growsAs'>): SievedKind => (growsAs && KIND_OF[growsAs]) ?? 'slow'

/** Share that goes through a mesh, 0 to 1, by Rosin and Rammler: 1 − exp(−(mesh ÷ size)ⁿ). */
export const throughShare = (meshMm: number, sizeMm: number): number => 1 - Math.exp(-((meshMm / sizeMm) ** SIEVING.spread))

/** The size by which so much goes through a mesh. @param share between 0 and 1. */
export const sizeFor = (meshMm: number, share: number): number =>
  meshMm / (-Math.log(1 - Math.min(0.99, Math.max(0.01, share)))) ** (1 / SIEVING.spread)

function usualSize(kind: SievedKind): Range {
  const { meshMm, low, high } = USUALLY_THROUGH.find(({ id }) => id === kind)!
  return { low: sizeFor(meshMm, high), typical: sizeFor(meshMm, (low + high) / 2), high: sizeFor(meshMm, low) }
}

/** What own sievings of a kind came to: the size of each, by what went through the finest mesh of all that came out. */
function ownSizes(kind: SievedKind, garden: Garden, book: MaterialBook): number[] {
  return garden.makings.filter(({ how }) => how === 'sieved').flatMap(({ draws, products }) => {
    const [first] = draws.flatMap(({ lotId }) => garden.lots.get(lotId) ?? [])
    const material = first && book.find(first.materialId)
    const meshes = products.flatMap(({ sieveMm }) => sieveMm ?? [])
    const outL = products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    // What was sieved before says nothing of how coarse it comes, and what left nothing on the sieve nothing of the mesh.
    if (!material || first.sieveMm !== undefined || sievedKind(material) !== kind || meshes.length === 0 || outL <= 0) return []
    const meshMm = Math.min(...meshes)
    const fineL = products.filter(({ sieveMm }) => sieveMm === meshMm).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    return fineL < outL ? [sizeFor(meshMm, fineL / outL)] : []
  })
}

/** How coarse a kind of stuff is: as is usual until something of it was sieved, from then on more and more as it was. */
export function coarsenessOf(kind: SievedKind, garden: Garden, book: MaterialBook): Coarseness {
  const usual = usualSize(kind)
  const own = ownSizes(kind, garden, book).map(Math.log)
  if (own.length === 0) return { sizeMm: usual, sievings: 0 }
  // Weighed by what is known of each: the usual by its own doubt, own ones by how they differ from one another.
  const [before, each] = [1 / SIEVING.doubt ** 2, 1 / SIEVING.ownDoubt ** 2]
  const weight = before + own.length * each
  const middle = (before * Math.log(usual.typical) + own.reduce((sum, one) => sum + each * one, 0)) / weight
  const off = Math.sqrt(1 / weight + SIEVING.ownDoubt ** 2)
  return { sizeMm: { low: Math.exp(middle - off), typical: Math.exp(middle), high: Math.exp(middle + off) }, sievings: own.length }
}
