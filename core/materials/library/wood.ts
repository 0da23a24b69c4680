import { material, type Material } from '../material'

/** Wood, bark and prunings: see docs/models.md for where the figures come from. */
export const WOOD: readonly Material[] = [
  material({
    id: 'sawdust-soft', name: 'Sawdust, softwood', short: 'softwood sawdust', family: 'wood',
    nitrogenPct: [0.06, 0.12, 0.3], carbonToNitrogen: [200, 440, 750],
    moisturePct: [15, 35, 60], bulkKgM3: [170, 210, 270],
    ligninPctVs: 28, ashPct: 1, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only'],
  }),
  // 0.2 % N at C:N 300 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'sawdust-hard', name: 'Sawdust, hardwood', short: 'hardwood sawdust', family: 'wood',
    nitrogenPct: [0.1, 0.2, 0.5], carbonToNitrogen: [180, 260, 500],
    moisturePct: [15, 35, 60], bulkKgM3: [180, 230, 290],
    ligninPctVs: 23, ashPct: 2, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only', 'no walnut for stables'],
  }),
  // 0.15 % N at C:N 400 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'wood-shavings', name: 'Wood shavings', short: 'shavings', family: 'wood',
    nitrogenPct: [0.08, 0.13, 0.3], carbonToNitrogen: [250, 400, 600],
    moisturePct: [8, 15, 40], bulkKgM3: [60, 90, 140],
    ligninPctVs: 26, ashPct: 1, structure: 2, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only'],
  }),
  // 0.15 % N at C:N 400 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'wood-chips', name: 'Wood chips, trunk wood', short: 'wood chips', family: 'wood',
    nitrogenPct: [0.07, 0.13, 0.3], carbonToNitrogen: [250, 400, 700],
    moisturePct: [20, 40, 55], bulkKgM3: [200, 260, 330],
    ligninPctVs: 25, ashPct: 1, structure: 3, keepsDays: 730, worms: 'no', months: [],
    cautions: [],
  }),
  material({
    id: 'chips-ramial', name: 'Chipped green branches', short: 'green chips', family: 'wood',
    nitrogenPct: [0.4, 0.7, 1.2], carbonToNitrogen: [40, 70, 120],
    moisturePct: [35, 45, 55], bulkKgM3: [220, 280, 350],
    ligninPctVs: 22, ashPct: 3, structure: 3, keepsDays: 90, worms: 'some', months: [11, 12, 1, 2, 3],
    cautions: ['no diseased wood'],
  }),
  // 0.3 % N at C:N 180 would mean 54 % carbon; at 4 % ash about 51 %.
  material({
    id: 'bark', name: 'Bark, composted or raw', short: 'bark', family: 'wood',
    nitrogenPct: [0.2, 0.3, 0.5], carbonToNitrogen: [100, 170, 400],
    moisturePct: [25, 45, 60], bulkKgM3: [200, 260, 330],
    ligninPctVs: 35, ashPct: 4, structure: 3, keepsDays: 730, worms: 'no', months: [],
    cautions: [],
  }),
  material({
    id: 'twigs', name: 'Twigs and prunings, uncut', short: 'twigs', family: 'wood',
    nitrogenPct: [0.5, 0.8, 1.2], carbonToNitrogen: [45, 60, 90],
    moisturePct: [15, 30, 50], bulkKgM3: [50, 90, 160],
    ligninPctVs: 22, ashPct: 3, structure: 3, keepsDays: 365, worms: 'no', months: [],
    cautions: ['best as the base layer'],
  }),
  material({
    id: 'hedge-clippings', name: 'Hedge and shrub clippings, shredded', short: 'hedge clippings', family: 'wood',
    nitrogenPct: [0.9, 1.4, 2.2], carbonToNitrogen: [20, 32, 55],
    moisturePct: [35, 50, 65], bulkKgM3: [120, 180, 260],
    ligninPctVs: 18, ashPct: 5, structure: 2, keepsDays: 14, worms: 'some', months: [5, 6, 7, 8, 9, 10],
    cautions: ['yew, laurel, oleander: poisonous to animals', 'very slow evergreens'],
  }),
  material({
    id: 'coir', name: 'Coconut fibre', short: 'coir', family: 'wood',
    nitrogenPct: [0.3, 0.5, 0.7], carbonToNitrogen: [70, 90, 120],
    moisturePct: [10, 20, 70], bulkKgM3: [60, 90, 150],
    ligninPctVs: 40, ashPct: 6, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
]
