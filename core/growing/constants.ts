import { constants, of, table } from '../constants/constants'

/** Growing mixes: every number they take from outside. */
export const GROWING = constants('Growing mixes', {
  fills: of(0.5, 0.3, 0.6, 'share', 'of the product of stony and other parts: fine grains fill the voids of coarse ones; assumption'),
  handling: of(0.03, 0, 0.08, 'share', 'settles when it is shovelled and wetted; assumption, until own mixes are measured'),
  potFilled: of(0.84, 0.78, 0.9, 'share', 'of a pot to its rim: room for watering is left, 0.36 of 0.43 L; practice'),
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
}, [
  { id: 'compost', pores: 0.72, waterAt10: 0.55, waterAt50: 0.40, salts: [2, 8], kgL: 0.65, stony: false },
  { id: 'castings', pores: 0.75, waterAt10: 0.60, waterAt50: 0.45, salts: [1.5, 5], kgL: 0.65, stony: false },
  { id: 'leaf-mould-fine', pores: 0.84, waterAt10: 0.62, waterAt50: 0.42, salts: [0.3, 1.2], kgL: 0.40, stony: false },
  { id: 'leaf-mould-coarse', pores: 0.88, waterAt10: 0.48, waterAt50: 0.32, salts: [0.3, 1], kgL: 0.28, stony: false },
  { id: 'tower-compost', pores: 0.80, waterAt10: 0.62, waterAt50: 0.44, salts: [0.5, 2], kgL: 0.45, stony: false },
  { id: 'char', pores: 0.82, waterAt10: 0.48, waterAt50: 0.38, salts: [0.5, 3], kgL: 0.35, stony: false },
  { id: 'loam', pores: 0.50, waterAt10: 0.40, waterAt50: 0.32, salts: [0.3, 1], kgL: 1.15, stony: false },
  { id: 'sand', pores: 0.40, waterAt10: 0.24, waterAt50: 0.08, salts: [0.1, 0.1], kgL: 1.55, stony: true },
  { id: 'grit', pores: 0.42, waterAt10: 0.08, waterAt50: 0.05, salts: [0.1, 0.1], kgL: 1.5, stony: true },
  { id: 'coir', pores: 0.93, waterAt10: 0.70, waterAt50: 0.42, salts: [0.3, 2], kgL: 0.35, stony: false },
  { id: 'bark', pores: 0.80, waterAt10: 0.42, waterAt50: 0.32, salts: [0.3, 1], kgL: 0.40, stony: false },
  { id: 'perlite', pores: 0.75, waterAt10: 0.28, waterAt50: 0.20, salts: [0.1, 0.1], kgL: 0.2, stony: true },
] as const)
export type PartId = typeof PARTS[number]['id']

/** What a mix is for, and what it must then be. Air and easily taken water as shares of its volume. */
export const PURPOSES = table('What a growing mix is for', {
  air: ['share', 'at 10 cm of suction, from and to; De Boodt and Verdonck 1972, practice'],
  easyWater: ['share', 'held between 10 and 50 cm, from and to; De Boodt and Verdonck 1972, practice'],
  salts: ['mS/cm', 'from and to; Warncke\'s classes for saturated extracts, as in practice'],
  throughMm: ['mm', 'the coarsest mesh that its parts may have gone through; practice'],
}, [
  { id: 'seeds', air: [0.15, 0.3], easyWater: [0.2, 0.3], salts: [0, 1], throughMm: 6 },
  { id: 'small-pots', air: [0.15, 0.3], easyWater: [0.2, 0.3], salts: [0.3, 2], throughMm: 10 },
  { id: 'tubs', air: [0.15, 0.35], easyWater: [0.2, 0.3], salts: [1, 3.5], throughMm: 12 },
  { id: 'raised-bed', air: [0.1, 0.25], easyWater: [0.15, 0.3], salts: [0, 3.5], throughMm: 20 },
] as const)
export type PurposeId = typeof PURPOSES[number]['id']
