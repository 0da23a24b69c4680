import type { Material } from '../material'
import { CHAR } from './char'
import { FEEDS } from './feeds'
import { FINISHED } from './finished'
import { GRASS } from './grass'
import { KITCHEN } from './kitchen'
import { LEAVES } from './leaves'
import { MANURES } from './manures'
import { MINERALS } from './minerals'
import { PAPER } from './paper'
import { PLANTS } from './plants'
import { STRAW } from './straw'
import { WOOD } from './wood'

/** Every material of the library, family by family, in the order a gardener meets them. */
export const LIBRARY: readonly Material[] = [
  ...LEAVES,
  ...GRASS,
  ...STRAW,
  ...PAPER,
  ...WOOD,
  ...KITCHEN,
  ...PLANTS,
  ...MANURES,
  ...FEEDS,
  ...FINISHED,
  ...MINERALS,
  ...CHAR,
]
