import { material, type Material } from '../material'

/** Straw, hay and stalks: see docs/models.md for where the figures come from. */
export const STRAW: readonly Material[] = [
  material({
    id: 'straw-wheat', name: 'Straw, wheat or barley', short: 'straw', family: 'straw',
    nitrogenPct: [0.3, 0.5, 1.0], carbonToNitrogen: [60, 100, 150],
    moisturePct: [6, 12, 25], bulkKgM3: [35, 60, 110],
    ligninPctVs: 18, ashPct: 8, structure: 3, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['may carry long-lasting weedkiller: ask where it grew, or try beans in it first'],
  }),
  material({
    id: 'straw-oat', name: 'Straw, oat', short: 'oat straw', family: 'straw',
    nitrogenPct: [0.6, 0.8, 1.1], carbonToNitrogen: [48, 60, 90],
    moisturePct: [6, 14, 25], bulkKgM3: [35, 60, 110],
    ligninPctVs: 17, ashPct: 9, structure: 3, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['may carry long-lasting weedkiller: ask where it grew, or try beans in it first'],
  }),
  material({
    id: 'hay-grass', name: 'Hay, grass', short: 'hay', family: 'straw',
    nitrogenPct: [0.8, 1.5, 2.5], carbonToNitrogen: [20, 30, 50],
    moisturePct: [8, 12, 25], bulkKgM3: [50, 80, 130],
    ligninPctVs: 9, ashPct: 8, structure: 2, keepsDays: 365, worms: 'yes', months: [],
    cautions: ['full of seeds: only for a hot heap', 'may carry long-lasting weedkiller: ask where it grew, or try beans in it first'],
  }),
  material({
    id: 'hay-legume', name: 'Hay, clover or lucerne', short: 'clover hay', family: 'straw',
    nitrogenPct: [1.8, 2.6, 3.6], carbonToNitrogen: [13, 16, 22],
    moisturePct: [8, 12, 25], bulkKgM3: [50, 80, 130],
    ligninPctVs: 10, ashPct: 9, structure: 2, keepsDays: 365, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'stalks', name: 'Dry stalks of perennials, maize or sunflower', short: 'dry stalks', family: 'straw',
    nitrogenPct: [0.5, 0.7, 1.0], carbonToNitrogen: [50, 65, 90],
    moisturePct: [8, 14, 30], bulkKgM3: [25, 50, 90],
    ligninPctVs: 13, ashPct: 7, structure: 3, keepsDays: 365, worms: 'some', months: [9, 10, 11, 12, 1, 2, 3],
    cautions: [],
  }),
  material({
    id: 'reed-miscanthus', name: 'Reed, miscanthus or bamboo, chopped', short: 'chopped reed', family: 'straw',
    nitrogenPct: [0.3, 0.5, 0.9], carbonToNitrogen: [60, 85, 140],
    moisturePct: [8, 15, 35], bulkKgM3: [70, 110, 160],
    ligninPctVs: 20, ashPct: 5, structure: 3, keepsDays: 365, worms: 'no', months: [11, 12, 1, 2, 3],
    cautions: [],
  }),
]
