import type { Question } from '../../questions/question'
import { wayOf } from './ways'
import { AFTER, BEFORE, BUYING, GARDEN_L, GARDEN_PRICE, KNOWN_BY, LUMP_KG, LUMP_PRICE, METER, MONTHS, THICK, WANTED, WHERE } from './words'

const PRICES: readonly Question[] = [
  { id: LUMP_KG, kind: 'mass', label: 'A bag of lump', usual: 10, most: 100 },
  { id: LUMP_PRICE, kind: 'count', label: 'it costs', usual: 0, most: 1000, digits: 2 },
  { id: GARDEN_L, kind: 'volume', label: 'A bag of garden char', usual: 20, most: 1000 },
  { id: GARDEN_PRICE, kind: 'count', label: 'it costs', usual: 0, most: 1000, digits: 2 },
]

const DRY: readonly Question[] = [
  { id: KNOWN_BY, kind: 'choice', label: 'Dry enough? Known by', usual: 'snaps', choices: [
    { id: 'snaps', label: 'it snaps and rings' },
    { id: 'bends', label: 'it bends, thuds' },
    { id: 'meter', label: 'a moisture probe' },
    { id: 'months', label: 'months dried' },
    { id: 'weighed', label: 'a split weighed' },
  ] },
  { id: METER, kind: 'count', label: 'The moisture probe says, % of dry wood', usual: 18, most: 100, unit: '%', when: [KNOWN_BY, 'meter'] },
  { id: MONTHS, kind: 'count', label: 'Months under cover', usual: 8, most: 120, when: [KNOWN_BY, 'months'] },
  {
    id: THICK, kind: 'choice', label: 'As thick as', usual: 'wrist',
    choices: [
      { id: 'finger', label: 'a finger' }, { id: 'wrist', label: 'a wrist' }, { id: 'split', label: 'split logs' },
    ],
    when: [KNOWN_BY, 'months'],
  },
  { id: BEFORE, kind: 'count', label: 'The split weighed, g', usual: 500, most: 20_000, when: [KNOWN_BY, 'weighed'] },
  { id: AFTER, kind: 'count', label: 'dried until it loses no more, g', usual: 420, most: 20_000, when: [KNOWN_BY, 'weighed'] },
]

/** What is asked while it is planned: how much is wanted, and of a fire where it burns and how dry the wood is. */
export function asksOf(approachId: string): readonly Question[] {
  const { burns, bought } = wayOf(approachId)
  return [
    { id: WANTED, kind: 'volume', label: 'Crushed char wanted', usual: 40, most: 5000 },
    ...(burns
      ? [
          {
            id: WHERE, kind: 'choice', label: 'It burns', usual: 'outdoors',
            choices: [
              { id: 'outdoors', label: 'outdoors' }, { id: 'indoors', label: 'indoors, on a hearth or a cooker' },
            ],
          } satisfies Question,
          ...DRY,
        ]
      : []),
    ...(bought
      ? PRICES
      : [
          {
            id: BUYING, kind: 'choice', label: 'Against bought char', usual: 'no',
            choices: [
              { id: 'no', label: 'leave prices out' }, { id: 'yes', label: 'compare prices' },
            ],
          } satisfies Question,
          ...PRICES.map((one): Question => ({ ...one, when: [BUYING, 'yes'] })),
        ]),
  ]
}
