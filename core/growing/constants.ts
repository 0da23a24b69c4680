import { constants, of, table } from '../constants/constants'
import type { GrowingPart } from '../materials/material'

/** Growing mixes: every number they take from outside. */
export const GROWING = constants('Growing mixes', {
  fills: of(0.5, 0.3, 0.6, 'share', 'of the product of stony and other parts: fine grains fill the voids of coarse ones; assumption'),
  handling: of(0.03, 0, 0.08, 'share', 'settles when it is shovelled and wetted; assumption, until own mixes are measured'),
  unmeasured: of(0.33, 0.2, 0.4, 'share', 'air and water of a part that nobody measured may be other by so much; practice'),
  handlingMost: of(0.08, 0.06, 0.1, 'share', 'more than this nothing settles by handling; practice'),
  potFilled: of(0.84, 0.78, 0.9, 'share', 'of a pot to its rim: room for watering is left, 0.36 of 0.43 L; practice'),
  fineMm: of(8, 6, 10, 'mm', 'coarse leaf mould that went through this holds water as fine does; own estimate'),
  seedGradeMm: of(6, 5, 6, 'mm', 'what went through this is kept for seeds where it can be; practice'),
  asIsMm: of(12, 10, 15, 'mm', 'up to this mesh a mix may be unsieved; practice'),
  spare: of(0.1, 0.05, 0.15, 'share', 'made beyond what the pots take; practice'),
})

/**
 * What mixes are made of, each as it is used: moist, sieved, ripe. Shares of its volume. Salts in a saturated extract.
 * Ranges are a third to either side unless somebody measures.
 */
export const PARTS = table('Parts of a growing mix', {
  pores: ['share', 'of its volume; growers\' practice, rounded'],
  waterAt10: ['share', 'of its volume, held against 10 cm of suction; growers\' practice, rounded'],
  waterAt50: ['share', 'of its volume, held against 50 cm of suction; growers\' practice, rounded'],
  salts: ['mS/cm', 'in a saturated extract, low and high; growers\' practice, rounded'],
  kgL: ['kg/L', 'moist; practice'],
  most: ['share', 'no more of it by volume; practice'],
}, [
  { id: 'compost', pores: 0.72, waterAt10: 0.55, waterAt50: 0.40, salts: [2, 8], kgL: 0.65, most: 0.5, stony: false },
  { id: 'castings', pores: 0.75, waterAt10: 0.60, waterAt50: 0.45, salts: [1.5, 5], kgL: 0.65, most: 0.2, stony: false },
  { id: 'leaf-mould-fine', pores: 0.84, waterAt10: 0.62, waterAt50: 0.42, salts: [0.3, 1.2], kgL: 0.40, most: 1, stony: false },
  { id: 'leaf-mould-coarse', pores: 0.88, waterAt10: 0.48, waterAt50: 0.32, salts: [0.3, 1], kgL: 0.28, most: 1, stony: false },
  { id: 'tower-compost', pores: 0.80, waterAt10: 0.62, waterAt50: 0.44, salts: [0.5, 2], kgL: 0.45, most: 0.7, stony: false },
  { id: 'char', pores: 0.82, waterAt10: 0.48, waterAt50: 0.38, salts: [0.5, 3], kgL: 0.35, most: 0.1, stony: false },
  { id: 'loam', pores: 0.50, waterAt10: 0.40, waterAt50: 0.32, salts: [0.3, 1], kgL: 1.15, most: 0.6, stony: false },
  { id: 'sand', pores: 0.40, waterAt10: 0.24, waterAt50: 0.08, salts: [0.1, 0.1], kgL: 1.55, most: 0.4, stony: true },
  { id: 'grit', pores: 0.42, waterAt10: 0.08, waterAt50: 0.05, salts: [0.1, 0.1], kgL: 1.5, most: 0.4, stony: true },
  { id: 'coir', pores: 0.93, waterAt10: 0.70, waterAt50: 0.42, salts: [0.3, 2], kgL: 0.35, most: 1, stony: false },
  { id: 'bark', pores: 0.80, waterAt10: 0.42, waterAt50: 0.32, salts: [0.3, 1], kgL: 0.40, most: 0.5, stony: false },
  { id: 'perlite', pores: 0.75, waterAt10: 0.28, waterAt50: 0.20, salts: [0.1, 0.1], kgL: 0.2, most: 0.4, stony: true },
] as const)
export type PartId = GrowingPart

/** What a mix is for, and what it must then be. Air and easily taken water as shares of its volume. */
export const PURPOSES = table('What a growing mix is for', {
  air: ['share', 'at 10 cm of suction, from and to; De Boodt and Verdonck 1972, practice'],
  easyWater: ['share', 'held between 10 and 50 cm, from and to; De Boodt and Verdonck 1972, practice'],
  salts: ['mS/cm', 'from and to; Warncke\'s classes for saturated extracts, as in practice'],
  throughMm: ['mm', 'the coarsest mesh that its parts may have gone through; practice'],
}, [
  { id: 'seeds', air: [0.15, 0.3], easyWater: [0.2, 0.3], salts: [0, 1], throughMm: 6 },
  { id: 'small-pots', air: [0.15, 0.3], easyWater: [0.2, 0.3], salts: [0.7, 2], throughMm: 10 },
  { id: 'tubs', air: [0.15, 0.35], easyWater: [0.2, 0.3], salts: [1, 3.5], throughMm: 12 },
  { id: 'raised-bed', air: [0.1, 0.25], easyWater: [0.15, 0.3], salts: [0.7, 3.5], throughMm: 20 },
] as const)
export type PurposeId = typeof PURPOSES[number]['id']

/** Pots by their usual measures inside, metres. Trays and boxes are as wide below as above. */
export const POTS = table('Pots by their usual measures', {
  topM: ['m', 'across at the rim; usual measure'],
  bottomM: ['m', 'across at the bottom; usual measure'],
  heightM: ['m', 'inside; usual measure'],
}, [
  { id: 'pot-9', topM: 0.09, bottomM: 0.065, heightM: 0.09 },
  { id: 'pot-11', topM: 0.11, bottomM: 0.08, heightM: 0.1 },
  { id: 'pot-15', topM: 0.15, bottomM: 0.11, heightM: 0.13 },
  { id: 'pot-20', topM: 0.2, bottomM: 0.15, heightM: 0.17 },
  { id: 'tub-30', topM: 0.3, bottomM: 0.24, heightM: 0.28 },
] as const)

/** What weighs how much where a mix is put together. */
export const WEIGHS = constants('Putting a growing mix together', {
  miss: of(100, 60, 150, 'points', 'a scale missed by the width of what is good; choice'),
  edge: of(6, 2, 12, 'points', 'a scale that is good by a hair; choice'),
  bought: of(25, 10, 40, 'points', 'all of it bought; choice'),
  unsieved: of(4, 2, 8, 'points', 'all of it still to be sieved; choice'),
  precious: of(20, 10, 30, 'points', 'all of it of what is better kept for seeds; choice'),
  doubt: of(25, 15, 40, 'points', 'all of it under a doubt; choice'),
  kind: of(0.4, 0.2, 1, 'points', 'each part more; choice'),
})
