import { material, type Material } from '../material'

/** Grass: see docs/models.md for where the figures come from. */
export const GRASS: readonly Material[] = [
  // 3.4 % N at C:N 17 would mean 58 % carbon; at 12 % ash about 46 % is possible, hence 2.7 % N.
  material({
    id: 'grass-clippings', name: 'Grass clippings, fresh', short: 'grass', family: 'grass',
    words: 'lawn clippings mowings cuttings cut green',
    nitrogenPct: [1.8, 2.7, 4.6], carbonToNitrogen: [9, 17, 25],
    moisturePct: [72, 82, 88], bulkKgM3: [150, 200, 350],
    ligninPctVs: 6, ashPct: 12, structure: 0, keepsDays: 2, worms: 'thin', months: [4, 5, 6, 7, 8, 9, 10],
    cautions: ['mats: shake it out thinly', 'heats and slimes in the sack within a day or two', 'none from lawns treated with weedkiller'],
  }),
  material({
    id: 'grass-dried', name: 'Grass clippings, dried', short: 'dried grass', family: 'grass',
    words: 'lawn clippings hay mowings dry',
    nitrogenPct: [1.5, 2.3, 3.3], carbonToNitrogen: [15, 20, 30],
    moisturePct: [10, 15, 25], bulkKgM3: [40, 60, 90],
    ligninPctVs: 6, ashPct: 12, structure: 1, keepsDays: 180, worms: 'yes', months: [5, 6, 7, 8, 9],
    cautions: [],
  }),
  material({
    id: 'lawn-moss', name: 'Lawn moss and thatch, raked out', short: 'moss and thatch', family: 'grass',
    words: 'scarifying scarified rakings dethatch thatch lawn sand',
    nitrogenPct: [0.9, 1.4, 2.0], carbonToNitrogen: [22, 31, 45],
    moisturePct: [35, 60, 78], bulkKgM3: [60, 100, 170],
    ligninPctVs: 18, ashPct: 14, structure: 1, keepsDays: 30, worms: 'some', months: [3, 4, 5, 9, 10],
    cautions: ['slow and springy: thin layers', 'none from lawns treated with moss killer'],
  }),
]
