import { material, type Material } from '../material'

/** Finished products: see docs/models.md for where the figures come from. */
export const FINISHED: readonly Material[] = [
  material({
    id: 'compost-finished', name: 'Finished compost', short: 'compost', family: 'finished',
    nitrogenPct: [1.0, 1.6, 2.5], carbonToNitrogen: [10, 14, 20],
    moisturePct: [35, 45, 55], bulkKgM3: [450, 600, 750],
    ligninPctVs: 30, ashPct: 45, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    cautions: [],
  }),
  // Sound leaf mould carries 30 to 50 % ash from soil and decay; carbon about a third of the dry matter.
  material({
    id: 'leaf-mould', name: 'Leaf mould, finished', short: 'leaf mould', family: 'finished',
    nitrogenPct: [0.8, 1.5, 2.0], carbonToNitrogen: [15, 22, 35],
    moisturePct: [40, 60, 72], bulkKgM3: [250, 380, 550],
    ligninPctVs: 35, ashPct: 40, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'worm-castings', name: 'Worm castings', short: 'castings', family: 'finished',
    nitrogenPct: [1.2, 2.0, 3.0], carbonToNitrogen: [10, 13, 18],
    moisturePct: [55, 70, 80], bulkKgM3: [500, 650, 800],
    ligninPctVs: 25, ashPct: 40, structure: 0, keepsDays: 180, worms: 'yes', months: [],
    cautions: [],
  }),
  // What stays on the sieve: half-rotted twigs, stalks and leaf ribs. Own estimate between chips and compost.
  material({
    id: 'overs', name: 'Overs from the sieve', short: 'overs', family: 'finished',
    nitrogenPct: [0.8, 1.2, 1.7], carbonToNitrogen: [25, 32, 45],
    moisturePct: [30, 45, 60], bulkKgM3: [230, 320, 420],
    ligninPctVs: 26, ashPct: 22, structure: 2, keepsDays: 365, worms: 'some', months: [],
    cautions: [],
  }),
]
