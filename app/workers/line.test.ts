import { expose, proxy } from 'comlink'
import { describe, expect, it } from 'vitest'
import { lineTo, SilentWorker } from './line'

interface Sums {
  add(a: number, b: number): number
  slowly(steps: number, told: (step: number) => void): Promise<string>
  never(): Promise<void>
}

const sleep = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

/** A worker that lives at the other end of a channel. */
function sums(): Worker {
  const { port1, port2 } = new MessageChannel()
  expose({
    hello: () => true as const,
    add: (a: number, b: number) => a + b,
    never: () => new Promise<void>(() => {}),
    slowly: async (steps: number, told: (step: number) => void) => {
      for (let step = 0; step < steps; step++) {
        await sleep(30)
        told(step)
      }
      return 'done'
    },
  } satisfies Sums & { hello(): true }, port2 as never)
  return Object.assign(port1, { terminate: () => port1.close() }) as unknown as Worker
}

/** A worker of which nothing is ever heard. */
const mute = () => Object.assign(new EventTarget(), { postMessage: () => {}, terminate: () => {} }) as unknown as Worker

describe('a line to a worker', () => {
  it('takes a browser that refuses workers like one that never starts them', async () => {
    const line = lineTo<Sums>(() => { throw new DOMException('no workers here', 'SecurityError') })
    await expect(line.ask(async remote => await remote.add(2, 3))).rejects.toBeInstanceOf(SilentWorker)
  })

  it('asks and is answered, with one worker for many questions', async () => {
    let made = 0
    const line = lineTo<Sums>(() => {
      made++
      return sums()
    })
    expect(await line.ask(async remote => await remote.add(2, 3))).toBe(5)
    expect(await line.ask(async remote => await remote.add(4, 3))).toBe(7)
    expect(made).toBe(1)
    line.end()
  })

  it('gives up a worker that never starts', async () => {
    await expect(lineTo<Sums>(mute).ask(async remote => await remote.add(1, 1), { startsMs: 40 })).rejects.toBeInstanceOf(SilentWorker)
  })

  it('gives up one that says nothing for too long, but not one that speaks', async () => {
    const line = lineTo<Sums>(sums)
    expect(await line.ask(async (remote, alive) => await remote.slowly(8, proxy(() => alive())), { speaksMs: 120 })).toBe('done')
    await expect(line.ask(async remote => await remote.never(), { speaksMs: 60 })).rejects.toBeInstanceOf(SilentWorker)
    // The next question has a worker of its own.
    expect(await line.ask(async remote => await remote.add(1, 1))).toBe(2)
    line.end()
  })

  it('hears nothing after the answer: what is told late ends no worker under the next question', async () => {
    let made = 0
    const line = lineTo<Sums>(() => {
      made++
      return sums()
    })
    let late = () => {}
    expect(await line.ask(async (remote, alive) => {
      late = alive
      return await remote.add(2, 3)
    }, { speaksMs: 40 })).toBe(5)
    late()
    const next = line.ask(async remote => await remote.slowly(4, proxy(() => {})), { speaksMs: 5000 })
    expect(await next).toBe('done')
    expect(made).toBe(1)
    line.end()
  })

  it('fails at once when it is ended, or when its worker breaks', async () => {
    const line = lineTo<Sums>(sums)
    const asked = line.ask(async remote => await remote.never())
    await sleep(20)
    line.end()
    await expect(asked).rejects.toBeInstanceOf(SilentWorker)
    let broken: Worker | undefined
    const other = lineTo<Sums>(() => (broken = mute()))
    const failing = other.ask(async remote => await remote.add(1, 1))
    broken!.dispatchEvent(new Event('error'))
    await expect(failing).rejects.toBeInstanceOf(SilentWorker)
  })
})
