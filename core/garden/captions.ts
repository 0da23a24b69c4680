/** A box on a drawing, px from its left and upper edge. */
export interface Box { readonly xPx: number, readonly yPx: number, readonly widthPx: number, readonly heightPx: number }

/** A name below what it belongs to; of two that need the same room the smaller `rank` has it. */
export interface Caption extends Box { readonly key: string, readonly rank: number }

const apart = (a: Box, b: Box) =>
  a.xPx + a.widthPx <= b.xPx || b.xPx + b.widthPx <= a.xPx || a.yPx + a.heightPx <= b.yPx || b.yPx + b.heightPx <= a.yPx

/**
 * The captions of a drawing that can be read: none lies on another, or on a drawing that is not its own. The others come as the drawing
 * is enlarged. @param drawings what stands there, by the keys of their captions.
 */
export function readableCaptions(captions: readonly Caption[], drawings: ReadonlyMap<string, Box>): ReadonlySet<string> {
  const shown: Caption[] = []
  for (const caption of [...captions].sort((a, b) => a.rank - b.rank)) {
    const free = shown.every(other => apart(caption, other))
      && [...drawings].every(([key, drawing]) => key === caption.key || apart(caption, drawing))
    if (free) shown.push(caption)
  }
  return new Set(shown.map(({ key }) => key))
}
