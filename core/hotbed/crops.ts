import type { Range } from '../units/range'
import { constants, of, table } from '../constants/constants'

/** Something that is sown in a hotbed: how warm its seeds want it, how long it takes, and what it is there for. */
export interface Crop {
  readonly id: string
  readonly name: string
  /** Soil in which its seeds come up at all, and above which they stay away, °C. */
  readonly fromC: number
  readonly toC: number
  /** Warmth that brings it up: days times kelvin above `baseC`. */
  readonly baseC: number
  readonly upDegreeDays: number
  /** Days from up to the first of it, in a soil of about 18 °C; or until it is planted out. */
  readonly toHarvest: Range
  readonly end: 'eaten' | 'planted out'
  /** Dies in a frost: potted on where it is ready before the last one, and planted out after it. */
  readonly tender?: boolean
  /** Hours of daylight below which it hardly grows, however warm it stands: ten, for leafy ones nine. */
  readonly leastHours: number
  /** Half of so many kelvin less, so much longer. */
  readonly coldSlows: number
}

/**
 * Usual garden values for minimum soil temperatures of germination, days to emergence, and days to a first harvest: rounded, for
 * early sorts. Own compilation.
 */
export const CROPS: readonly Crop[] = table('What is sown in a hotbed', {
  fromC: ['°C', 'seeds come up from here; usual garden values, own compilation'],
  toC: ['°C', 'and stay away above; usual garden values'],
  baseC: ['°C', 'base of the degree days; usual garden values'],
  upDegreeDays: ['K·d', 'until up; usual garden values'],
  toHarvest: ['d', 'from up to the first, in soil of 18 °C; usual garden values'],
  coldSlows: ['K', 'less, twice as long; own estimate'],
  leastHours: ['h', 'of daylight, below which it hardly grows; practice'],
}, [
  {
    id: 'radish', name: 'Radishes', fromC: 7, toC: 32, baseC: 3, upDegreeDays: 60, toHarvest: { low: 22, typical: 28, high: 38 },
    end: 'eaten', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'lettuce', name: 'Cut lettuce', fromC: 5, toC: 25, baseC: 3, upDegreeDays: 75, toHarvest: { low: 30, typical: 40, high: 52 },
    end: 'eaten', coldSlows: 12, leastHours: 9,
  },
  {
    id: 'spinach', name: 'Spinach', fromC: 5, toC: 24, baseC: 2, upDegreeDays: 95, toHarvest: { low: 30, typical: 38, high: 50 },
    end: 'eaten', coldSlows: 14, leastHours: 9,
  },
  {
    id: 'mustard', name: 'Mustard greens, rocket', fromC: 6, toC: 32, baseC: 3, upDegreeDays: 55,
    toHarvest: { low: 18, typical: 26, high: 36 }, end: 'eaten', coldSlows: 12, leastHours: 9,
  },
  {
    id: 'carrot', name: 'Early carrots', fromC: 8, toC: 30, baseC: 3, upDegreeDays: 150, toHarvest: { low: 60, typical: 75, high: 95 },
    end: 'eaten', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'kohlrabi', name: 'Kohlrabi, cabbages', fromC: 8, toC: 32, baseC: 3, upDegreeDays: 80,
    toHarvest: { low: 28, typical: 35, high: 45 }, end: 'planted out', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'leek', name: 'Leeks, onions', fromC: 8, toC: 30, baseC: 2, upDegreeDays: 160, toHarvest: { low: 50, typical: 60, high: 80 },
    end: 'planted out', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'tomato', name: 'Tomatoes', fromC: 14, toC: 32, baseC: 9, upDegreeDays: 85, toHarvest: { low: 38, typical: 46, high: 58 },
    end: 'planted out', coldSlows: 9, leastHours: 10, tender: true,
  },
  {
    id: 'pepper', name: 'Peppers, aubergines', fromC: 18, toC: 33, baseC: 11, upDegreeDays: 125,
    toHarvest: { low: 48, typical: 58, high: 72 }, end: 'planted out', coldSlows: 8, leastHours: 10, tender: true,
  },
  {
    id: 'cucumber', name: 'Cucumbers, melons', fromC: 17, toC: 34, baseC: 12, upDegreeDays: 60,
    toHarvest: { low: 24, typical: 30, high: 40 }, end: 'planted out', coldSlows: 8, leastHours: 10, tender: true,
  },
  {
    id: 'pumpkin', name: 'Pumpkins, courgettes', fromC: 14, toC: 34, baseC: 10, upDegreeDays: 70,
    toHarvest: { low: 22, typical: 28, high: 36 }, end: 'planted out', coldSlows: 8, leastHours: 10, tender: true,
  },
  {
    id: 'turnip', name: 'Turnips', fromC: 6, toC: 32, baseC: 3, upDegreeDays: 60, toHarvest: { low: 35, typical: 45, high: 58 },
    end: 'eaten', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'beetroot', name: 'Beetroot', fromC: 8, toC: 30, baseC: 3, upDegreeDays: 110, toHarvest: { low: 50, typical: 62, high: 80 },
    end: 'eaten', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'pak-choi', name: 'Pak choi', fromC: 8, toC: 30, baseC: 3, upDegreeDays: 65, toHarvest: { low: 28, typical: 38, high: 50 },
    end: 'eaten', coldSlows: 12, leastHours: 9,
  },
  {
    id: 'pea', name: 'Peas', fromC: 5, toC: 26, baseC: 3, upDegreeDays: 110, toHarvest: { low: 20, typical: 26, high: 35 },
    end: 'planted out', coldSlows: 14, leastHours: 10,
  },
  {
    id: 'potato', name: 'Early potatoes', fromC: 8, toC: 26, baseC: 4, upDegreeDays: 190, toHarvest: { low: 55, typical: 68, high: 85 },
    end: 'eaten', coldSlows: 12, leastHours: 10,
  },
  {
    id: 'basil', name: 'Basil', fromC: 15, toC: 32, baseC: 10, upDegreeDays: 75, toHarvest: { low: 30, typical: 40, high: 52 },
    end: 'eaten', coldSlows: 8, leastHours: 10, tender: true,
  },
])

/** The crop of this id. */
export function cropOf(id: unknown): Crop | undefined {
  return CROPS.find(crop => crop.id === id)
}

/** When a sowing is up, and when the first of it is had, in days from the first of the soils given. */
export interface Sowing { readonly up: number | undefined, readonly from: number | undefined, readonly to: number | undefined }

/** Warmth a day is worth to what grows, beside one of 18 °C: less in the cold, hardly more in the heat. */
const growsAs = (celsius: number, { coldSlows, baseC }: Crop) =>
  celsius <= baseC - 3 ? 0.02 : Math.min(1.2, 2 ** ((celsius - 18) / coldSlows))

/** A day's light beside one of twelve and a half hours: next to nothing below what a crop wants at least, no more beyond fourteen. */
function lightShare(hours: number, { leastHours }: Crop): number {
  return hours < leastHours ? LIGHT.inTheDark : Math.min(LIGHT.longH, hours) / LIGHT.usualH
}

const LIGHT = constants('Light under glass', {
  inTheDark: of(0.06, 0.02, 0.15, 'share', 'of its growth, below the hours it wants at least; own estimate'),
  usualH: of(12.5, 12, 13.5, 'h', 'in such days it grows as its days to harvest say; own estimate'),
  longH: of(14, 13, 16, 'h', 'longer days are worth no more; practice'),
})

/**
 * How a crop goes that is sown on a day into soil of these daily temperatures, under glass in the light of these days: light decides
 * before warmth.
 * @param soilC soil of each day, °C. @param sownDay a day among them; nothing where it is too cold or too hot to come up that day.
 * @param daylightH hours of daylight of each day; as long as usual where nothing is said.
 */
export function sowing(crop: Crop, soilC: ArrayLike<number>, sownDay: number, daylightH?: ArrayLike<number>): Sowing {
  const start = Math.max(0, Math.floor(sownDay))
  let [warmth, grown, up, from] = [0, 0, undefined as number | undefined, undefined as number | undefined]
  for (let day = start; day < soilC.length; day++) {
    const celsius = soilC[day]!
    if (up === undefined) {
      if (celsius >= crop.fromC && celsius <= crop.toC) warmth += celsius - crop.baseC
      if (warmth >= crop.upDegreeDays) up = day + 1
      continue
    }
    grown += growsAs(celsius, crop) * (daylightH ? lightShare(daylightH[Math.min(daylightH.length - 1, day)]!, crop) : 1)
    if (from === undefined && grown >= crop.toHarvest.low) from = day + 1
    if (grown >= crop.toHarvest.high) return { up, from, to: day + 1 }
  }
  return { up, from, to: undefined }
}

/** Whether a crop's seeds come up well in a soil. */
export function comesUp({ fromC, toC }: Pick<Crop, 'fromC' | 'toC'>, soilC: number): boolean {
  return soilC >= fromC && soilC <= toC
}
