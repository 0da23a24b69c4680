import { material, type Material } from '../material'

/** Char: see docs/models.md for where the figures come from. */
export const CHAR: readonly Material[] = [
  // Charred carbon hardly decays: counted as wholly lignin-like.
  material({
    id: 'biochar-crushed', name: 'Charcoal, crushed, plain wood', short: 'crushed char', family: 'char',
    words: 'biochar charcoal embers quenched',
    nitrogenPct: [0.2, 0.5, 1.0], carbonToNitrogen: [80, 150, 350],
    moisturePct: [2, 6, 30], bulkKgM3: [150, 190, 260],
    ligninPctVs: 100, ashPct: 5, structure: 2, keepsDays: 3650, worms: 'some', months: [],
    oversAs: 'char-coarse',
    cautions: ['dusty: damp it outdoors, wear a mask', 'charge it before it goes on a bed'],
  }),
  // Bought by weight, used by volume: a litre of lumps weighs two thirds of a litre of crushed char.
  material({
    id: 'char-lump', name: 'Lump charcoal, plain hardwood', short: 'lump charcoal', family: 'char',
    words: 'barbecue charcoal lumps bag embers stove biochar',
    nitrogenPct: [0.2, 0.4, 0.8], carbonToNitrogen: [100, 200, 400],
    moisturePct: [2, 5, 12], bulkKgM3: [110, 140, 180],
    ligninPctVs: 100, ashPct: 4, structure: 3, keepsDays: 3650, worms: 'no', months: [],
    pieces: 'lump',
    cautions: ['plain wood only: no briquettes, nothing scented or made to light quickly', 'dusty: damp it before it is crushed'],
  }),
  material({
    id: 'char-coarse', name: 'Char, coarse pieces', short: 'coarse char', family: 'char',
    words: 'biochar charcoal chunks embers quenched stove hearth',
    nitrogenPct: [0.2, 0.5, 1.0], carbonToNitrogen: [80, 150, 350],
    moisturePct: [2, 8, 40], bulkKgM3: [120, 160, 220],
    ligninPctVs: 100, ashPct: 5, structure: 3, keepsDays: 3650, worms: 'some', months: [],
    pieces: 'coarse', cautions: ['charge it before it goes on a bed', 'big pieces go into a heap'],
  }),
  // Char with the compost or castings it was charged with, moist.
  material({
    id: 'char-charged', name: 'Char, charged', short: 'charged char', family: 'char',
    words: 'biochar inoculated loaded terra preta',
    nitrogenPct: [0.4, 0.8, 1.4], carbonToNitrogen: [40, 70, 130],
    moisturePct: [40, 58, 70], bulkKgM3: [380, 520, 700],
    ligninPctVs: 80, ashPct: 15, structure: 2, keepsDays: 365, worms: 'yes', months: [],
    growsAs: 'char',
    oversAs: 'char-coarse',
    charged: true, cautions: ['keep it moist, aired and out of the rain', 'it makes soil less sour: not for sour-loving plants'],
  }),
]
