import { material, type Material } from '../material'

/** Manures and animal bedding: see docs/models.md for where the figures come from. */
export const MANURES: readonly Material[] = [
  material({
    id: 'horse-manure-straw', name: 'Horse manure with straw, fresh', short: 'horse manure', family: 'manure',
    nitrogenPct: [1.1, 1.6, 2.3], carbonToNitrogen: [22, 30, 45],
    moisturePct: [59, 70, 79], bulkKgM3: [250, 350, 550],
    ligninPctVs: 13, ashPct: 15, structure: 2, keepsDays: 21, worms: 'aged', months: [],
    cautions: ['may carry long-lasting weedkiller: try beans in it first', 'wormers in the dung harm worms: let it age'],
  }),
  material({
    id: 'horse-manure-shavings', name: 'Horse manure with wood shavings', short: 'horse manure on shavings', family: 'manure',
    nitrogenPct: [0.6, 1.0, 1.5], carbonToNitrogen: [35, 55, 90],
    moisturePct: [50, 62, 72], bulkKgM3: [230, 320, 480],
    ligninPctVs: 19, ashPct: 12, structure: 2, keepsDays: 30, worms: 'aged', months: [],
    cautions: ['may carry long-lasting weedkiller: try beans in it first', 'wormers in the dung harm worms: let it age'],
  }),
  material({
    id: 'cattle-manure', name: 'Cattle manure', short: 'cattle manure', family: 'manure',
    nitrogenPct: [1.5, 2.4, 4.2], carbonToNitrogen: [11, 18, 30],
    moisturePct: [67, 80, 87], bulkKgM3: [600, 800, 980],
    ligninPctVs: 11, ashPct: 18, structure: 0, keepsDays: 30, worms: 'aged', months: [],
    cautions: [],
  }),
  material({
    id: 'cattle-manure-straw', name: 'Cattle manure with straw', short: 'strawy cattle manure', family: 'manure',
    nitrogenPct: [1.2, 1.8, 2.6], carbonToNitrogen: [18, 25, 35],
    moisturePct: [62, 72, 80], bulkKgM3: [380, 500, 700],
    ligninPctVs: 14, ashPct: 17, structure: 1, keepsDays: 30, worms: 'aged', months: [],
    cautions: ['may carry long-lasting weedkiller: try beans in it first'],
  }),
  material({
    id: 'sheep-goat-manure', name: 'Sheep or goat droppings', short: 'sheep droppings', family: 'manure',
    nitrogenPct: [1.8, 2.7, 3.9], carbonToNitrogen: [13, 16, 20],
    moisturePct: [45, 65, 75], bulkKgM3: [380, 500, 700],
    ligninPctVs: 12, ashPct: 18, structure: 1, keepsDays: 60, worms: 'aged', months: [],
    cautions: [],
  }),
  material({
    id: 'rabbit-manure', name: 'Rabbit droppings', short: 'rabbit droppings', family: 'manure',
    nitrogenPct: [2.0, 2.8, 4.0], carbonToNitrogen: [12, 15, 20],
    moisturePct: [30, 50, 65], bulkKgM3: [250, 350, 480],
    ligninPctVs: 13, ashPct: 15, structure: 1, keepsDays: 60, worms: 'yes', months: [],
    cautions: [],
  }),
  // 6 % N at C:N 8 would mean 48 % carbon; at 28 % ash about 42 %.
  material({
    id: 'chicken-manure', name: 'Chicken droppings', short: 'chicken droppings', family: 'manure',
    nitrogenPct: [4.0, 6.0, 8.0], carbonToNitrogen: [5, 7, 11],
    moisturePct: [45, 65, 75], bulkKgM3: [500, 650, 860],
    ligninPctVs: 3, ashPct: 28, structure: 0, keepsDays: 14, worms: 'no', months: [],
    cautions: ['gives off ammonia: mix with plenty of browns', 'dusty when dry: damp it, wear a mask'],
  }),
  material({
    id: 'chicken-litter', name: 'Chicken litter with shavings or straw', short: 'chicken litter', family: 'manure',
    nitrogenPct: [1.8, 3.0, 4.5], carbonToNitrogen: [10, 14, 20],
    moisturePct: [22, 35, 46], bulkKgM3: [250, 350, 500],
    ligninPctVs: 10, ashPct: 22, structure: 1, keepsDays: 60, worms: 'no', months: [],
    cautions: ['dusty: damp it, wear a mask', 'gives off ammonia: mix with plenty of browns'],
  }),
  material({
    id: 'pig-manure', name: 'Pig manure with straw', short: 'pig manure', family: 'manure',
    nitrogenPct: [1.9, 2.6, 4.0], carbonToNitrogen: [10, 15, 21],
    moisturePct: [62, 72, 85], bulkKgM3: [450, 600, 850],
    ligninPctVs: 7, ashPct: 18, structure: 1, keepsDays: 21, worms: 'no', months: [],
    cautions: ['can carry parasites: only for a hot heap'],
  }),
  material({
    id: 'alpaca-manure', name: 'Alpaca or llama droppings', short: 'alpaca droppings', family: 'manure',
    nitrogenPct: [1.4, 1.9, 2.6], carbonToNitrogen: [16, 20, 26],
    moisturePct: [35, 55, 70], bulkKgM3: [300, 400, 550],
    ligninPctVs: 13, ashPct: 20, structure: 1, keepsDays: 90, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'mushroom-substrate', name: 'Spent mushroom compost', short: 'mushroom compost', family: 'manure',
    nitrogenPct: [1.4, 2.0, 2.8], carbonToNitrogen: [12, 17, 24],
    moisturePct: [55, 62, 70], bulkKgM3: [320, 400, 520],
    ligninPctVs: 15, ashPct: 38, structure: 1, keepsDays: 180, worms: 'some', months: [],
    cautions: ['alkaline, salty'],
  }),
]
