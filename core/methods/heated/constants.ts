import { constants, extent, of } from '../../constants/constants'

/** What heats by itself: every number it takes from outside. */
export const HEATED = constants('What heats by itself', {
  hotC: of(45, 40, 50, '°C', 'from here it counts as hot; practice'),
  tooHotC: of(68, 65, 72, '°C', 'above this the workers die; practice'),
  workingK: of(8, 5, 12, 'K', 'so far above the air it still works; practice'),
  sunkM: of(0.04, 0.02, 0.08, 'm', 'from here it shows that it has sunk; choice'),
  longestDays: of(2000, 1500, 2500, 'd', 'what stands longer is looked at as on this day: it does not change any more; numerics'),
  doneByDays: of(0.75, 0.5, 1, 'd', 'a turn asked today is made so much later; choice'),
  jumpK: of(20, 15, 30, 'K', 'no heap jumps so far and back between readings; own estimate'),
  fallsKDay: of(0.7, 0.4, 1.2, 'K/d', 'it is falling when it loses so much; own estimate'),
  fallenK: of(3, 2, 5, 'K', 'and has lost so much in all; own estimate'),
  fallsFor: {
    readings: of(3, 3, 5, 'readings', 'over so many; choice'),
    days: of(2, 1, 4, 'd', 'and so long; choice'),
  },
  fallPoolDays: of(0.5, 0.3, 1, 'd', 'readings closer than this count as one; choice'),
  many: of(40, 20, 80, 'readings', 'few are taken as they are; numerics'),
  week: {
    before: of(3, 2, 4, 'd', 'the air of a day is the mean of those before; choice'),
    after: of(3, 2, 4, 'd', 'and after it: one frost does not make a heap warm; choice'),
  },
  turnFallenK: of(6, 4, 15, 'K', 'fallen so far from its peak, it is worth turning; practice'),
  turnRestDays: of(6, 4, 10, 'd', 'and not again before; practice'),
  turnLate: {
    restDays: of(16, 10, 24, 'd', 'once it no longer gets hot it is turned no sooner; practice'),
    atLeast: of(2, 1, 3, 'turns', 'so many it gets, however little it warms; practice'),
    anywayDays: of(35, 28, 50, 'd', 'then it is turned so long after the one before; practice'),
    fallenShare: of(0.45, 0.2, 0.6, 'share', 'of what it still warmed above the air it has lost then; own estimate'),
  },
  turnWorthC: of(45, 40, 50, '°C', 'worth turning only if it was really warm; practice'),
  feltC: {
    cool: extent(-20, 27, '°C', 'what a hand tells; own estimate'),
    warm: extent(27, 47, '°C', 'what a hand tells; own estimate'),
    hot: extent(47, 80, '°C', 'what a hand tells; own estimate'),
  },
  edgeFollows: of(0.4, 0.2, 0.7, 'share', 'of what strays in the core strays at the edge; own estimate'),
  waterKeepsDays: of(30, 14, 60, 'd', 'water that was found beside what was reckoned; own estimate'),
  wettest: of(0.95, 0.9, 0.97, 'wet basis', 'nothing holds more; definition'),
  feltSpreadK: of(5, 3, 8, 'K', 'how blurred a hand is; own estimate'),
  works: {
    aboveC: of(1, 0, 4, '°C', 'frozen, nothing that takes its time goes on; practice'),
    moisture: of(0.5, 0.42, 0.55, 'wet basis', 'nor dry; practice'),
  },
  shownAheadDays: of(66, 45, 90, 'd', 'every day is looked at so far; numerics'),
  coarse: {
    everyDays: of(3, 2, 5, 'd', 'beyond it only every few; numerics'),
    times: of(10, 6, 14, 'times', 'until ripeness is reached; numerics'),
  },
  openShare: {
    lidded: of(0.02, 0, 0.05, 'share', 'of the rain gets into a closed bin; assumption'),
    covered: of(0.15, 0.05, 0.3, 'share', 'and past a sheet that is open at the sides; assumption'),
  },
  heightSpread: of(0.06, 0.03, 0.1, 'share', 'a height read off a stick, of the height built; own estimate'),
  readingPoolDays: of(0.5, 0.3, 1, 'd', 'a probe that writes every minute tells no more than one read morning and evening; choice'),
  squeezes: {
    dust: extent(0, 0.4, 'wet basis', 'what a squeeze tells of moisture; practice'),
    dry: extent(0.4, 0.5, 'wet basis', 'what a squeeze tells of moisture; practice'),
    right: extent(0.5, 0.63, 'wet basis', 'what a squeeze tells of moisture; practice'),
    wet: extent(0.63, 0.73, 'wet basis', 'what a squeeze tells of moisture; practice'),
    dripping: extent(0.73, 1, 'wet basis', 'what a squeeze tells of moisture; practice'),
  },
  squeezeSpread: of(0.05, 0.03, 0.08, 'wet basis', 'how blurred its limits are; own estimate'),
  youngDays: of(14, 10, 21, 'd', 'half days while it is young, then days; numerics'),
  sameDay: of(1e-6, 1e-9, 1e-4, 'd', 'two times this near are one; numerics'),
  besideDays: of(0.004, 0.001, 0.02, 'd', 'around a deed it is looked at twice: a jump stays a jump; numerics'),
  widens: {
    early: {
      start: of(1.2, 1, 2, 'times', 'a window begins so much earlier than possible ones come; own estimate, by the study'),
      end: of(1, 1, 1.5, 'times', 'and so much where much was found; own estimate, by the study'),
    },
    late: {
      start: of(2.2, 1.4, 2.6, 'times', 'and ends so much later: other laws come late rather than early; own estimate, by the study'),
      end: of(1.8, 1.3, 2.2, 'times', 'and so much where much was found; own estimate, by the study'),
    },
    foundTimes: of(5, 3, 16, 'times', 'a third of what lies between is left after so many; own estimate, by the study'),
    endTimes: of(1.8, 1.5, 3, 'times', 'the middle: no end is told wider than that; own estimate, by the study'),
  },
  strays: {
    coreK: of(11, 5, 14, 'K', 'the core beside its course while it is young; own estimate, checked by npm run study'),
    edgeK: of(5.5, 3, 9, 'K', 'and a hand in; own estimate, checked by npm run study'),
    alwaysK: of(2.5, 1.5, 4, 'K', 'and for good; own estimate'),
    youngDays: of(60, 40, 90, 'd', 'young for such a time; own estimate'),
    keepsDays: of(14, 9, 30, 'd', 'what strays stays so; own estimate, by the study on two other models'),
    coreNoiseK: of(2, 1, 4, 'K', 'one reading beside the next; own estimate'),
    edgeNoiseK: of(3, 2, 5, 'K', 'one reading beside the next; own estimate'),
  },
})
