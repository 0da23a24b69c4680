import { material, type Material } from '../material'

/** Nitrogen feeds, sugars and fibres: see docs/models.md for where the figures come from. */
export const FEEDS: readonly Material[] = [
  material({
    id: 'urine', name: 'Urine', short: 'urine', family: 'feed',
    nitrogenPct: [14, 17, 19], carbonToNitrogen: [0.5, 0.8, 1.0],
    moisturePct: [94, 95.5, 97], bulkKgM3: [1000, 1010, 1030],
    ligninPctVs: 0, ashPct: 55, structure: 0, keepsDays: 2, worms: 'no', months: [],
    cautions: ['fresh, healthy people', 'diluted'],
  }),
  material({
    id: 'blood-meal', name: 'Blood meal', short: 'blood meal', family: 'feed',
    nitrogenPct: [12, 13.5, 15], carbonToNitrogen: [3, 3.5, 4],
    moisturePct: [6, 9, 12], bulkKgM3: [500, 600, 700],
    ligninPctVs: 0, ashPct: 5, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['dusty: wear a mask'],
  }),
  material({
    id: 'feather-meal', name: 'Hoof, horn or feather meal', short: 'horn meal', family: 'feed',
    nitrogenPct: [10, 13, 15], carbonToNitrogen: [3, 3.8, 4.5],
    moisturePct: [6, 8, 12], bulkKgM3: [400, 500, 650],
    ligninPctVs: 0, ashPct: 4, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: [],
  }),
  material({
    id: 'soy-cotton-meal', name: 'Oilseed meal', short: 'oilseed meal', family: 'feed',
    nitrogenPct: [6, 7.3, 8], carbonToNitrogen: [5, 6.5, 8],
    moisturePct: [8, 10, 13], bulkKgM3: [500, 600, 700],
    ligninPctVs: 4, ashPct: 7, structure: 0, keepsDays: 730, worms: 'little', months: [],
    cautions: [],
  }),
  material({
    id: 'mineral-n', name: 'Mineral nitrogen fertiliser (urea, 46 %)', short: 'mineral nitrogen', family: 'feed',
    nitrogenPct: [45, 46, 46.5], carbonToNitrogen: [0.42, 0.43, 0.44],
    moisturePct: [0, 1, 2], bulkKgM3: [700, 750, 800],
    ligninPctVs: 0, ashPct: 0, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['sparingly: a cupful to a heap', 'never together with lime or ash'],
  }),
  material({
    id: 'molasses', name: 'Molasses', short: 'molasses', family: 'feed',
    nitrogenPct: [0.5, 0.9, 1.5], carbonToNitrogen: [25, 40, 60],
    moisturePct: [20, 25, 28], bulkKgM3: [1350, 1400, 1450],
    ligninPctVs: 0, ashPct: 11, structure: 0, keepsDays: 730, worms: 'little', months: [],
    cautions: ['a spoon per can'],
  }),
  material({
    id: 'hair-wool', name: 'Hair or raw wool', short: 'raw wool', family: 'feed',
    nitrogenPct: [10, 13, 16], carbonToNitrogen: [3.2, 3.7, 4.5],
    moisturePct: [6, 12, 20], bulkKgM3: [25, 50, 90],
    ligninPctVs: 0, ashPct: 3, structure: 2, keepsDays: 365, worms: 'no', months: [],
    cautions: ['slow: thin layers'],
  }),
  material({
    id: 'wool-cotton', name: 'Natural-fibre cloth and string', short: 'cloth and string', family: 'feed',
    nitrogenPct: [0.3, 3.0, 12], carbonToNitrogen: [4, 15, 120],
    moisturePct: [5, 8, 12], bulkKgM3: [60, 90, 150],
    ligninPctVs: 4, ashPct: 2, structure: 2, keepsDays: 730, worms: 'little', months: [],
    cautions: ['no mixed fibres or elastics'],
  }),
]
