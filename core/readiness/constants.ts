import { constants, of } from '../constants/constants'

/** Ready for a use: every number it takes from outside. */
export const READY = constants('Ready for a use', {
  enoughPassed: {
    mulch: of(0, 0, 1, 'tests', 'that a use wants passed; choice'),
    beds: of(2, 1, 3, 'tests', 'that a use wants passed; choice'),
    potting: of(3, 2, 4, 'tests', 'that a use wants passed; choice'),
    seeds: of(4, 3, 5, 'tests', 'that a use wants passed; choice'),
  },
  forBeds: of(40, 30, 50, '%', 'left over on the sieve or still known for what it was: little enough for beds; own estimate'),
  forPots: of(15, 10, 25, '%', 'and for pots; own estimate'),
  quietK: of(5, 3, 8, 'K', 'less above the air after three days it is quiet; usual tests of self-heating'),
  workingK: of(8, 6, 12, 'K', 'more, it still works; usual tests of self-heating'),
  reheatsFromC: of(10, 5, 15, '°C', 'in colder air staying cool says nothing; practice'),
  sproutsWanted: of(0.8, 0.75, 0.9, 'share', 'germination beside the control from which seedlings are safe; usual tests with cress'),
  sure: of(0.85, 0.8, 0.95, 'share', 'so sure one way or the other it is said; choice'),
  controlLeast: of(0.6, 0.5, 0.8, 'share', 'fewer control seeds coming up mean that the seed is bad; usual tests with cress'),
})
