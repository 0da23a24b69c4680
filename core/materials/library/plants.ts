import { material, type Material } from '../material'

/** Weeds, haulm and soft plants: see docs/models.md for where the figures come from. */
export const PLANTS: readonly Material[] = [
  material({
    id: 'weeds-soft', name: 'Soft weeds without seed', short: 'soft weeds', family: 'plant',
    nitrogenPct: [1.7, 2.6, 3.8], carbonToNitrogen: [12, 18, 25],
    moisturePct: [70, 80, 88], bulkKgM3: [130, 200, 300],
    ligninPctVs: 7, ashPct: 14, structure: 0, keepsDays: 3, worms: 'some', months: [3, 4, 5, 6, 7, 8, 9, 10],
    cautions: ['no roots of couch, bindweed or the like in cold heaps'],
  }),
  material({
    id: 'weeds-seeding', name: 'Weeds in seed or with creeping roots', short: 'seeding weeds', family: 'plant',
    nitrogenPct: [1.5, 2.2, 3.2], carbonToNitrogen: [14, 20, 30],
    moisturePct: [60, 75, 85], bulkKgM3: [120, 180, 280],
    ligninPctVs: 9, ashPct: 12, structure: 1, keepsDays: 3, worms: 'no', months: [5, 6, 7, 8, 9, 10],
    cautions: ['hot heap only, or drown first'],
  }),
  material({
    id: 'veg-haulm', name: 'Spent vegetable plants', short: 'spent plants', family: 'plant',
    nitrogenPct: [1.3, 2.0, 3.2], carbonToNitrogen: [15, 22, 35],
    moisturePct: [60, 75, 86], bulkKgM3: [90, 150, 230],
    ligninPctVs: 8, ashPct: 13, structure: 1, keepsDays: 7, worms: 'some', months: [7, 8, 9, 10, 11],
    cautions: ['blight, club root: do not compost cold'],
  }),
  material({
    id: 'comfrey-nettle', name: 'Comfrey or nettle', short: 'comfrey', family: 'plant',
    nitrogenPct: [2.8, 4.0, 5.2], carbonToNitrogen: [8, 11, 15],
    moisturePct: [78, 85, 90], bulkKgM3: [130, 200, 280],
    ligninPctVs: 6, ashPct: 18, structure: 0, keepsDays: 2, worms: 'some', months: [5, 6, 7, 8, 9],
    cautions: [],
  }),
  material({
    id: 'flowers-spent', name: 'Spent flowers', short: 'spent flowers', family: 'plant',
    nitrogenPct: [1.2, 1.8, 2.6], carbonToNitrogen: [18, 24, 32],
    moisturePct: [60, 75, 85], bulkKgM3: [80, 120, 180],
    ligninPctVs: 8, ashPct: 9, structure: 1, keepsDays: 7, worms: 'yes', months: [4, 5, 6, 7, 8, 9, 10],
    cautions: [],
  }),
  material({
    id: 'seaweed', name: 'Seaweed, rinsed', short: 'seaweed', family: 'plant',
    nitrogenPct: [1.2, 1.9, 3.0], carbonToNitrogen: [9, 17, 27],
    moisturePct: [53, 78, 88], bulkKgM3: [250, 350, 500],
    ligninPctVs: 3, ashPct: 25, structure: 0, keepsDays: 4, worms: 'some', months: [10, 11, 12, 1, 2, 3],
    cautions: ['salty: rinse it', 'collecting is regulated: ask first'],
  }),
]
