import { proxy, wrap, type Remote } from 'comlink'
import type { Answer } from '#core/balancing/answers'
import type { Asked, Found } from '#core/balancing/asked'
import BalancerWorker from '~/workers/balancer.worker?worker'
import type { Balancer } from '~/workers/balancer.worker'

/** How the balancing stands. */
export type Balancing
  = | { readonly kind: 'idle' }
    | { readonly kind: 'working', readonly answers: readonly Answer[] }
    | { readonly kind: 'found', readonly found: Found }
    | { readonly kind: 'failed' }

let worker: Worker | undefined
let remote: Remote<Balancer> | undefined

function started(): Remote<Balancer> {
  worker ??= new BalancerWorker()
  remote ??= wrap<Balancer>(worker)
  return remote
}

function ended(): void {
  worker?.terminate()
  worker = undefined
  remote = undefined
}

/** Asks the solver in its worker. A new question or a change of mind ends the one before. */
export function useBalancer() {
  const state = shallowRef<Balancing>({ kind: 'idle' })
  let asking = 0

  /** Loads the solver while nothing else happens, so that the first answer does not wait for it. */
  function warmUp(): void {
    void started().ready().catch(() => ended())
  }

  async function ask(asked: Asked): Promise<void> {
    if (state.value.kind === 'working') ended()
    const mine = ++asking
    state.value = { kind: 'working', answers: [] }
    const broken = new Promise<never>((_, reject) => {
      started()
      worker?.addEventListener('error', () => reject(new Error('the solver could not be loaded')), { once: true })
    })
    try {
      const found = await Promise.race([started().ask(asked, proxy((answers) => {
        if (mine === asking) state.value = { kind: 'working', answers }
      })), broken])
      if (mine === asking) state.value = { kind: 'found', found }
    }
    catch {
      if (mine !== asking) return
      ended()
      state.value = { kind: 'failed' }
    }
  }

  function cancel(): void {
    asking++
    ended()
    state.value = { kind: 'idle' }
  }

  return { state: readonly(state) as Readonly<Ref<Balancing>>, ask, cancel, warmUp }
}
