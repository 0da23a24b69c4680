import { constants, of, ranged } from '../constants/constants'
import { range } from '../units/range'

/** Char: every number it takes from outside. */
export const CHAR = constants('Char', {
  crushedKgL: ranged(range(0.15, 0.2, 0.25), 'kg/L', 'crushed, dry char; practice'),
  crushedShare: ranged(range(0.55, 2 / 3, 0.75), 'L/L', 'crushing takes the bulk of lumps down to two thirds; practice'),
  uptakeKgKg: ranged(range(1.5, 2, 3), 'kg/kg', 'water that dry char takes up; practice'),
  carbon: {
    wood: of(0.5, 0.49, 0.52, 'kg/kg', 'carbon in dry wood without its ash; elemental analyses'),
    char: of(0.87, 0.8, 0.92, 'kg/kg', 'carbon in char without its ash, 450 to 650 °C; elemental analyses'),
  },
  woodAsh: of(0.015, 0.01, 0.03, 'share', 'of dry wood with bark; elemental analyses'),
  ashInPieces: of(0.75, 0.6, 0.9, 'share', 'of the wood\'s ash stays in the pieces; own estimate'),
  steamMJKg: of(2.61, 2.59, 2.63, 'MJ/kg', 'to warm water from 15 °C and boil it off; physics'),
  charMJKg: of(30, 28, 32, 'MJ/kg', 'heat in char; elemental analyses'),
  usualMoisture: of(0.15, 0.12, 0.18, 'wet basis', 'yields are those of wood with so much; definition'),
  dryEnough: of(0.2, 0.15, 0.22, 'wet basis', 'from here on wood is too wet to char well; practice'),
  tooWet: of(0.45, 0.35, 0.5, 'wet basis', 'and from here on it hardly burns; practice'),
  noGoMoisture: of(0.25, 0.2, 0.25, 'wet basis', 'above this it is not lit: it smokes for hours; practice of stoves and kilns'),
  heat: {
    charKJ: of(1.2, 1, 1.5, 'kJ/kg·K', 'char; physics'),
    waterKJ: of(4.19, 4.18, 4.2, 'kJ/kg·K', 'water; physics'),
    steamKJ: of(2257, 2250, 2260, 'kJ/kg', 'what steam takes along; physics'),
  },
  gaps: {
    char: of(0.45, 0.35, 0.55, 'share', 'room between the pieces of char; own estimate'),
    living: of(0.3, 0.2, 0.4, 'share', 'and of compost; own estimate'),
  },
  livingLies: of(0.7, 0.55, 0.85, 'share', 'so much lower compost lies once it is wet; own estimate'),
  urineParts: of(10, 8, 15, 'parts', 'of water to one of urine; practice'),
  over: of(0.2, 0.1, 0.3, 'share', 'water over it, by the char\'s litres: it can be stirred and pours; practice'),
  filled: of(2 / 3, 0.6, 0.75, 'share', 'a third of the vessel stays free for foam and stirring; practice'),
  usableOfLump: of(0.9, 0.8, 0.95, 'share', 'of a bag of lumps, crushed and sifted; own estimate'),
  waterC: of(15, 8, 20, '°C', 'water from a can or a hose; usual'),
  boilingC: of(100, 99, 100, '°C', 'physics'),
  glowingC: of(500, 400, 650, '°C', 'char that has just been burnt; own estimate'),
  halfHours: {
    still: of(7.2, 4, 12, 'h', 'half of the chlorine leaves a bucket that stands; practice: gone in a day'),
    stirred: of(3, 1.5, 6, 'h', 'stirred or bubbled now and then; own estimate'),
  },
  ascorbic: {
    low: of(2.5, 2.4, 2.6, 'mg/mg', 'ascorbic acid for chloramine; chemistry'),
    high: of(3, 2.8, 3.5, 'mg/mg', 'with something in hand; practice'),
  },
  usualMgL: of(2, 0.5, 4, 'mg/L', 'what mains water may hold where nothing better is known; usual rules of waterworks'),
  green: ranged(range(0.4, 0.47, 0.55), 'wet basis', 'green wood; practice of firewood'),
  atRest: ranged(range(0.13, 0.16, 0.2), 'wet basis', 'wood that dries no further under cover; practice of firewood'),
  months: {
    finger: ranged(range(1, 1.5, 2.2), 'months', 'after which a third of the difference is left; own estimate'),
    wrist: ranged(range(2.8, 4, 5.6), 'months', 'after which a third of the difference is left; own estimate'),
    split: ranged(range(5, 8, 12), 'months', 'after which a third of the difference is left; own estimate'),
  },
  meterOff: of(0.02, 0.01, 0.04, 'dry basis', 'a meter is off by so much; own estimate'),
  meterLowFrom: of(0.28, 0.25, 0.3, 'dry basis', 'and reads low where the wood is wet; practice'),
})

/** Kilograms in a litre of lumps: what is crushed weighs the same and takes two thirds of the room. */
export const LUMP_KG_L = CHAR.crushedKgL.typical * CHAR.crushedShare.typical
