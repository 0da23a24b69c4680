import { expose } from 'comlink'
import Papa from 'papaparse'
import { proposeReading, type Proposal, type Reading } from '#core/formats/thermometer/columns'
import { Gatherer, type Gathered } from '#core/formats/thermometer/gather'

/** The first rows of a file as they stand, and how it would be read. */
export interface Preview {
  readonly rows: readonly (readonly string[])[]
  readonly proposal: Proposal
}

const FIRST_ROWS = 250
const SHOWN_ROWS = 6

let parser: Papa.Parser | undefined

/** Runs a file through row by row, in pieces, so that its size does not matter. */
function run(file: File, onRow: (row: string[], index: number) => boolean, onPiece: (share: number) => void): Promise<void> {
  return new Promise((resolve, reject) => {
    let index = 0
    Papa.parse<string[]>(file, {
      skipEmptyLines: 'greedy', chunkSize: 256 * 1024,
      chunk: ({ data, meta }, reader) => {
        parser = reader
        for (const row of data) {
          if (!onRow(row, index++)) {
            reader.abort()
            return
          }
        }
        onPiece(Math.min(1, meta.cursor / file.size))
      },
      complete: () => resolve(),
      error: error => reject(error),
    })
  })
}

/** Reading thermometer files, away from the page. */
const thermometer = {
  async preview(file: File): Promise<Preview> {
    const rows: string[][] = []
    await run(file, row => rows.push(row) < FIRST_ROWS, () => {})
    return { rows: rows.slice(0, SHOWN_ROWS), proposal: proposeReading(rows) }
  },
  async gather(file: File, reading: Reading, onProgress: (share: number) => void): Promise<Gathered> {
    const gatherer = new Gatherer(reading)
    await run(file, (row, index) => {
      if (index > 0 || !reading.heading) gatherer.take(row)
      return true
    }, onProgress)
    return gatherer.result()
  },
  giveUp(): void {
    parser?.abort()
  },
}
export type Thermometer = typeof thermometer

expose(thermometer)
