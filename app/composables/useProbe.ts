import * as v from 'valibot'

const answerSchema = v.variant('status', [
  v.object({ status: v.literal('reading'), coreC: v.pipe(v.number(), v.minValue(-50), v.maxValue(120)), edgeC: v.pipe(v.number(), v.minValue(-50), v.maxValue(120)), batteryPct: v.number() }),
  v.object({ status: v.literal('no-signal') }),
])

type ProbeState = { readonly kind: 'idle' | 'asking' | 'read' | 'silent', readonly text: string }

/** The simulated probe thermometer. When it cannot be reached, that is said and all goes on by hand. */
export function useProbe() {
  const state = shallowRef<ProbeState>({ kind: 'idle', text: '' })

  /** @param place what is true where it stands, as far as is known: the simulated one reads around that. */
  async function read(id: string, place: { readonly coreC: number, readonly edgeC: number, readonly day: number }): Promise<{ coreC: number, edgeC: number, batteryPct: number } | undefined> {
    state.value = { kind: 'asking', text: 'Asking…' }
    try {
      const answer = v.parse(answerSchema, await $fetch(`/api/probe/${id}`, { query: { coreC: place.coreC.toFixed(1), edgeC: place.edgeC.toFixed(1), day: Math.floor(place.day) }, timeout: 4000 }))
      if (answer.status === 'no-signal') {
        state.value = { kind: 'silent', text: 'No signal just now. Read it by hand or ask again.' }
        return undefined
      }
      state.value = { kind: 'read', text: `Simulated probe, battery ${answer.batteryPct} %.` }
      return answer
    }
    catch {
      state.value = { kind: 'silent', text: 'The probe cannot be reached from here. Read it by hand.' }
      return undefined
    }
  }

  return { read, state }
}
