import { proxy } from 'comlink'
import type { Answer } from '#core/balancing/answers'
import type { Asked, Found } from '#core/balancing/asked'
import BalancerWorker from '~/workers/balancer.worker?worker'
import type { Balancer } from '~/workers/balancer.worker'
import { lineTo } from '~/workers/line'

/** How the balancing stands. */
export type Balancing
  = | { readonly kind: 'idle' }
    | { readonly kind: 'working', readonly answers: readonly Answer[] }
    | { readonly kind: 'found', readonly found: Found }
    | { readonly kind: 'failed' }

const line = lineTo<Balancer>(() => new BalancerWorker())

/** Asks the solver in its worker. A new question or a change of mind ends the one before; one that is not answered in time is given up. */
export function useBalancer() {
  const state = shallowRef<Balancing>({ kind: 'idle' })
  let asking = 0

  /** Loads the solver while nothing else happens, so that the first answer does not wait for it. */
  function warmUp(): void {
    void line.ask(async remote => await remote.ready()).catch(() => undefined)
  }

  async function ask(asked: Asked): Promise<void> {
    if (state.value.kind === 'working') line.end()
    const mine = ++asking
    let answered = false
    state.value = { kind: 'working', answers: [] }
    try {
      const found = await line.ask(async (remote, alive) => await remote.ask(asked, proxy((answers: readonly Answer[]) => {
        alive()
        // What is told on the way may arrive after all of it.
        if (mine === asking && !answered) state.value = { kind: 'working', answers }
      })))
      answered = true
      if (mine === asking) state.value = { kind: 'found', found }
    }
    catch {
      if (mine !== asking) return
      line.end()
      state.value = { kind: 'failed' }
    }
  }

  function cancel(): void {
    asking++
    line.end()
    state.value = { kind: 'idle' }
  }

  return { state: readonly(state) as Readonly<Ref<Balancing>>, ask, cancel, warmUp }
}
