import type { Looks } from './seen'

/**
 * A course that only goes on by its count: what is found moves it, and it goes on from there at its own pace.
 * @param counted how far it has come by a day without any look, never less on a later day.
 * @param told what is seen of it at so far, and back from that.
 * @returns what is seen at each of the times; at the moment of a look, what was found.
 */
export function onwards<Row extends string>(
  times: Float64Array, counted: (day: number) => number, looks: Pick<Looks<Row>, 'seen' | 'take'>,
  told: { readonly of: (far: number) => number, readonly back: (seen: number) => number } = { of: far => far, back: seen => seen },
): Float32Array {
  let [moved, next] = [0, 0]
  return Float32Array.from(times, (time) => {
    for (; next < looks.seen.length && looks.seen[next]!.day <= time; next++) {
      const one = looks.seen[next]!
      const far = counted(one.day) + moved
      moved += Math.max(0, told.back(looks.take(one, told.of(far)))) - far
    }
    return told.of(Math.max(0, counted(time) + moved))
  })
}
