/** The middle of several runs, in milliseconds, after warming up. */
export function milliseconds(work: () => void, runs: number): number {
  for (let run = 0; run < Math.min(runs, 200); run++) work()
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] as number
}

/** A figure in a line of its own. */
export function say(name: string, ms: number, beside = ''): void {
  console.log(`${name.padEnd(58)} ${ms < 1 ? ms.toFixed(3) : ms.toFixed(1)} ms${beside ? `   ${beside}` : ''}`)
}
