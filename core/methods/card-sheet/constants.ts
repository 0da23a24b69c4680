import { constants, of } from '../../constants/constants'

/** Sheet of card: every number it takes from outside. */
export const SHEET = constants('Sheet of card', {
  byMonthDays: of(1000, 800, 1200, 'd', 'each month is looked ahead so far; numerics'),
  noticedDays: of(45, 30, 60, 'd', 'what was found so long ago still counts as noticed; assumption'),
  horizonDays: of(1000, 800, 1200, 'd', 'a plan is looked ahead so far; numerics'),
  weatherK: of(1, 0.5, 1.5, 'K', 'the weather to come beside the usual; own estimate'),
  everyDays: of(3, 2, 7, 'd', 'a course is looked at so often; numerics'),
  looked: {
    'green': of(15, 5, 25, '%', 'spent, for a dot on the chart; own estimate'),
    'yellow': of(50, 35, 65, '%', 'spent, for a dot on the chart; own estimate'),
    'white': of(80, 70, 90, '%', 'spent, for a dot on the chart; own estimate'),
    'dead': of(100, 90, 100, '%', 'spent, for a dot on the chart; own estimate'),
    'threads': of(100, 90, 100, '%', 'spent, for a dot on the chart; own estimate'),
    'no-threads': of(40, 20, 60, '%', 'spent, for a dot on the chart; own estimate'),
  },
  leastBoxM: of(0.45, 0.35, 0.5, 'm', 'the longer side: what is smaller is no box opened flat; choice'),
  usualOverlapM: of(0.15, 0.1, 0.2, 'm', 'pieces overlap by a hand\'s length; practice'),
  usualNewsLayers: of(8, 6, 12, 'sheets', 'of newspaper; practice'),
  trenchLayers: of(2, 1, 3, 'layers', 'lie in a trench; practice'),
  coverMoisture: of(0.55, 0.5, 0.65, 'wet basis', 'what the cover is wetted to; practice'),
  tornKgL: of(0.06, 0.04, 0.09, 'kg/L', 'torn card as it lies loosely; own estimate'),
  mostKept: of(40, 20, 80, 'boxes', 'are kept; choice'),
  horizon: {
    least: of(420, 300, 500, 'd', 'looked ahead so far; numerics'),
    beyondNow: of(300, 200, 400, 'd', 'and so far beyond now; numerics'),
    most: of(1400, 1200, 1600, 'd', 'and no farther; numerics'),
  },
  look: {
    blur: of(0.08, 0.05, 0.12, 'share', 'how blurred a look under a corner is; own estimate'),
    trust: of(0.93, 0.85, 0.97, 'share', 'how often it is right; own estimate'),
  },
  rainDays: of(14, 10, 21, 'd', 'rain is looked back on so far; choice'),
  warmC: of(8, 6, 10, '°C', 'from here a day is warm for what rots; practice'),
  looks: {
    flatFirst: of(14, 10, 21, 'd', 'looked at so soon after it was laid; choice'),
    flatEvery: of(45, 30, 60, 'd', 'and then so often; choice'),
    tornFirst: of(14, 10, 18, 'd', 'threads are looked for from the second week; practice'),
    tornEvery: of(7, 5, 10, 'd', 'and then so often; choice'),
    nearDays: of(12, 7, 18, 'd', 'near its window; choice'),
  },
  dryMm: of(12, 6, 18, 'mm', 'less rain than this in two warm weeks and the card dries; own estimate'),
  wetsLM2: of(8, 5, 12, 'L/m²', 'wets it through; practice'),
  threads: {
    fromC: of(1, 0, 4, '°C', 'nothing in frost; practice'),
    atC: of(17, 15, 20, '°C', 'two to three weeks of room warmth; practice'),
    q10: of(2.2, 1.8, 2.6, 'times', 'as fast with ten kelvin more; fungi of litter'),
    most: of(1.6, 1.3, 2, 'times', 'heat makes it no faster; assumption'),
  },
  roughly: {
    sooner: of(0.8, 0.65, 0.9, 'times', 'before the forecast is there, so much sooner; own estimate'),
    later: of(1.25, 1.15, 1.5, 'times', 'and so much later; own estimate'),
  },
  usualBox: {
    lengthM: of(0.8, 0.6, 1, 'm', 'a box as most of them are when opened flat; practice'),
    widthM: of(0.6, 0.4, 0.8, 'm', 'a box as most of them are when opened flat; practice'),
  },
})
