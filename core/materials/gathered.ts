import { capital } from '../units/plural'
import type { Material } from './material'

const listed = (words: readonly string[]) => words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`
/** What to mind with several materials, each thing once: "Straw and horse manure: may carry long-lasting weedkiller." */
export function gatheredCautions(ingredients: readonly { readonly material: Pick<Material, 'short' | 'cautions'> }[]): string[] {
  const shorts = new Map<string, string[]>()
  for (const { material: { short, cautions } } of ingredients) {
    for (const caution of cautions) {
      const known = shorts.get(caution) ?? []
      if (!known.includes(short)) shorts.set(caution, [...known, short])
    }
  }
  // What concerns the same materials is said in one breath.
  const bySubject = new Map<string, string[]>()
  for (const [caution, own] of shorts) {
    const subject = listed(own)
    bySubject.set(subject, [...bySubject.get(subject) ?? [], caution])
  }
  return [...bySubject].map(([subject, cautions]) => `${capital(subject)}: ${cautions.join('; ')}.`)
}
