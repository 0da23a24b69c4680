import type { Family } from '#core/materials/material'

/** The kinds of material as a gardener says them. */
export const FAMILY_NAMES: Readonly<Record<Family, string>> = {
  leaf: 'leaves',
  grass: 'grass',
  kitchen: 'kitchen',
  manure: 'manure',
  straw: 'straw, hay',
  paper: 'paper, card',
  wood: 'wood',
  plant: 'plants',
  char: 'char',
  mineral: 'minerals',
  finished: 'finished',
  feed: 'feeds',
}
