import { material, type Material } from '../material'

/** Leaves and needles: see docs/models.md for where the figures come from. */
export const LEAVES: readonly Material[] = [
  material({
    id: 'leaves-mixed', name: 'Autumn leaves, mixed, whole, dry', short: 'leaves', family: 'leaf',
    nitrogenPct: [0.5, 0.9, 1.3], carbonToNitrogen: [40, 54, 80],
    moisturePct: [10, 38, 55], bulkKgM3: [60, 90, 150],
    ligninPctVs: 20, ashPct: 10, structure: 1, keepsDays: 365, worms: 'yes', months: [10, 11, 12],
    cautions: ['mat when wet: shred or mix them', 'roadside leaves carry litter and sharps'],
  }),
  material({
    id: 'leaves-shredded', name: 'Autumn leaves, mown or shredded', short: 'mown leaves', family: 'leaf',
    nitrogenPct: [0.5, 0.9, 1.3], carbonToNitrogen: [40, 54, 80],
    moisturePct: [10, 35, 55], bulkKgM3: [100, 150, 240],
    ligninPctVs: 20, ashPct: 10, structure: 1, keepsDays: 365, worms: 'yes', months: [10, 11, 12],
    cautions: [],
  }),
  material({
    id: 'leaves-oak', name: 'Oak, beech or plane leaves', short: 'oak leaves', family: 'leaf',
    nitrogenPct: [0.5, 0.7, 1.0], carbonToNitrogen: [45, 65, 90],
    moisturePct: [10, 35, 55], bulkKgM3: [50, 80, 140],
    ligninPctVs: 27, ashPct: 7, structure: 1, keepsDays: 365, worms: 'yes', months: [10, 11, 12, 1],
    cautions: ['slow: shred them'],
  }),
  material({
    id: 'leaves-fast', name: 'Alder, ash, lime, hazel or fruit-tree leaves', short: 'soft leaves', family: 'leaf',
    nitrogenPct: [0.8, 1.3, 2.2], carbonToNitrogen: [22, 38, 55],
    moisturePct: [15, 40, 60], bulkKgM3: [60, 90, 150],
    ligninPctVs: 14, ashPct: 11, structure: 1, keepsDays: 365, worms: 'yes', months: [10, 11, 12],
    cautions: [],
  }),
  material({
    id: 'leaves-walnut', name: 'Walnut leaves', short: 'walnut leaves', family: 'leaf',
    nitrogenPct: [0.8, 1.2, 1.8], carbonToNitrogen: [25, 40, 55],
    moisturePct: [15, 38, 55], bulkKgM3: [50, 80, 140],
    ligninPctVs: 18, ashPct: 10, structure: 1, keepsDays: 365, worms: 'no', months: [10, 11],
    cautions: ['juglone: hot-compost or keep a year before sensitive plants'],
  }),
  material({
    id: 'pine-needles', name: 'Conifer needles', short: 'needles', family: 'leaf',
    nitrogenPct: [0.4, 0.6, 1.0], carbonToNitrogen: [60, 85, 130],
    moisturePct: [8, 25, 50], bulkKgM3: [60, 90, 140],
    ligninPctVs: 30, ashPct: 4, structure: 2, keepsDays: 730, worms: 'no', months: [],
    cautions: ['very slow, acid when fresh'],
  }),
]
