import type { Material } from './material'

/** A longer piece of advice about a material, for the step where it matters. */
export interface Advice {
  readonly id: string
  readonly title: string
  readonly steps: readonly string[]
}

interface Rule extends Advice {
  applies(material: Material): boolean
}

const says = (material: Material, word: string) => material.cautions.some(caution => caution.includes(word))

const RULES: readonly Rule[] = [
  {
    id: 'bean-test', title: 'Try beans in it first', applies: material => says(material, 'weedkiller'),
    steps: [
      'Some long-lasting weedkillers go through hay, straw, the animal and the heap, and maim beans, peas and tomatoes.',
      'Three pots of it, mixed one to one with a potting soil you trust; three pots of that soil alone. Three beans in each.',
      'After three to four weeks: cupped, curled or fern-like leaves only in the pots with it mean weedkiller. Keep it on lawns and away '
      + 'from beds, and ask where it came from.',
    ],
  },
  {
    id: 'raw-manure', title: 'Raw manure and harvest', applies: ({ family }) => family === 'manure',
    steps: [
      'Keep 90 days between raw manure and the harvest of crops that do not touch the soil, 120 for those that do. Local rules may ask '
      + 'for more.',
      'Gloves on, cuts covered, tetanus up to date, hands washed. With weak immunity or while pregnant, leave it to someone else or ask '
      + 'a doctor.',
    ],
  },
  {
    id: 'juglone', title: 'Walnut and plants that mind it', applies: material => says(material, 'juglone'),
    steps: [
      'Juglone in walnut leaves and wood holds back tomatoes, peppers, potatoes, berries and seedlings.',
      'It decays in a hot heap within weeks, on its own within a year. Sow cress in what comes out: when it grows as well as beside it, '
      + 'the juglone is gone.',
    ],
  },
  {
    id: 'dust', title: 'Dust and spores',
    applies: material => material.family !== 'kitchen' && (material.moistureFraction.typical < 0.2 || says(material, 'dust')),
    steps: [
      'Damp it down before you fork it, stand upwind, wear a fitted dust mask. With asthma, weak lungs or weak immunity, ask a doctor '
      + 'first.',
    ],
  },
  {
    id: 'sharps', title: 'Leaves from the road', applies: material => says(material, 'sharps'),
    steps: [
      'Tip the sacks out and look before you press them down: glass and needles. Stout gloves. Leave sweepings from busy roads to the '
      + 'public collection.',
    ],
  },
  {
    id: 'caustic', title: 'Ash burns', applies: material => says(material, 'caustic'),
    steps: [
      'Cold, dry, from plain wood only. Gloves and goggles; rinse skin and eyes with much water and see a doctor when an eye was hit.',
      'Never on fresh greens or manure: it drives their nitrogen off as ammonia.',
    ],
  },
  {
    id: 'charge-char', title: 'Charge it before it goes on a bed',
    applies: material => material.family === 'char' && says(material, 'charge it'),
    steps: [
      'Raw char keeps water out, floats, and then takes feed from the soil for months. Soaked with compost for one or two weeks, or sent '
      + 'through a heap, it gives from the start.',
      'On beds a tenth of the top hand\'s breadth is the aim, a fifth the ceiling, with all that was ever spread. It makes soil less '
      + 'sour: never on blueberries and their like.',
    ],
  },
  {
    id: 'plain-charcoal', title: 'Which charcoal', applies: material => says(material, 'briquettes'),
    steps: [
      'Lumps of plain hardwood that ring when knocked together, and nothing else: briquettes hold binders, others lighter or scent.',
      'A bag is sold by weight and used by volume: crushed it takes five times the room of as much water, less a tenth that is sifted out.',
    ],
  },
  {
    id: 'invasive-stems', title: 'Burn it where it grew', applies: material => says(material, 'where they grew'),
    steps: [
      'Cut dead and dry in winter, charred on the spot. Carried off, seeds and bits of root travel with it, and in many places the law '
      + 'forbids it: ask the local authority.',
      'Some of them give off sap that burns skin in the sun: long sleeves, gloves, goggles.',
    ],
  },
  {
    id: 'roots', title: 'Weeds that come back', applies: material => says(material, 'couch') || says(material, 'drown'),
    steps: [
      'Roots of couch, bindweed and ground elder: six weeks drowned in a covered tub, or dried to dust on a grid, then into the heap.',
      'Plants that are listed as invasive may not be moved in many places: ask the local authority.',
    ],
  },
]

/** What to mind with a material beyond a word or two, with how to do it. */
export function adviceFor(material: Material): Advice[] {
  return RULES.filter(rule => rule.applies(material)).map(({ id, title, steps }) => ({ id, title, steps }))
}
