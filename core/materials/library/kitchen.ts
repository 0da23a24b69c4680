import { material, type Material } from '../material'

/** Kitchen and food waste: see docs/models.md for where the figures come from. */
export const KITCHEN: readonly Material[] = [
  material({
    id: 'kitchen-veg', name: 'Kitchen vegetable scraps', short: 'kitchen scraps', family: 'kitchen',
    nitrogenPct: [1.8, 2.6, 4.0], carbonToNitrogen: [12, 17, 24],
    moisturePct: [76, 85, 92], bulkKgM3: [300, 450, 600],
    ligninPctVs: 4, ashPct: 10, structure: 0, keepsDays: 5, worms: 'yes', months: [],
    cautions: ['always cover with browns, or flies come'],
  }),
  material({
    id: 'fruit-waste', name: 'Fruit waste and windfalls', short: 'windfalls', family: 'kitchen',
    nitrogenPct: [0.9, 1.3, 2.6], carbonToNitrogen: [20, 38, 49],
    moisturePct: [70, 82, 90], bulkKgM3: [380, 500, 650],
    ligninPctVs: 4, ashPct: 5, structure: 0, keepsDays: 5, worms: 'thin', months: [7, 8, 9, 10, 11],
    cautions: ['draws wasps: cover it', 'goes sour in worm bins'],
  }),
  material({
    id: 'citrus', name: 'Citrus peel', short: 'citrus peel', family: 'kitchen',
    nitrogenPct: [0.8, 1.1, 1.5], carbonToNitrogen: [25, 38, 50],
    moisturePct: [68, 76, 85], bulkKgM3: [250, 350, 450],
    ligninPctVs: 4, ashPct: 5, structure: 1, keepsDays: 10, worms: 'little', months: [],
    cautions: ['little at a time'],
  }),
  material({
    id: 'banana-peels', name: 'Banana peel', short: 'banana peel', family: 'kitchen',
    nitrogenPct: [0.9, 1.5, 2.2], carbonToNitrogen: [20, 30, 40],
    moisturePct: [80, 86, 90], bulkKgM3: [350, 450, 550],
    ligninPctVs: 8, ashPct: 12, structure: 0, keepsDays: 4, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'onion-waste', name: 'Onion, leek and garlic waste', short: 'onion waste', family: 'kitchen',
    nitrogenPct: [1.4, 2.0, 2.7], carbonToNitrogen: [15, 20, 28],
    moisturePct: [82, 88, 92], bulkKgM3: [300, 400, 500],
    ligninPctVs: 4, ashPct: 6, structure: 0, keepsDays: 10, worms: 'little', months: [],
    cautions: ['white rot: bin diseased bulbs'],
  }),
  material({
    id: 'coffee-grounds', name: 'Coffee grounds', short: 'coffee grounds', family: 'kitchen',
    nitrogenPct: [1.8, 2.2, 2.6], carbonToNitrogen: [18, 21, 25],
    moisturePct: [45, 58, 68], bulkKgM3: [320, 400, 500],
    ligninPctVs: 18, ashPct: 2, structure: 0, keepsDays: 7, worms: 'yes', months: [],
    cautions: ['at most a fifth of the mix'],
  }),
  material({
    id: 'tea-leaves', name: 'Tea leaves, loose', short: 'tea leaves', family: 'kitchen',
    nitrogenPct: [2.5, 3.5, 4.5], carbonToNitrogen: [11, 14, 18],
    moisturePct: [60, 70, 82], bulkKgM3: [280, 350, 450],
    ligninPctVs: 15, ashPct: 6, structure: 0, keepsDays: 7, worms: 'yes', months: [],
    cautions: ['many bags contain plastic'],
  }),
  material({
    id: 'bread-grains', name: 'Stale bread, rice, pasta', short: 'stale bread', family: 'kitchen',
    nitrogenPct: [1.6, 2.1, 2.6], carbonToNitrogen: [17, 21, 28],
    moisturePct: [25, 35, 60], bulkKgM3: [250, 350, 450],
    ligninPctVs: 1, ashPct: 3, structure: 0, keepsDays: 3, worms: 'little', months: [],
    cautions: ['draws rats: small amounts, well buried'],
  }),
  material({
    id: 'spent-hops-grain', name: 'Brewing grain, spent', short: 'brewing grain', family: 'kitchen',
    nitrogenPct: [3.0, 3.8, 4.6], carbonToNitrogen: [11, 13, 16],
    moisturePct: [70, 77, 82], bulkKgM3: [450, 550, 700],
    ligninPctVs: 8, ashPct: 4, structure: 0, keepsDays: 3, worms: 'thin', months: [],
    cautions: ['sours within days: use it at once'],
  }),
]
