import type { Symptom } from '../../contract'

/** What a gardener sees, smells or feels of a hot heap. Good signs stand among them, and are said to be good. */
export const SYMPTOMS: readonly Symptom[] = [
  { id: 'no-heat', label: 'It never got warm', group: 'Its heat' },
  { id: 'died', label: 'It was hot, then died', group: 'Its heat' },
  { id: 'too-hot', label: 'It is too hot', group: 'Its heat' },
  { id: 'smoke', label: 'Smoke, a scorched smell', group: 'Its heat' },
  { id: 'ammonia', label: 'Sharp, ammonia', group: 'Its smell' },
  { id: 'sour', label: 'Sour', group: 'Its smell' },
  { id: 'eggs', label: 'Rotten eggs', group: 'Its smell' },
  { id: 'mats', label: 'Slimy mats', group: 'To the eye' },
  { id: 'ashy', label: 'White and ashy inside', group: 'To the eye' },
  { id: 'flies', label: 'Flies', group: 'To the eye' },
  { id: 'ants', label: 'Ants', group: 'To the eye' },
  { id: 'rats', label: 'Gnawing, rats', group: 'To the eye' },
  { id: 'dust', label: 'Dry as dust', group: 'In the hand' },
  { id: 'dripping', label: 'Wet through', group: 'In the hand' },
  {
    id: 'steam', label: 'Steam', group: 'To the eye',
    good: 'Steam on opening is water leaving a warm heap: it is working. Smoke smells scorched; steam does not.',
  },
  {
    id: 'threads', label: 'White threads, mould', group: 'To the eye',
    good: 'Threads of fungi: they take on the woody stuff. Leave them be.',
  },
  {
    id: 'mushrooms', label: 'Mushrooms', group: 'To the eye',
    good: 'Fungi fruiting on straw or wood. Harmless to the heap; do not eat them.',
  },
  { id: 'worms', label: 'Worms arriving', group: 'To the eye', good: 'They come when it has cooled and ripens. A good sign.' },
  {
    id: 'weeds', label: 'Weeds sprouting on it', group: 'To the eye',
    good: 'It has cooled and is not harmful to seedlings. Pull them before they seed and fork them in.',
  },
  {
    id: 'sinking', label: 'It sinks', group: 'To the eye',
    good: 'It should: to about half in the hot weeks, to a third or a quarter at the end.',
  },
]
