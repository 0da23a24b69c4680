import type { ChartDots } from './look'

type Dot = ChartDots['points'][number]

/** As many dots as can be told apart across a page; choice. */
const MOST_DOTS = 600

/**
 * Dots of a row in order of time, as many as can be told apart: of each stretch the lowest and the highest, so that no peak is lost,
 * and every odd one. A row that is short enough is as it was.
 */
export function thinned(points: readonly Dot[], most = MOST_DOTS): readonly Dot[] {
  if (points.length <= most) return points
  const [from, to] = [points[0]!.at, points.at(-1)!.at]
  const stretchMs = Math.max(1, (to - from) / (most / 2))
  const kept = new Set<Dot>([points[0]!, points.at(-1)!])
  let stretch = -1
  let [low, high]: [Dot | undefined, Dot | undefined] = [undefined, undefined]
  const keep = () => {
    for (const one of [low, high]) if (one) kept.add(one)
  }
  for (const point of points) {
    const here = Math.floor((point.at - from) / stretchMs)
    if (here !== stretch) {
      keep()
      stretch = here
      low = high = point
    }
    if (point.odd) kept.add(point)
    if (!low || point.value < low.value) low = point
    if (!high || point.value > high.value) high = point
  }
  keep()
  return points.filter(point => kept.has(point))
}
