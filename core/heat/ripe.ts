import { constants, of } from '../constants/constants'

/** Rawness is counted in what is still ripe: at this and below it is. */
export const RIPE_AT = 1

/** What ripe is, whatever made it. */
export const RIPE = constants('Ripe', {
  uptakeMmolKgH: of(
    8, 6, 15, 'mmol/kg·h',
    'oxygen a kilogram of organic matter and hour, moist and aired (EN 16087-1): 25 is the limit of the rule for compost, 15 what potting '
    + 'media ask, 8–10 seeds; choice, so that small bins, which never reheat, have lost as much as large ones',
  ),
  sampleC: of(30, 28, 35, '°C', 'warmth of the sample, usual in EN 16087-1'),
  reheatsK: of(10, 10, 20, 'K', 'turned and wetted it rises no further above the air: the finest class of self-heating; practice'),
  testAirC: of(15, 10, 20, '°C', 'in such air that is tried: in the cold it says nothing; practice'),
  testMoisture: of(0.57, 0.55, 0.6, 'wet basis', 'wetted so far; practice'),
  ofSteady: of(0.48, 0.35, 0.6, 'share', 'of what conduction alone would hold: five days, and air that streams; own estimate by the model'),
  warmK: of(20, 15, 30, 'K', 'so far above the air it has a warm spell, after which it cures; practice'),
  curesDays: of(21, 21, 56, 'd', 'after its last warmth: three to eight weeks; practice'),
})
