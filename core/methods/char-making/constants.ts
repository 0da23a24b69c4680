import { constants, of } from '../../constants/constants'

/** Making char: every number it takes from outside. */
export const MAKE = constants('Making char', {
  manyLoads: of(4, 3, 6, 'loads', 'one will burn for what is wanted; choice'),
  apartHours: of(12, 8, 24, 'h', 'cold is what was cold at two looks so far apart; practice of fire services: half a day'),
  aPotL: of(5, 3, 10, 'L', 'below this a load covers a pot and no bed; choice'),
  leastL: of(0.1, 0.05, 0.5, 'L', 'a bag of less holds nothing; choice'),
  overfull: of(1.15, 1.05, 1.3, 'times', 'full still goes: sticks stand out at the top; practice'),
  wetAsItComes: of(0.3, 0.25, 0.4, 'wet basis', 'was not dry when it was fetched; practice'),
  chimneyMin: {
    low: of(3, 2, 5, 'min', 'until a chimney draws; own estimate'),
    typical: of(6, 4, 9, 'min', 'until a chimney draws; own estimate'),
    high: of(12, 9, 20, 'min', 'until a chimney draws; own estimate'),
  },
  times: {
    between: of(0.33, 0.2, 0.5, 'log', 'times of one gardener beside the usual: a third; own estimate'),
    each: of(0.2, 0.1, 0.3, 'log', 'and of one burn beside the next: a fifth; own estimate'),
  },
  yields: {
    between: of(0.25, 0.15, 0.4, 'log', 'yields of one gardener beside the usual: a quarter; own estimate'),
    each: of(0.16, 0.1, 0.25, 'log', 'and of one burn beside the next: a sixth; own estimate'),
  },
  neutralPh: of(8, 7.5, 8.5, 'pH', 'as neutral as rinse water of char gets; practice'),
  dampFrom: of(0.2, 0.18, 0.25, 'wet basis', 'from here on wood smokes; practice'),
  dryUntil: of(0.17, 0.14, 0.2, 'wet basis', 'drier it burns clean; practice'),
  checkHours: of(3, 1, 4, 'h', 'a check is good for so long: wind and people change; choice'),
  anyFireL: of(40, 30, 60, 'L', 'beside any fire, or a hose that runs; practice of fire services'),
  frontMMin: of(0.011, 0.007, 0.016, 'm/min', 'a burn front in thin dry wood goes down: 70 cm in about an hour; own estimate'),
  leastMin: of(15, 8, 25, 'min', 'lighting and burning out take so long; own estimate'),
  wetSlows: of(3, 1.5, 5, '1/share', 'each point of water beyond 15 % slows a burn; own estimate'),
  nightHours: of(12, 8, 16, 'h', 'between quenching and the word cold; practice: char has lit again after half a day'),
  eveningHours: of(4, 2, 6, 'h', 'watched after quenching; practice'),
  runsAway: of(1.5, 1.3, 2, 'times', 'the water, where it can run away; own estimate'),
  aDayHours: of(24, 12, 36, 'h', 'a closed vessel stays shut; practice: overnight at the least'),
  aNightHours: of(12, 8, 16, 'h', 'the least of it; practice'),
})
