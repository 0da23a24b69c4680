import { remember, remembered } from '~/storage/remembered'
import { randomText } from '~/utils/identity'

/** The two gardens a browser can hold: they never mix. */
export type WhichGarden = 'own' | 'demo'

export const shelfName = (which: WhichGarden) => `wastrum-${which}`

/** What this device is called in what it records: a random name, the same at every visit. */
export function deviceName(which: WhichGarden): string {
  if (which === 'demo') return 'demo-visitor'
  const known = remembered('wastrum.device')
  if (known) return known
  const fresh = `d-${randomText(8)}`
  remember('wastrum.device', fresh)
  return fresh
}
