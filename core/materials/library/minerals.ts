import { material, type Material } from '../material'

/** Soil, shell and ash: see docs/models.md for where the figures come from. */
export const MINERALS: readonly Material[] = [
  material({
    id: 'garden-soil', name: 'Garden soil', short: 'soil', family: 'mineral',
    words: 'earth dirt topsoil loam',
    nitrogenPct: [0.08, 0.15, 0.3], carbonToNitrogen: [10, 12, 14],
    moisturePct: [10, 20, 30], bulkKgM3: [1000, 1250, 1450],
    ligninPctVs: 25, ashPct: 93, structure: 0, keepsDays: 730, worms: 'yes', months: [],
    growsAs: 'loam',
    cautions: [],
  }),
  // Turf of a year, sieved: soil with a tenth of fibre that is nearly gone. Working values between garden soil and turf.
  material({
    id: 'loam', name: 'Loam from turves', short: 'loam', family: 'mineral',
    words: 'turf soil topsoil stack',
    nitrogenPct: [0.15, 0.3, 0.5], carbonToNitrogen: [10, 12, 15],
    moisturePct: [12, 22, 32], bulkKgM3: [900, 1150, 1350],
    ligninPctVs: 25, ashPct: 88, structure: 0, keepsDays: 730, worms: 'yes', months: [],
    growsAs: 'loam',
    cautions: ['wireworms in its first year: not where potatoes come next'],
  }),
  // What opens a potting mix: no nitrogen to speak of, no decay.
  material({
    id: 'sand-grit', name: 'Sharp sand', short: 'sand', family: 'mineral',
    words: 'grit horticultural potting drainage',
    nitrogenPct: [0.001, 0.003, 0.01], carbonToNitrogen: [5, 10, 15],
    moisturePct: [2, 5, 12], bulkKgM3: [1400, 1600, 1750],
    ligninPctVs: 0, ashPct: 99, structure: 1, keepsDays: 3650, worms: 'no', months: [],
    growsAs: 'sand', throughMm: 4,
    cautions: ['heavy: half a barrow at a time'],
  }),
  material({
    id: 'grit', name: 'Grit, 2 to 5 mm', short: 'grit', family: 'mineral',
    words: 'gravel horticultural potting drainage chippings',
    nitrogenPct: [0.001, 0.003, 0.01], carbonToNitrogen: [5, 10, 15],
    moisturePct: [1, 3, 8], bulkKgM3: [1350, 1500, 1650],
    ligninPctVs: 0, ashPct: 99, structure: 1, keepsDays: 3650, worms: 'no', months: [],
    growsAs: 'grit', throughMm: 5,
    cautions: ['heavy: half a barrow at a time'],
  }),
  material({
    id: 'perlite', name: 'Perlite or vermiculite', short: 'perlite', family: 'mineral',
    words: 'vermiculite pumice potting drainage light',
    nitrogenPct: [0.001, 0.003, 0.01], carbonToNitrogen: [5, 10, 15],
    moisturePct: [1, 3, 20], bulkKgM3: [80, 110, 180],
    ligninPctVs: 0, ashPct: 99, structure: 2, keepsDays: 3650, worms: 'no', months: [],
    growsAs: 'perlite', throughMm: 6,
    cautions: ['dusty: damp it, wear a mask'],
  }),
  material({
    id: 'eggshells', name: 'Eggshells, crushed', short: 'eggshells', family: 'mineral',
    words: 'egg shells',
    nitrogenPct: [0.4, 0.6, 1.0], carbonToNitrogen: [4, 5.5, 9],
    moisturePct: [3, 8, 15], bulkKgM3: [500, 700, 900],
    ligninPctVs: 0, ashPct: 93, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    reaction: 'limy',
    mostShare: 0.1, cautions: ['grit and lime, hardly any carbon'],
  }),
  material({
    id: 'wood-ash', name: 'Wood ash', short: 'wood ash', family: 'mineral',
    words: 'ashes stove fireplace',
    nitrogenPct: [0.02, 0.06, 0.12], carbonToNitrogen: [10, 20, 40],
    moisturePct: [0, 3, 8], bulkKgM3: [450, 600, 800],
    ligninPctVs: 0, ashPct: 97, structure: 0, keepsDays: 730, worms: 'no', months: [],
    reaction: 'ash',
    mostShare: 0.02, cautions: ['caustic: gloves and goggles', 'strongly alkaline: little, and never on fresh greens or manure'],
  }),
]
