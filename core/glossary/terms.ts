/** A term of the craft, said as a neighbour would say it. */
export interface Term {
  readonly id: string
  readonly name: string
  readonly says: string
  /** Words on the screen that mean it, in small letters. */
  readonly words: readonly string[]
}

/** The terms that come up on the screens and are not everyday words. */
export const TERMS: readonly Term[] = [
  {
    id: 'carbon-to-nitrogen', name: 'Carbon to nitrogen', words: ['carbon to nitrogen'],
    says: 'How much carbon there is for one part of nitrogen. Brown, dry stuff is rich in carbon, green and wet stuff in nitrogen. A '
      + 'heap works best at 25 to 35 parts; with more it sits cold, with less it smells.',
  },
  {
    id: 'decays', name: 'What decays in a season', words: ['of that, what decays in a season'],
    says: 'Wood and straw hold much carbon that takes years. This counts only what the heap can eat in a season, so its figure is lower: '
      + 'about 10 to 17 parts are right.',
  },
  {
    id: 'moisture', name: 'Moisture', words: ['moisture, watered', 'moisture'],
    says: 'How much of the weight is water. At about 55 % a handful feels like a sponge after wringing: squeezed hard, one or two drops.',
  },
  {
    id: 'air', name: 'Air in it', words: ['air in it', 'free air space'],
    says: 'The share of the heap that is air between the pieces. Below about a third it runs out of breath and turns sour. Coarse stuff '
      + 'holds it open.',
  },
  {
    id: 'mats', name: 'Mats', words: ['mats', 'matted'],
    says: 'Grass, wet leaves and paper lie flat on each other and let no air through. Mix them with coarse stuff, or in thin layers.',
  },
  {
    id: 'curing', name: 'Curing', words: ['curing', 'cured'],
    says: 'After the heat, a heap rests for weeks until what is left is stable. Used before that it takes nitrogen from plants and can '
      + 'hurt seedlings.',
  },
  {
    id: 'overs', name: 'Overs', words: ['overs', 'coarse overs'],
    says: 'What stays on the sieve: twigs and half-rotted bits. They go into the next heap and bring its starter with them.',
  },
  {
    id: 'leaf-mould', name: 'Leaf mould', words: ['leaf mould'],
    says: 'Leaves rotted by fungi alone, in one to three years. Holds water like a sponge, feeds little: for potting and seed mixes.',
  },
  { id: 'castings', name: 'Castings', words: ['castings'], says: 'What worms leave behind: dark crumbs, rich, used by the handful.' },
  {
    id: 'starter', name: 'Starter', words: ['starter', 'starters, char'],
    says: 'A little finished compost or mould that brings life with it. A good mix heats without; it helps most in the cold.',
  },
  {
    id: 'char', name: 'Char', words: ['char', 'biochar'],
    says: 'Wood burnt with little air. Raw, it takes food from plants; laid into a heap or soaked in feed it is charged, and then keeps '
      + 'food for them.',
  },
  {
    id: 'charged', name: 'Charged', words: ['charged', 'charging', 'taken now', 'charged char'],
    says: 'Char whose pores are full of water, feed and life. It sinks, gives off no more bubbles and smells of earth; from then on it '
      + 'gives to plants and no longer takes from them.',
  },
  {
    id: 'quench', name: 'Quench', words: ['to be quenched', 'quench it'],
    says: 'To put glowing char out with water, before it burns to ash. It lights again for a day and more: it is cold when it was cold '
      + 'by hand at two looks, twelve hours apart.',
  },
  {
    id: 'chloramine', name: 'Chloramine', words: ['against chloramine', 'the water stands'],
    says: 'What some waterworks put in beside or instead of chlorine. Chlorine leaves an open tub in a day; chloramine stays, and kills '
      + 'what lives in a soak. A pinch of ascorbic acid, plain vitamin C, binds it.',
  },
  {
    id: 'bulk-density', name: 'Bulk density', words: ['bulk density'],
    says: 'What a litre of it weighs as it lies there, air and all. Weigh your bucket once and everything reckons with your own figure.',
  },
  {
    id: 'window', name: 'Ready between', words: ['ready between', 'when it is ready', 'what comes when'],
    says: 'Eight times in ten it is ready between these days. Each reading makes them surer.',
  },
  {
    id: 'foam', name: 'Foam', words: ['foam', 'foam at its height'],
    says: 'A brew that works throws foam. When the foam is highest, most is alive in it: that is the time to use it.',
  },
]

/** The term that a word on the screen means, if it is one. */
export function termFor(word: string): Term | undefined {
  const small = word.trim().toLowerCase()
  return TERMS.find(({ words }) => words.includes(small))
}
