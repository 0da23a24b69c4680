import { material, type Material } from '../material'

/** Paper and card: see docs/models.md for where the figures come from. */
export const PAPER: readonly Material[] = [
  material({
    id: 'cardboard', name: 'Corrugated cardboard, torn', short: 'torn card', family: 'paper',
    words: 'card box boxes cartons delivery corrugated pizza box takeaway box moving boxes',
    nitrogenPct: [0.08, 0.1, 0.2], carbonToNitrogen: [300, 480, 560],
    moisturePct: [5, 8, 12], bulkKgM3: [35, 60, 120],
    ligninPctVs: 16, ashPct: 5, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no tape, labels, gloss or wax'],
  }),
  // The same card, lying flat: so it is stacked for a sheet.
  material({
    id: 'card-flat', name: 'Cardboard boxes, opened flat', short: 'flat card', family: 'paper',
    words: 'card box boxes sheet flattened roll',
    nitrogenPct: [0.08, 0.1, 0.2], carbonToNitrogen: [300, 480, 560],
    moisturePct: [5, 8, 12], bulkKgM3: [80, 120, 180],
    ligninPctVs: 16, ashPct: 5, structure: 0, mats: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no tape, labels, gloss or wax', 'torn before it goes into a heap: flat it lies like a lid'],
  }),
  material({
    id: 'newsprint', name: 'Newspaper, shredded', short: 'newspaper', family: 'paper',
    words: 'newspaper paper',
    nitrogenPct: [0.06, 0.12, 0.18], carbonToNitrogen: [250, 390, 750],
    moisturePct: [4, 7, 10], bulkKgM3: [50, 80, 150],
    ligninPctVs: 22, ashPct: 3, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no glossy paper'],
  }),
  // Cellulose with 15 % filler holds about 43 % carbon: 0.17 % N at C:N 250.
  material({
    id: 'office-paper', name: 'Office paper, shredded', short: 'office paper', family: 'paper',
    words: 'printer paper shredder bank envelopes letters',
    nitrogenPct: [0.1, 0.17, 0.3], carbonToNitrogen: [130, 250, 400],
    moisturePct: [4, 6, 9], bulkKgM3: [40, 60, 120],
    ligninPctVs: 3, ashPct: 15, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'egg-cartons', name: 'Moulded pulp egg cartons, torn', short: 'egg cartons', family: 'paper',
    words: 'egg box boxes tray trays pulp',
    nitrogenPct: [0.1, 0.15, 0.3], carbonToNitrogen: [200, 300, 450],
    moisturePct: [5, 8, 12], bulkKgM3: [30, 50, 90],
    ligninPctVs: 18, ashPct: 6, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'tissue-paper', name: 'Paper tissues, kitchen roll and napkins', short: 'paper tissues', family: 'paper',
    words: 'tissue kitchen towel napkin serviette paper towel hankie',
    nitrogenPct: [0.08, 0.13, 0.25], carbonToNitrogen: [200, 350, 550],
    moisturePct: [4, 8, 40], bulkKgM3: [30, 50, 90],
    ligninPctVs: 5, ashPct: 2, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    cautions: ['not with grease, cleaner or from the sick'],
  }),
  material({
    id: 'card-tubes', name: 'Card tubes and thin card, torn', short: 'thin card', family: 'paper',
    words: 'cardboard toilet roll tube loo roll cereal box egg box carton packaging',
    nitrogenPct: [0.1, 0.14, 0.25], carbonToNitrogen: [220, 330, 480],
    moisturePct: [5, 8, 12], bulkKgM3: [40, 70, 130],
    ligninPctVs: 14, ashPct: 9, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    cautions: ['no gloss or plastic film'],
  }),
]
