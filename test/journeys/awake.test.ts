import { expect, it } from 'vitest'
import { walk, type Visit } from './support/visit'

/** Longer than this a finger that taps thinks that nothing heard it, ms; a freeze is seconds, a busy machine a fifth of one. */
const HELD_UP_MS = 400
const VISITS = 3

async function longestTask(gardener: Visit, path: string): Promise<number> {
  await gardener.page.goto(`${gardener.home}${path}`, { waitUntil: 'load' })
  await gardener.page.waitForSelector('h1')
  await new Promise(resolve => setTimeout(resolve, 2500))
  return gardener.page.evaluate(() => Math.max(0, ...(globalThis as unknown as { longTasks: number[] }).longTasks))
}

it('no page of the made-up garden holds a tap up', () =>
  walk('laptop', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.see('Apple bay')
    await gardener.page.evaluateOnNewDocument(() => {
      const longTasks: number[] = []
      Object.assign(globalThis, { longTasks })
      new PerformanceObserver(list => longTasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
        type: 'longtask', buffered: true,
      })
    })
    for (const path of ['/', '/bench', '/store', '/yard', '/beds', '/labels', '/garden', '/batch/demo-apple-bay']) {
      const tasks: number[] = []
      // The quickest of three: what else the machine is at holds up one, not all of them.
      while (tasks.length < VISITS && Math.min(Infinity, ...tasks) > HELD_UP_MS) tasks.push(await longestTask(gardener, path))
      expect(Math.min(...tasks), path).toBeLessThan(HELD_UP_MS)
    }
  }), 240_000)
