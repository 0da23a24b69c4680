import type { PhotoMark } from '../journal/garden'

/** Two pictures that are looked at beside each other. */
export interface PicturePair { readonly left: PhotoMark, readonly right: PhotoMark }

const apart = (a: PhotoMark, b: PhotoMark) => Math.abs(Date.parse(a.at) - Date.parse(b.at))

/** The first and the last picture of one batch; nothing while there are not two. */
export function firstAndLast(photos: readonly PhotoMark[]): PicturePair | undefined {
  const inOrder = [...photos].sort((a, b) => (a.at < b.at ? -1 : 1))
  const [left, right] = [inOrder[0], inOrder.at(-1)]
  return left && right && left !== right ? { left, right } : undefined
}

/** Of two batches the pictures that were taken closest to the same moment, of several the last; nothing where one has none. */
export function sameTime(left: readonly PhotoMark[], right: readonly PhotoMark[]): PicturePair | undefined {
  const pairs = left.flatMap(one => right.map((other): PicturePair => ({ left: one, right: other })))
  return pairs.reduce<PicturePair | undefined>((best, pair) => {
    if (!best) return pair
    const closer = apart(pair.left, pair.right) - apart(best.left, best.right)
    return closer < 0 || (closer === 0 && pair.left.at > best.left.at) ? pair : best
  }, undefined)
}
