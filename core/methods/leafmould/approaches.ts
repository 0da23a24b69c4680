import type { Approach } from '../contract'

/** The main schools of leaf mould. */
export const APPROACHES: readonly Approach[] = [
  {
    id: 'alone', name: 'Leaves alone',
    summary: 'Nothing but leaves, water and time. Poor in food, rich in structure: good for seed mixes.',
  },
  {
    id: 'with-nitrogen', name: 'With a little green',
    summary: 'About one part in ten of grass or manure: a few months sooner, somewhat richer.',
  },
  {
    id: 'shredded', name: 'Shredded on the lawn',
    summary: 'Run the mower over them first: hardly mats, takes a third less room, ready in two thirds of the time.',
  },
  {
    id: 'bagged', name: 'In bags with holes',
    summary: 'Wet leaves tied into bags with a few holes: no dry outside, no watering, out of the way.',
  },
]
