import { describe, expect, it } from 'vitest'
import { inSlices } from './slices'

function busy(ms: number): void {
  const until = performance.now() + ms
  while (performance.now() < until);
}

function* work(steps: number): Generator<number, string> {
  for (let step = 0; step < steps; step++) {
    busy(5)
    yield step
  }
  return 'done'
}

describe('work in slices', () => {
  it('is done to its end, and others have their turn meanwhile', async () => {
    let turns = 0
    let working = true
    const others = async () => {
      while (working) {
        await new Promise(resolve => setTimeout(resolve, 0))
        turns++
      }
    }
    const beside = others()
    const heard: number[] = []
    expect(await inSlices(work(20), { onStep: step => heard.push(step) })).toBe('done')
    working = false
    await beside
    expect(turns).toBeGreaterThan(2)
    expect(heard.length).toBeGreaterThan(2)
    expect(heard).toEqual([...heard].sort((a, b) => a - b))
  })

  it('ends when it is not wanted any more', async () => {
    let wanted = true
    const heard: number[] = []
    const done = await inSlices(work(40), {
      stillWanted: () => wanted,
      onStep: (step) => {
        heard.push(step)
        wanted = heard.length < 2
      },
    })
    expect([done, heard.length]).toEqual([undefined, 2])
  })
})
