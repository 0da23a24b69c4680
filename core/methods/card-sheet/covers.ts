import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { mulchKindOf, type MulchKind } from '../../mulch/kinds'
import { table } from '../../constants/constants'

/** What a sheet is covered with, so that it stays dark, damp and down. */
export const COVERS = table('Covers of a sheet', {
  usualM: ['m', 'as spread; practice'],
}, [
  { id: 'compost', label: 'compost', materialId: 'compost-finished', kindId: 'compost', usualM: 0.06 },
  { id: 'chips', label: 'wood chips', materialId: 'wood-chips', kindId: 'chips', usualM: 0.07 },
  { id: 'leaves', label: 'shredded leaves', materialId: 'leaves-shredded', kindId: 'leaves', usualM: 0.12 },
  { id: 'straw', label: 'straw', materialId: 'straw-wheat', kindId: 'straw', usualM: 0.15 },
  { id: 'seaweed', label: 'seaweed and grass', materialId: 'seaweed', kindId: 'green-dry', usualM: 0.08 },
] as const)

/** A cover of this id, or compost: what it is, and how it lies and goes. */
export function coverOf(id: unknown): {
  readonly id: string
  readonly material: Material
  readonly kind: MulchKind
  readonly usualM: number
} {
  const cover = COVERS.find(one => one.id === id) ?? COVERS[0]
  return { id: cover.id, material: findMaterial(cover.materialId) as Material, kind: mulchKindOf(cover.kindId), usualM: cover.usualM }
}
