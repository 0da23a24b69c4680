import { material, type Material } from '../material'

/** Wood, bark and prunings: see docs/models.md for where the figures come from. */
export const WOOD: readonly Material[] = [
  material({
    id: 'sawdust-soft', name: 'Sawdust, softwood', short: 'softwood sawdust', family: 'wood',
    words: 'saw dust pine',
    nitrogenPct: [0.06, 0.12, 0.3], carbonToNitrogen: [200, 440, 750],
    moisturePct: [15, 35, 60], bulkKgM3: [170, 210, 270],
    ligninPctVs: 28, ashPct: 1, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only'],
  }),
  // 0.2 % N at C:N 300 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'sawdust-hard', name: 'Sawdust, hardwood', short: 'hardwood sawdust', family: 'wood',
    words: 'saw dust oak beech',
    nitrogenPct: [0.1, 0.2, 0.5], carbonToNitrogen: [180, 260, 500],
    moisturePct: [15, 35, 60], bulkKgM3: [180, 230, 290],
    ligninPctVs: 23, ashPct: 2, structure: 0, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only', 'no walnut for stables'],
  }),
  // 0.15 % N at C:N 400 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'wood-shavings', name: 'Wood shavings', short: 'shavings', family: 'wood',
    words: 'shavings planer bedding hamster',
    nitrogenPct: [0.08, 0.13, 0.3], carbonToNitrogen: [250, 400, 600],
    moisturePct: [8, 15, 40], bulkKgM3: [60, 90, 140],
    ligninPctVs: 26, ashPct: 1, structure: 2, keepsDays: 730, worms: 'no', months: [],
    cautions: ['untreated wood only'],
  }),
  // 0.15 % N at C:N 400 would mean 60 % carbon; wood holds about 52 %.
  material({
    id: 'wood-chips', name: 'Wood chips, trunk wood', short: 'wood chips', family: 'wood',
    words: 'woodchip arborist mulch chippings',
    nitrogenPct: [0.07, 0.13, 0.3], carbonToNitrogen: [250, 400, 700],
    moisturePct: [20, 40, 55], bulkKgM3: [200, 260, 330],
    ligninPctVs: 25, ashPct: 1, structure: 3, keepsDays: 730, worms: 'no', months: [],
    cautions: [],
  }),
  material({
    id: 'chips-ramial', name: 'Chipped green branches', short: 'green chips', family: 'wood',
    words: 'woodchip branches arborist shreddings brushwood',
    nitrogenPct: [0.4, 0.7, 1.2], carbonToNitrogen: [40, 70, 120],
    moisturePct: [35, 45, 55], bulkKgM3: [220, 280, 350],
    ligninPctVs: 22, ashPct: 3, structure: 3, keepsDays: 90, worms: 'some', months: [11, 12, 1, 2, 3],
    cautions: ['no diseased wood'],
  }),
  // 0.3 % N at C:N 180 would mean 54 % carbon; at 4 % ash about 51 %.
  material({
    id: 'bark', name: 'Bark, composted or raw', short: 'bark', family: 'wood',
    words: 'mulch bark chips',
    nitrogenPct: [0.2, 0.3, 0.5], carbonToNitrogen: [100, 170, 400],
    moisturePct: [25, 45, 60], bulkKgM3: [200, 260, 330],
    ligninPctVs: 35, ashPct: 4, structure: 3, keepsDays: 730, worms: 'no', months: [],
    cautions: [],
  }),
  material({
    id: 'twigs', name: 'Twigs and prunings, uncut', short: 'twigs', family: 'wood',
    words: 'sticks branches brushwood prunings brash',
    part: 'base',
    nitrogenPct: [0.5, 0.8, 1.2], carbonToNitrogen: [45, 60, 90],
    moisturePct: [15, 30, 50], bulkKgM3: [50, 90, 160],
    ligninPctVs: 22, ashPct: 3, structure: 3, keepsDays: 365, worms: 'no', months: [],
    cautions: ['best as the base layer'],
  }),
  material({
    id: 'hedge-clippings', name: 'Hedge and shrub clippings, shredded', short: 'hedge clippings', family: 'wood',
    words: 'privet hornbeam beech shrub trimmings',
    nitrogenPct: [0.9, 1.4, 2.2], carbonToNitrogen: [20, 32, 55],
    moisturePct: [35, 50, 65], bulkKgM3: [120, 180, 260],
    ligninPctVs: 18, ashPct: 5, structure: 2, keepsDays: 14, worms: 'some', months: [5, 6, 7, 8, 9, 10],
    cautions: ['yew, laurel, oleander: poisonous to animals', 'very slow evergreens'],
  }),
  material({
    id: 'coir', name: 'Coconut fibre', short: 'coir', family: 'wood',
    words: 'coconut coco fibre peat',
    nitrogenPct: [0.3, 0.5, 0.7], carbonToNitrogen: [70, 90, 120],
    moisturePct: [10, 20, 70], bulkKgM3: [60, 90, 150],
    ligninPctVs: 40, ashPct: 6, structure: 2, keepsDays: 730, worms: 'yes', months: [],
    cautions: [],
  }),
  material({
    id: 'hedge-conifer', name: 'Conifer hedge, shredded', short: 'conifer hedge', family: 'wood',
    words: 'leylandii cypress thuja fir spruce juniper evergreen trimmings',
    nitrogenPct: [0.7, 1.1, 1.6], carbonToNitrogen: [32, 45, 70],
    moisturePct: [40, 52, 62], bulkKgM3: [140, 210, 300],
    ligninPctVs: 26, ashPct: 5, structure: 2, keepsDays: 30, worms: 'no', months: [5, 6, 7, 8, 9, 10],
    cautions: ['slow and resinous: at most a third', 'yew is poisonous to animals'],
  }),
  material({
    id: 'hedge-laurel', name: 'Laurel hedge, shredded', short: 'laurel hedge', family: 'wood',
    words: 'cherry laurel evergreen trimmings privet',
    nitrogenPct: [0.9, 1.3, 1.8], carbonToNitrogen: [28, 37, 55],
    moisturePct: [45, 55, 65], bulkKgM3: [150, 220, 300],
    ligninPctVs: 20, ashPct: 6, structure: 2, keepsDays: 14, worms: 'no', months: [5, 6, 7, 8, 9, 10],
    cautions: ['gives off a poisonous smell when shredded: outdoors, upwind'],
  }),
  material({
    id: 'nut-shells', name: 'Nut shells, crushed', short: 'nut shells', family: 'wood',
    words: 'hazelnut walnut almond pistachio peanut shell',
    nitrogenPct: [0.2, 0.4, 0.8], carbonToNitrogen: [70, 125, 250],
    moisturePct: [6, 10, 18], bulkKgM3: [200, 300, 420],
    ligninPctVs: 40, ashPct: 2, structure: 3, keepsDays: 730, worms: 'no', months: [9, 10, 11, 12],
    cautions: ['hardly decay within a year', 'walnut: keep from sensitive plants'],
  }),
]
