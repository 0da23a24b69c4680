import { material, type Material } from '../material'

/** Char: see docs/models.md for where the figures come from. */
export const CHAR: readonly Material[] = [
  // Charred carbon hardly decays: counted as wholly lignin-like.
  material({
    id: 'biochar-crushed', name: 'Charcoal, crushed, plain wood', short: 'crushed char', family: 'char',
    words: 'biochar charcoal',
    nitrogenPct: [0.2, 0.5, 1.0], carbonToNitrogen: [80, 150, 350],
    moisturePct: [2, 6, 30], bulkKgM3: [150, 190, 260],
    ligninPctVs: 100, ashPct: 5, structure: 2, keepsDays: 3650, worms: 'some', months: [],
    cautions: ['dusty: damp it outdoors, wear a mask', 'charge it before it goes on a bed'],
  }),
]
