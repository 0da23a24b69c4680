import { inTurn, type Looks } from './seen'

/** Something that happens to a course on a day: what is seen of it then, by what was. */
export interface Moving { readonly day: number, to(seen: number): number }

/**
 * A course that only goes on by its count: what is found moves it, and it goes on from there at its own pace.
 * @param counted how far it has come by a day without any look, never less on a later day.
 * @param told what is seen of it at so far, and back from that. @param also what else moves it, and to what.
 * @returns what is seen at each of the times; at the moment of a look, what was found.
 */
export function onwards<Row extends string>(
  times: Float64Array, counted: (day: number) => number, looks: Pick<Looks<Row>, 'seen' | 'take'>,
  told: { readonly of: (far: number) => number, readonly back: (seen: number) => number } = { of: far => far, back: seen => seen },
  also: readonly Moving[] = [],
): Float32Array {
  const turns = inTurn(also, looks.seen.map((one): Moving => ({ day: one.day, to: seen => looks.take(one, seen) })))
  let [moved, next] = [0, 0]
  return Float32Array.from(times, (time) => {
    for (; next < turns.length && turns[next]!.day <= time; next++) {
      const one = turns[next]!
      const far = counted(one.day) + moved
      moved += Math.max(0, told.back(one.to(told.of(far)))) - far
    }
    return told.of(Math.max(0, counted(time) + moved))
  })
}
