import { writeAsIn, writeFrom } from '#core/units/region'

/** Numbers and dates as in the region of this browser, before the first of them is written. */
export default defineNuxtPlugin(() => {
  writeAsIn(navigator.language)
  writeFrom(new Date())
})
