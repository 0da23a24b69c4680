import * as v from 'valibot'
import type { Quantity } from '#core/methods/contract'

const answerSchema = v.variant('status', [
  v.object({
    status: v.literal('reading'), coreC: v.pipe(v.number(), v.minValue(-50), v.maxValue(120)),
    edgeC: v.pipe(v.number(), v.minValue(-50), v.maxValue(120)), batteryPct: v.number(),
  }),
  v.object({ status: v.literal('no-signal') }),
])

type ProbeState = { readonly kind: 'idle' | 'asking' | 'read' | 'silent', readonly text: string }

/** What the probe says: a value for each spot it reaches. */
export interface ProbeValues { readonly values: Readonly<Record<string, number>>, readonly batteryPct: number }

const ELSEWHERE_C = 15

/** The simulated probe thermometer with two depths. When it cannot be reached, that is said and all goes on by hand. */
export function useProbe() {
  const state = shallowRef<ProbeState>({ kind: 'idle', text: '' })

  /** @param expected what is true where it stands, as far as is known: the simulated one reads around that. */
  async function read(
    id: string, quantity: Quantity, expected: Readonly<Partial<Record<string, number>>>, day: number,
  ): Promise<ProbeValues | undefined> {
    state.value = { kind: 'asking', text: 'Asking…' }
    const [deep, shallow] = quantity.spots
    const possible = (celsius: number) => Math.min(95, Math.max(-40, celsius))
    const deepC = possible(expected[deep.id] ?? ELSEWHERE_C)
    try {
      const answer = v.parse(
        answerSchema,
        await $fetch(`/api/probe/${id}`, {
          query: {
            coreC: deepC.toFixed(1), edgeC: (shallow ? possible(expected[shallow.id] ?? deepC) : deepC).toFixed(1),
            day: Math.min(1000, Math.max(0, Math.floor(day))), at: new Date().toISOString(),
          },
          timeout: 4000,
        }),
      )
      if (answer.status === 'no-signal') {
        state.value = { kind: 'silent', text: 'No signal just now. Read it by hand or ask again.' }
        return undefined
      }
      state.value = { kind: 'read', text: `Simulated probe, battery ${answer.batteryPct} %.` }
      return { values: { [deep.id]: answer.coreC, ...(shallow ? { [shallow.id]: answer.edgeC } : {}) }, batteryPct: answer.batteryPct }
    }
    catch {
      state.value = { kind: 'silent', text: 'The probe cannot be reached from here. Read it by hand.' }
      return undefined
    }
  }

  return { read, state }
}
