import { material, type Material } from '../material'

/** Finished products: see docs/models.md for where the figures come from. */
export const FINISHED: readonly Material[] = [
  material({
    id: 'compost-finished', name: 'Finished compost', short: 'compost', family: 'finished',
    words: 'garden compost mature humus',
    nitrogenPct: [1.0, 1.6, 2.5], carbonToNitrogen: [10, 14, 20],
    moisturePct: [35, 45, 55], bulkKgM3: [450, 600, 750],
    ligninPctVs: 30, ashPct: 45, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    reaction: 'limy', growsAs: 'compost',
    cautions: [],
  }),
  // Sound leaf mould carries 30 to 50 % ash from soil and decay; carbon about a third of the dry matter.
  // As the heap's own; where it came from nobody knows.
  material({
    id: 'compost-bought', name: 'Bought compost', short: 'bought compost', family: 'finished',
    words: 'bag sack municipal green waste garden waste yard waste soil improver multipurpose',
    nitrogenPct: [0.8, 1.3, 2.2], carbonToNitrogen: [12, 17, 25],
    moisturePct: [30, 42, 55], bulkKgM3: [450, 600, 800],
    ligninPctVs: 35, ashPct: 45, structure: 1, keepsDays: 730, worms: 'yes', months: [],
    reaction: 'limy', growsAs: 'compost', throughMm: 15,
    brings: ['weedkiller'], cautions: ['may carry long-lasting weedkiller: try beans in it first'],
  }),
  material({
    id: 'leaf-mould', name: 'Leaf mould, finished', short: 'leaf mould', family: 'finished',
    words: 'leafmold leaf mold',
    nitrogenPct: [0.8, 1.5, 2.0], carbonToNitrogen: [15, 22, 35],
    moisturePct: [40, 60, 72], bulkKgM3: [250, 380, 550],
    ligninPctVs: 35, ashPct: 40, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    reaction: 'sour', growsAs: 'leaf-mould-fine',
    cautions: [],
  }),
  // Between fallen leaves and finished mould: own estimate by mass left.
  material({
    id: 'leaf-mould-coarse', name: 'Leaf mould, coarse', short: 'coarse leaf mould', family: 'finished',
    words: 'leafmold leaf mold',
    nitrogenPct: [0.7, 1.2, 1.8], carbonToNitrogen: [22, 32, 45],
    moisturePct: [35, 55, 70], bulkKgM3: [180, 270, 400],
    ligninPctVs: 27, ashPct: 25, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    reaction: 'sour', growsAs: 'leaf-mould-coarse',
    finerAs: 'leaf-mould',
    cautions: [],
  }),
  // The outer hand's breadth of a cage: dry, leaf shapes whole. Own estimate.
  material({
    id: 'leaves-half-rotted', name: 'Leaves, half rotted', short: 'half-rotted leaves', family: 'finished',
    words: 'leaf mould unfinished',
    nitrogenPct: [0.6, 1.0, 1.5], carbonToNitrogen: [32, 45, 65],
    moisturePct: [20, 42, 60], bulkKgM3: [100, 150, 240],
    ligninPctVs: 22, ashPct: 13, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    reaction: 'sour', spreading: 'mulch',
    cautions: [],
  }),
  // A slow heap forked out before it is ripe: dark, moist, still full of what can rot. Own estimate between scraps with leaves and compost.
  material({
    id: 'heap-half-rotted', name: 'Half-rotted stuff of a slow heap', short: 'half-rotted heap', family: 'finished',
    words: 'unfinished raw compost cold heap',
    nitrogenPct: [1.2, 1.7, 2.4], carbonToNitrogen: [14, 20, 28],
    moisturePct: [50, 62, 75], bulkKgM3: [300, 450, 600],
    ligninPctVs: 17, ashPct: 20, structure: 1, keepsDays: 60, worms: 'yes', months: [],
    spreading: 'mulch',
    cautions: ['seeds and sickness in it are alive'],
    brings: ['seeds', 'sickness'],
  }),
  // Fungal compost of chips and leaves that was never turned: fine, dark, low in salts. Own estimate near leaf mould.
  material({
    id: 'tower-compost', name: 'Fungal compost of a tower', short: 'fungal compost', family: 'finished',
    words: 'static tower unturned fungi inoculant',
    nitrogenPct: [1.0, 1.5, 2.0], carbonToNitrogen: [14, 20, 30],
    moisturePct: [55, 68, 76], bulkKgM3: [300, 450, 600],
    ligninPctVs: 30, ashPct: 35, structure: 1, keepsDays: 120, worms: 'yes', months: [],
    growsAs: 'tower-compost',
    cautions: ['keep it moist and aired: what lives in it is what it is for'],
  }),
  // Greens strained out of a ferment: soft, wet, quick to rot. Own estimate.
  material({
    id: 'brew-solids', name: 'Solids strained from a brew', short: 'strained solids', family: 'finished',
    words: 'strained tea liquor dregs',
    nitrogenPct: [1.5, 2.5, 3.5], carbonToNitrogen: [12, 17, 25],
    moisturePct: [75, 85, 92], bulkKgM3: [500, 700, 900],
    ligninPctVs: 10, ashPct: 15, structure: 0, keepsDays: 2, worms: 'thin', months: [],
    spreading: 'not',
    cautions: ['smelly: bury them in the heap at once'],
  }),
  material({
    id: 'worm-castings', name: 'Worm castings', short: 'castings', family: 'finished',
    words: 'vermicompost worm compost casts',
    nitrogenPct: [1.2, 2.0, 3.0], carbonToNitrogen: [10, 13, 18],
    moisturePct: [55, 70, 80], bulkKgM3: [500, 650, 800],
    ligninPctVs: 25, ashPct: 40, structure: 0, keepsDays: 180, worms: 'yes', months: [],
    spreading: 'film', growsAs: 'castings',
    cautions: [],
  }),
  // What stays on the sieve: half-rotted twigs, stalks and leaf ribs. Own estimate between chips and compost.
  material({
    id: 'overs', name: 'Overs from the sieve', short: 'overs', family: 'finished',
    words: 'sieve leftovers coarse',
    nitrogenPct: [0.8, 1.2, 1.7], carbonToNitrogen: [25, 32, 45],
    moisturePct: [30, 45, 60], bulkKgM3: [230, 320, 420],
    ligninPctVs: 26, ashPct: 22, structure: 2, keepsDays: 365, worms: 'some', months: [],
    spreading: 'mulch',
    stayedOnSieve: true,
    cautions: [],
  }),
  // What is mixed for seeds, pots and tubs: between leaf mould, compost and sand. Own estimate; what it is made of is known by its lot.
  material({
    id: 'growing-mix', name: 'Growing mix', short: 'growing mix', family: 'finished',
    words: 'potting compost seed mix pots tubs trays',
    nitrogenPct: [0.3, 0.7, 1.3], carbonToNitrogen: [12, 17, 28],
    moisturePct: [20, 38, 55], bulkKgM3: [450, 650, 950],
    ligninPctVs: 33, ashPct: 60, structure: 1, keepsDays: 180, worms: 'some', months: [],
    cautions: [],
  }),
  material({
    id: 'potting-spent', name: 'Spent potting soil', short: 'spent potting soil', family: 'finished',
    words: 'compost bag used growbag grow bag pots peat',
    nitrogenPct: [0.5, 0.9, 1.5], carbonToNitrogen: [18, 28, 45],
    moisturePct: [30, 45, 60], bulkKgM3: [300, 420, 600],
    ligninPctVs: 35, ashPct: 35, structure: 1, keepsDays: 365, worms: 'yes', months: [],
    cautions: ['no sick roots, vine weevil grubs or slug eggs'],
  }),
]
