import { constants, of } from '../constants/constants'

/** Beds: every number it takes from outside. */
export const BEDS = constants('Beds', {
  usualDepthM: of(0.1, 0.08, 0.15, 'm', 'char is mixed into the top hand\'s breadth; practice'),
  gain: {
    'hungry': of(4, 3, 5, 'points', 'who gains most comes first: hungry crops; choice'),
    'lime-loving': of(3, 2, 4, 'points', 'choice'),
    'usual': of(2, 1, 3, 'points', 'choice'),
    'poor': of(1, 0, 2, 'points', 'choice'),
    'sour-loving': of(0, 0, 1, 'points', 'choice'),
  },
  soilGain: {
    sand: of(0.6, 0.3, 1, 'points', 'sand holds little by itself; choice'),
    clay: of(0.3, 0.1, 0.5, 'points', 'choice'),
    loam: of(0, 0, 0.2, 'points', 'choice'),
  },
  worthL: of(0.05, 0.02, 0.2, 'L', 'a smaller dose is not worth a walk; choice'),
  intervalDays: {
    touching: of(120, 120, 180, 'd', 'from raw manure to a harvest that touches the soil; usual rule of growers\' food safety'),
    clear: of(90, 90, 120, 'd', 'and to one that does not; usual rule of growers\' food safety'),
    not: of(0, 0, 0, 'd', 'of what is not eaten; definition'),
  },
  charTarget: of(0.1, 0.05, 0.15, 'share', 'of the worked depth, what both schools aim at; practice'),
  charCeiling: of(0.2, 0.15, 0.25, 'share', 'above it salts and pH trouble plants; practice'),
  littleLM2: of(3, 1, 5, 'L/m²', 'the usual dose, of those who give a little again and again; practice'),
  yearsBetween: of(3, 2, 5, 'a', 'and years between; practice'),
  ashUsualLM2: of(0.12, 0.1, 0.16, 'L/m²', 'a year: 70 to 100 g; practice'),
  ashMostLM2: of(0.16, 0.14, 0.2, 'L/m²', 'a year; practice'),
  mostlyChar: of(0.25, 0.15, 0.4, 'share', 'from here on something is spread for its char; choice'),
  nothingL: of(0.05, 0.02, 0.1, 'L', 'less is a smear; choice'),
  someChar: of(0.005, 0.002, 0.02, 'share', 'from here on its char counts; choice'),
  manureUsualM: of(0.02, 0.01, 0.03, 'm', 'practice'),
  manureMostM: of(0.03, 0.02, 0.04, 'm', 'practice'),
  mulchUsualM: of(0.05, 0.03, 0.08, 'm', 'coarse stuff on top; practice'),
  mulchMostM: of(0.1, 0.08, 0.15, 'm', 'practice'),
  yearDays: of(360, 350, 366, 'd', 'what was given a year ago to the week does not count any more; choice'),
  about: of(0.2, 0.1, 0.3, 'share', 'of a dose: so far from it still counts as that dose; choice'),
  robs: {
    days: of(240, 120, 365, 'd', 'so long raw char takes food from what is sown: a winter and more; practice'),
    feedM: of(0.005, 0.003, 0.01, 'm', 'a film of compost, castings or manure after it makes up for it; own estimate'),
    leastLM2: of(0.3, 0.1, 0.5, 'L/m²', 'less raw char is not felt; own estimate'),
  },
  nitrogenGM2: {
    usual: of(40, 15, 45, 'g/m²', 'in all its forms; practice spreads 3 to 5 kg of stable manure'),
    most: of(60, 50, 70, 'g/m²', 'strong ones are strewn thinner; practice'),
  },
})
