/** What a sheet is laid of: boxes opened flat, newsprint in layers, or a length off a roll, which is cut where it ends. */
export const SORTS = ['card', 'news', 'roll'] as const
export type Sort = typeof SORTS[number]

/** So many pieces of a size, metres. */
export interface Piece {
  readonly sort: Sort
  readonly count: number
  readonly widthM: number
  readonly lengthM: number
}

/** What a piece may measure, and how many of a size and sizes there may be. */
export const PIECE_LIMITS = { lowM: 0.15, highM: 60, most: 2000, sizes: 12 } as const

const LINE = /^(card|news|roll) (\d{1,4}) of (\d+(?:\.\d+)?) x (\d+(?:\.\d+)?)$/

/** Pieces as they stand in an answer: "card 12 of 0.8 x 0.6; roll 1 of 10 x 1.2", metres. */
export function piecesText(pieces: readonly Piece[]): string {
  const metres = (value: number) => String(Math.round(value * 1000) / 1000)
  return pieces
    .map(({ sort, count, widthM, lengthM }) => `${sort} ${Math.round(count)} of ${metres(lengthM)} x ${metres(widthM)}`)
    .join('; ')
}

const fits = (metres: number) => metres >= PIECE_LIMITS.lowM && metres <= PIECE_LIMITS.highM

/** The pieces of an answer; what cannot be read, or measures nothing that could be laid, is left out. */
export function readPieces(answer: unknown): Piece[] {
  if (typeof answer !== 'string') return []
  return answer.split(';').slice(0, PIECE_LIMITS.sizes).flatMap((line): Piece[] => {
    const [, sort, count, length, width] = LINE.exec(line.trim()) ?? []
    const piece = { sort: sort as Sort, count: Math.min(PIECE_LIMITS.most, Number(count)), widthM: Number(width), lengthM: Number(length) }
    return sort !== undefined && fits(piece.widthM) && fits(piece.lengthM) ? [piece] : []
  })
}

/** Whether an answer is pieces, all of them. */
export function arePieces(answer: unknown): boolean {
  return typeof answer === 'string' && (answer === '' || readPieces(answer).length === answer.split(';').length)
}
