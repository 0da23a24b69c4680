import { format } from 'date-fns'

/** A day of weather that is known from a station. */
export interface StripDay { readonly at: Date, readonly minC: number, readonly maxC: number, readonly rainMm: number }

const known = shallowRef<readonly StripDay[]>()

/** The weather that is known beyond what is usual: some days from the station, or none. */
export function useKnownWeather() {
  const byDay = computed(() => new Map((known.value ?? []).map(day => [format(day.at, 'yyyy-MM-dd'), { meanC: (day.minC + day.maxC) / 2, rainMm: day.rainMm }])))
  return { days: known, at: (moment: Date) => byDay.value.size > 0 ? byDay.value.get(format(moment, 'yyyy-MM-dd')) : undefined }
}
