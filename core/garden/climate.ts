import { fail, ok, type Outcome } from '../outcome/outcome'

/** Twelve values, January to December. */
export type Monthly = readonly number[]

/** What a place's year is like. Frost dates are month and day, "05-10". */
export interface Climate {
  readonly id: string
  readonly name: string
  readonly hint: string
  readonly meanC: Monthly
  readonly rainMm: Monthly
  readonly lastFrost: string
  readonly firstFrost: string
  /** How far north it lies, °; south below 0. */
  readonly latitudeDeg: number
}

/** Made-up climates to pick from; each month can be changed. */
export const CLIMATES: readonly Climate[] = [
  {
    id: 'mild-coast', name: 'Mild coast', hint: 'wet, hardly any frost', meanC: [6, 6, 8, 10, 13, 15, 17, 17, 15, 12, 9, 7],
    rainMm: [90, 70, 65, 55, 55, 55, 60, 70, 75, 95, 100, 95], lastFrost: '03-25', firstFrost: '11-25', latitudeDeg: 52,
  },
  {
    id: 'inland-plain', name: 'Inland plain', hint: 'warm summers, cold winters', meanC: [0, 1, 5, 10, 15, 18, 20, 19, 15, 10, 5, 1],
    rainMm: [40, 35, 40, 40, 60, 65, 70, 60, 50, 45, 45, 45], lastFrost: '05-10', firstFrost: '10-15', latitudeDeg: 49,
  },
  {
    id: 'high-valley', name: 'High valley', hint: 'long winter, cool nights', meanC: [-4, -3, 1, 5, 10, 13, 15, 15, 11, 6, 1, -3],
    rainMm: [55, 50, 60, 75, 100, 115, 125, 120, 85, 70, 70, 65], lastFrost: '05-30', firstFrost: '09-25', latitudeDeg: 47,
  },
  {
    id: 'dry-south', name: 'Dry south', hint: 'hot dry summers', meanC: [8, 9, 12, 14, 18, 23, 26, 26, 22, 17, 12, 9],
    rainMm: [60, 55, 50, 45, 30, 15, 5, 10, 35, 65, 75, 70], lastFrost: '03-05', firstFrost: '12-05', latitudeDeg: 38,
  },
  {
    id: 'humid-lowland', name: 'Humid lowland', hint: 'hot, wet summers', meanC: [5, 7, 12, 17, 21, 25, 27, 27, 23, 17, 11, 7],
    rainMm: [90, 95, 105, 95, 105, 115, 125, 110, 95, 80, 85, 90], lastFrost: '04-05', firstFrost: '11-05', latitudeDeg: 34,
  },
  {
    id: 'southern-hills', name: 'Southern hills', hint: 'summer at the turn of the year',
    meanC: [20, 20, 17, 14, 10, 8, 7, 8, 11, 13, 16, 18], rainMm: [50, 45, 50, 55, 60, 60, 65, 65, 60, 65, 60, 55], lastFrost: '10-15',
    firstFrost: '05-10', latitudeDeg: -38,
  },
]

/** What is wrong with a climate that was typed in. */
export type ClimateTrouble = { readonly kind: 'not-twelve' } | { readonly kind: 'unlikely', readonly month: number }

/** What a month can be on its mean anywhere a garden is, °C, and the most rain of one, mm. */
export const CLIMATE_LIMITS = { leastC: -45, mostC: 45, rainMm: 1000 } as const

/** Checks twelve monthly mean temperatures in °C: each between −45 and 45. */
export function checkedMeans(meanC: readonly number[]): Outcome<Monthly, ClimateTrouble> {
  if (meanC.length !== 12) return fail({ kind: 'not-twelve' })
  const month = meanC.findIndex(mean => !Number.isFinite(mean) || mean < CLIMATE_LIMITS.leastC || mean > CLIMATE_LIMITS.mostC)
  return month >= 0 ? fail({ kind: 'unlikely', month: month + 1 }) : ok(meanC)
}

const MEAN_MONTH_DAYS = 30.4375

/**
 * The usual temperature outdoors on a day of the year, °C: straight between the middles of the months.
 * @param dayOfYear 0 for the first of January; any number of days before or after.
 */
export function usualTemperatureC({ meanC }: Pick<Climate, 'meanC'>, dayOfYear: number): number {
  const position = dayOfYear / MEAN_MONTH_DAYS - 0.5
  const before = Math.floor(position)
  const month = (index: number) => meanC[((index % 12) + 12) % 12] ?? 0
  return month(before) + (month(before + 1) - month(before)) * (position - before)
}

/** The usual rain of a day, mm: the month's rain spread evenly. */
export function usualRainMm({ rainMm }: Pick<Climate, 'rainMm'>, at: Date): number {
  return (rainMm[at.getMonth()] ?? 0) / MEAN_MONTH_DAYS
}

/** The next day on which a spring's last frost is usual, from a day on. */
export function nextLastFrost({ lastFrost }: Pick<Climate, 'lastFrost'>, at: Date): Date {
  const [month = 1, day = 1] = lastFrost.split('-').map(Number)
  const noon = (year: number) => new Date(year, month - 1, day, 12)
  const then = noon(at.getFullYear())
  return then.getTime() >= at.getTime() - 43_200_000 ? then : noon(at.getFullYear() + 1)
}
