import type { Symptom } from '../../trouble'

/** What a gardener sees, smells or feels of a hot heap. Good signs stand among them, and are said to be good. */
export const SYMPTOMS: readonly Symptom[] = [
  { id: 'no-heat', label: 'It never got warm', sense: 'heat' },
  { id: 'died', label: 'It was hot, then died', sense: 'heat' },
  { id: 'too-hot', label: 'It is too hot', sense: 'heat' },
  { id: 'smoke', label: 'Smoke, a scorched smell', sense: 'heat' },
  { id: 'ammonia', label: 'Sharp, ammonia', sense: 'smell' },
  { id: 'sour', label: 'Sour', sense: 'smell' },
  { id: 'eggs', label: 'Rotten eggs', sense: 'smell' },
  { id: 'mats', label: 'Slimy mats', sense: 'look' },
  { id: 'ashy', label: 'White and ashy inside', sense: 'look' },
  { id: 'flies', label: 'Flies', sense: 'look' },
  { id: 'ants', label: 'Ants', sense: 'look' },
  { id: 'rats', label: 'Gnawing, rats', sense: 'look' },
  { id: 'dust', label: 'Dry as dust', sense: 'feel' },
  { id: 'dripping', label: 'Wet through', sense: 'feel' },
  { id: 'steam', label: 'Steam', sense: 'look', good: 'Steam on opening is water leaving a warm heap: it is working. Smoke smells scorched; steam does not.' },
  { id: 'threads', label: 'White threads, mould', sense: 'look', good: 'Threads of fungi: they take on the woody stuff. Leave them be.' },
  { id: 'mushrooms', label: 'Mushrooms', sense: 'look', good: 'Fungi fruiting on straw or wood. Harmless to the heap; do not eat them.' },
  { id: 'worms', label: 'Worms arriving', sense: 'look', good: 'They come when it has cooled and ripens. A good sign.' },
  { id: 'weeds', label: 'Weeds sprouting on it', sense: 'look', good: 'It has cooled and is not harmful to seedlings. Pull them before they seed and fork them in.' },
  { id: 'sinking', label: 'It sinks', sense: 'look', good: 'It should: to about half in the hot weeks, to a third or a quarter at the end.' },
]
