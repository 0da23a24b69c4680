import { format } from 'date-fns'

/** A day of weather that is known from a station. */
export interface StripDay { readonly at: Date, readonly minC: number, readonly maxC: number, readonly rainMm: number }

const DAY_MS = 86_400_000
const known = shallowRef<readonly StripDay[]>()

/** The weather that is known beyond what is usual: some days from the station, or none. */
export function useKnownWeather() {
  /** Most days that are asked for lie far outside of what is known: they are told apart without writing them out. */
  const span = computed(() => ({ from: (known.value?.[0]?.at.getTime() ?? Infinity) - DAY_MS, to: (known.value?.at(-1)?.at.getTime() ?? -Infinity) + DAY_MS }))
  const byDay = computed(() => new Map((known.value ?? []).map(day => [format(day.at, 'yyyy-MM-dd'), { meanC: (day.minC + day.maxC) / 2, rainMm: day.rainMm }])))
  return { days: known, at: (moment: Date) => moment.getTime() >= span.value.from && moment.getTime() <= span.value.to ? byDay.value.get(format(moment, 'yyyy-MM-dd')) : undefined }
}
