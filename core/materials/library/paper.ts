import { material, type Material } from '../material'

/** Paper and card: see docs/models.md for where the figures come from. */
export const PAPER: readonly Material[] = [
  material({
    id: 'cardboard', name: 'Corrugated cardboard, torn', short: 'torn card', family: 'paper',
    nitrogenPct: [0.08, 0.1, 0.2], carbonToNitrogen: [300, 480, 560],
    moisturePct: [5, 8, 12], bulkKgM3: [35, 60, 120],
    ligninPctVs: 16, ashPct: 5, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no tape, labels, gloss or wax'],
  }),
  material({
    id: 'newsprint', name: 'Newspaper, shredded', short: 'newspaper', family: 'paper',
    nitrogenPct: [0.06, 0.1, 0.14], carbonToNitrogen: [250, 400, 850],
    moisturePct: [4, 7, 10], bulkKgM3: [50, 80, 150],
    ligninPctVs: 22, ashPct: 3, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no glossy paper'],
  }),
  // Cellulose with 15 % filler holds about 43 % carbon: 0.17 % N at C:N 250.
  material({
    id: 'office-paper', name: 'Office paper, shredded', short: 'office paper', family: 'paper',
    nitrogenPct: [0.1, 0.17, 0.3], carbonToNitrogen: [130, 250, 400],
    moisturePct: [4, 6, 9], bulkKgM3: [40, 60, 120],
    ligninPctVs: 3, ashPct: 15, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'egg-cartons', name: 'Moulded pulp egg cartons, torn', short: 'egg cartons', family: 'paper',
    nitrogenPct: [0.1, 0.15, 0.3], carbonToNitrogen: [200, 300, 450],
    moisturePct: [5, 8, 12], bulkKgM3: [30, 50, 90],
    ligninPctVs: 18, ashPct: 6, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
]
