import { wrap, type Remote } from 'comlink'

/** A worker that does not start or does not answer any more. */
export class SilentWorker extends Error {}

/** Every worker answers to this, so that one can tell a busy one from one that never started. */
export interface Greeting { hello(): true }

/** Longer than this no browser needs to start a worker. */
const STARTS_MS = 10_000
/** A worker says something at least so often, or it hangs. */
const SPEAKS_MS = 25_000

/** A line to a worker that is begun when it is wanted, watched while it works, and ended when it hangs. */
export interface Line<T> {
  /** Asks; `alive` is to be called whenever the worker tells something. Fails with `SilentWorker` when it says nothing for too long. */
  ask<R>(
    call: (remote: Remote<T & Greeting>, alive: () => void) => Promise<R>,
    limits?: { readonly startsMs?: number, readonly speaksMs?: number },
  ): Promise<R>
  /** Ends the worker and whatever it was at. */
  end(): void
}

/** A browser may refuse a worker at once instead of never starting it: that is the same. */
function begun(make: () => Worker): Worker {
  try {
    return make()
  }
  catch {
    throw new SilentWorker('refused')
  }
}

export function lineTo<T>(make: () => Worker): Line<T> {
  let worker: Worker | undefined
  let remote: Remote<T & Greeting> | undefined
  let greeted = false
  let failing: ((cause: SilentWorker) => void)[] = []

  function end(): void {
    worker?.terminate()
    worker = undefined
    remote = undefined
    greeted = false
    for (const refuse of failing.splice(0)) refuse(new SilentWorker('ended'))
  }
  function started(): Remote<T & Greeting> {
    if (!worker || !remote) {
      worker = begun(make)
      const mine = worker
      worker.addEventListener('error', () => { if (worker === mine) end() })
      remote = wrap<T & Greeting>(worker)
    }
    return remote
  }

  return {
    end,
    ask: (call, { startsMs = STARTS_MS, speaksMs = SPEAKS_MS } = {}) => new Promise((resolve, reject) => {
      let timer: ReturnType<typeof setTimeout>
      let over = false
      // What is told after the answer is about nothing any more: it must not end the worker under the next call.
      const watch = (ms: number) => {
        clearTimeout(timer)
        if (!over) timer = setTimeout(end, ms)
      }
      const finish = () => {
        over = true
        clearTimeout(timer)
        failing = failing.filter(one => one !== refuse)
      }
      const refuse = (cause: unknown) => {
        finish()
        reject(cause)
      }
      failing.push(refuse)
      watch(greeted ? speaksMs : startsMs)
      const work = async () => {
        const at = started()
        // A remote object answers to any name: only what it says counts.
        if (!greeted) greeted = await (at as unknown as Remote<Greeting>).hello()
        watch(speaksMs)
        return call(at, () => watch(speaksMs))
      }
      work().then((value) => {
        finish()
        resolve(value)
      }, refuse)
    }),
  }
}
