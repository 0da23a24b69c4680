/** Something that does not belong in a home heap, why, and what to do with it instead. */
export interface Unwelcome {
  readonly id: string
  readonly name: string
  /** Other words people look for it by. */
  readonly words: string
  readonly why: string
  readonly instead: string
}

/** What must not go in. Local rules come first wherever they say more. */
export const UNWELCOME: readonly Unwelcome[] = [
  {
    id: 'meat', name: 'Meat, fish and bones', words: 'fat grease gravy chicken leftovers bone',
    why: 'Draws rats and flies, and smells.',
    instead: 'The food waste collection, or a sealed fermenting bucket that is buried afterwards.',
  },
  {
    id: 'cooked', name: 'Cooked and oily leftovers', words: 'cooked food oil dairy cheese milk plate',
    why: 'Fat shuts out air and draws rats.', instead: 'The food waste collection, or a sealed fermenting bucket.',
  },
  {
    id: 'pet-waste', name: 'Cat and dog droppings, cat litter', words: 'pet dog cat litter poo faeces',
    why: 'Carries parasites that outlive a home heap and harm unborn children.', instead: 'Household waste, as local rules say.',
  },
  {
    id: 'human-waste', name: 'Human waste, nappies', words: 'toilet diaper nappy faeces',
    why: 'Germs that a home heap does not surely kill.', instead: 'Licensed systems only; ask the local authority.',
  },
  {
    id: 'treated-wood', name: 'Treated or painted wood, chipboard', words: 'pallet paint mdf plywood fence stained preservative',
    why: 'Preservatives and paint hold metals and poisons that stay in the soil.', instead: 'The wood bank of the recycling yard.',
  },
  {
    id: 'coal-ash', name: 'Coal ash and briquettes', words: 'charcoal barbecue briquette coal lignite',
    why: 'Metals and sulphur; briquettes hold binders and lighter fluid.',
    instead: 'Cold, in the household waste. Ash of plain wood: a cupful to a heap.',
  },
  {
    id: 'filter-char', name: 'Char out of filters', words: 'activated carbon filter charcoal water jug hood aquarium',
    why: 'Out of a hood or a water jug it is full of fat or what it filtered; out of industry it may hold anything.',
    instead: 'Household waste, or back to who sold it. Plain lump charcoal is cheap.',
  },
  {
    id: 'glossy', name: 'Glossy, coated or waxed paper, receipts', words: 'magazine receipt thermal paper cup tetra coated waxed',
    why: 'Plastic films, and colour developers in receipts.', instead: 'Paper recycling, receipts in household waste.',
  },
  {
    id: 'plastic', name: '“Compostable” plastic bags and cups', words: 'bioplastic compostable bag liner starch',
    why: 'They break down in hot industrial plants, not in a home heap.',
    instead: 'The collection that takes them, or household waste.',
  },
  {
    id: 'tea-bags', name: 'Tea bags with a seam of plastic', words: 'tea bag pyramid', why: 'Many hold plastic that stays as shreds.',
    instead: 'Tear them: leaves into the heap, bag into household waste.',
  },
  {
    id: 'knotweed', name: 'Knotweed, ground elder, bindweed roots',
    words: 'invasive japanese knotweed couch bindweed horsetail hogweed roots',
    why: 'A piece as long as a finger grows again; some may not be moved at all by law.',
    instead: 'Ask the local authority. Lesser roots: drown for weeks or dry to dust first.',
  },
  {
    id: 'sick-plants', name: 'Plants with club root, white rot or honey fungus',
    words: 'disease club root white rot honey fungus canker virus box blight',
    why: 'Their spores live for years and a heap does not heat all through.',
    instead: 'Public collection, which heats it for certain. Ask the plant health authority about notifiable ones.',
  },
  {
    id: 'poison', name: 'Yew, oleander, laurel in bulk', words: 'yew oleander laurel rhododendron poisonous',
    why: 'Poisonous to animals that get at the heap, and slow to decay.', instead: 'Chip it under a hedge, or public collection.',
  },
  {
    id: 'sprayed-lawn', name: 'Grass just treated with weedkiller',
    words: 'herbicide sprayed lawn feed weed weedkiller clopyralid aminopyralid',
    why: 'Some weedkillers pass through heaps and animals and maim beans and tomatoes for years.',
    instead: 'Leave it on that lawn. Keep the first cuts out; then try beans in the compost.',
  },
  {
    id: 'vacuum', name: 'Vacuum dust, carpet, synthetic cloth', words: 'hoover dust carpet fleece polyester fibre',
    why: 'Mostly plastic fibre.', instead: 'Household waste. Pure wool and cotton may go in, cut small.',
  },
  {
    id: 'lime', name: 'Lime', words: 'lime chalk dolomite calcium quicklime',
    why: 'Drives nitrogen off as ammonia; burns skin and eyes.', instead: 'On the bed, and only when a soil test asks for it.',
  },
  {
    id: 'sand', name: 'Stones, sand, much soil', words: 'gravel sand stones clay subsoil turf',
    why: 'Ballast: heavy, airless, does not heat.', instead: 'Paths and beds. Turves stacked face down make loam by themselves.',
  },
  {
    id: 'medicine', name: 'Medicines, batteries, chemicals', words: 'pills paint solvent battery pesticide', why: 'Poisons.',
    instead: 'The pharmacy or the hazardous waste point.',
  },
  {
    id: 'walnut-beds', name: 'Walnut leaves for tomatoes, peppers and young plants', words: 'walnut juglone black walnut',
    why: 'They hold back sensitive plants until juglone has decayed.',
    instead: 'In a hot heap, or kept a year; try cress in it before it goes to tomatoes.',
  },
  {
    id: 'sharps', name: 'Roadside sweepings with litter, glass, needles', words: 'roadside street sweepings glass needle litter sharps',
    why: 'Cuts, and oil and metals of the road.',
    instead: 'Leave them to the public collection. If you sort leaves: stout gloves, tip them out, never press a bag down by hand.',
  },
]

/** What must not go in that answers to every word of a search; none for an empty one. */
export function searchUnwelcome(text: string): Unwelcome[] {
  const words = text.toLowerCase().split(/\s+/).filter(word => word.length > 2)
  if (words.length === 0) return []
  return UNWELCOME.filter(({ name, words: other }) => words.every(word => `${name} ${other}`.toLowerCase().includes(word)))
}
