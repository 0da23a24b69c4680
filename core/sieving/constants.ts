import { constants, of, table } from '../constants/constants'

/** Sieving: every number it takes from outside. */
export const SIEVING = constants('Sieving', {
  spread: of(0.9, 0.7, 1.2, '', 'power of sizes in ripe stuff, Rosin and Rammler 1933; own estimate'),
  doubt: of(0.35, 0.2, 0.5, 'share', 'by which the middle size may be other before anything was sieved; own estimate, from usual shares'),
  ownDoubt: of(0.15, 0.1, 0.3, 'share', 'the same from one of one\'s own sievings to the next; own estimate'),
  usualLoss: of(0.05, 0.02, 0.1, 'share', 'settles or blows away; practice'),
  handLH: of(90, 60, 120, 'L/h', 'through a hand riddle; practice'),
  screenLH: of(220, 150, 300, 'L/h', 'thrown at a leaning screen; practice'),
  handMostMm: of(12, 8, 15, 'mm', 'finer meshes are riddled by hand, coarser ones thrown at a screen; practice'),
  roundsMost: of(3, 2, 4, '', 'what was left on a sieve so often is a mulch; practice'),
})

/** What usually goes through a mesh, of ripe stuff. */
export const USUALLY_THROUGH = table('What goes through a sieve', {
  meshMm: ['mm', 'the mesh it is known for; practice'],
  low: ['share', 'through it, at the least; practice'],
  high: ['share', 'through it, at the most; practice'],
}, [
  { id: 'compost', meshMm: 10, low: 0.65, high: 0.85 },
  { id: 'slow', meshMm: 10, low: 0.45, high: 0.7 },
  { id: 'mould', meshMm: 8, low: 0.6, high: 0.85 },
  { id: 'tower', meshMm: 10, low: 0.7, high: 0.9 },
  { id: 'castings', meshMm: 5, low: 0.8, high: 0.95 },
] as const)
export type SievedKind = typeof USUALLY_THROUGH[number]['id']

/** Meshes by what the fine stuff is for. */
export const MESHES = table('Meshes by purpose', {
  meshMm: ['mm', 'practice'],
}, [
  { id: 'seeds', meshMm: 6 }, { id: 'pots', meshMm: 10 }, { id: 'beds', meshMm: 18 }, { id: 'coarse', meshMm: 25 },
] as const)
