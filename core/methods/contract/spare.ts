import type { Material } from '../../materials/material'
import type { ContainerThen, Packing } from '../../units/container'

/** Something of a store that a remedy may take: so many containers of it are left. */
export interface Spare {
  readonly material: Material
  readonly container: ContainerThen
  readonly packing: Packing
  readonly count: number
}
