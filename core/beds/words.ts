import type { Bed } from './bed'

/** What a bed is asked by, and what each answer means. */
export const BED_WORDS = {
  soil: { sand: 'sand', loam: 'loam', clay: 'clay' },
  reaction: { sour: 'sour', neutral: 'neutral', limy: 'limy', untested: 'not tested' },
  grows: {
    'hungry': 'hungry: cabbage, squash, leeks', 'usual': 'a bit of everything', 'poor': 'lean: thyme, lavender, meadow',
    'sour-loving': 'sour-loving: blueberries, heather', 'lime-loving': 'lime-loving: brassicas, peas',
  },
  eaten: { touching: 'against the soil: salad, roots', clear: 'clear of it: beans, tomatoes', not: 'nothing is eaten' },
} as const satisfies { readonly [K in 'soil' | 'reaction' | 'grows' | 'eaten']: Readonly<Record<Bed[K], string>> }

/** A bed in a few words: "loam, sour; hungry". */
export function bedWords({ soil, reaction, grows }: Pick<Bed, 'soil' | 'reaction' | 'grows'>): string {
  return `${BED_WORDS.soil[soil]}, ${reaction === 'untested' ? 'not tested' : BED_WORDS.reaction[reaction]}; `
    + `${BED_WORDS.grows[grows].split(':')[0]}`
}
