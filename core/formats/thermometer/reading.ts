import { fail, ok, type Outcome } from '../../outcome/outcome'
import { proposeReading, type Proposal, type Reading } from './columns'
import { Gatherer, type Gathered } from './gather'
import { tableOf, type TableTrouble } from './table'

/** The first rows of a file as they stand, cut to what can be shown, and how it would be read. */
export interface TablePreview {
  readonly rows: readonly (readonly string[])[]
  readonly proposal: Proposal
}

const FIRST_ROWS = 250
const SHOWN_ROWS = 6
const SHOWN_SIGNS = 40

/** Looks at the first rows of a thermometer's file. */
export async function previewed(file: Blob): Promise<Outcome<TablePreview, TableTrouble>> {
  const rows: string[][] = []
  const table = tableOf(file)
  while (rows.length < FIRST_ROWS) {
    const piece = await table.next()
    if (!piece.done) rows.push(...piece.value.rows.slice(0, FIRST_ROWS - rows.length))
    else if (piece.value) return fail(piece.value)
    else break
  }
  return ok({ rows: rows.slice(0, SHOWN_ROWS).map(row => row.map(cell => cell.slice(0, SHOWN_SIGNS))), proposal: proposeReading(rows) })
}

/** Gathers the readings of a whole file. @param onProgress hears the share that is read. */
export async function gathered(
  file: Blob, reading: Reading, onProgress: (share: number) => void,
): Promise<Outcome<Gathered, TableTrouble>> {
  const gatherer = new Gatherer(reading)
  const table = tableOf(file)
  let heading = reading.heading
  for (;;) {
    const piece = await table.next()
    if (piece.done) return piece.value ? fail(piece.value) : ok(gatherer.result())
    for (const row of piece.value.rows) {
      if (!heading) gatherer.take(row)
      heading = false
    }
    onProgress(piece.value.share)
  }
}
