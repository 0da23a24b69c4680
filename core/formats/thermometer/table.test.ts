import { describe, expect, it } from 'vitest'
import { encodingOf, tableOf, TABLE_LIMITS, type TableTrouble } from './table'

async function read(
  file: Blob, limits: Parameters<typeof tableOf>[1] = TABLE_LIMITS,
): Promise<{ rows: string[][], trouble: TableTrouble | undefined, shares: number[] }> {
  const rows: string[][] = []
  const shares: number[] = []
  const pieces = tableOf(file, limits)
  for (let piece = await pieces.next(); ; piece = await pieces.next()) {
    if (piece.done) return { rows, trouble: piece.value, shares }
    rows.push(...piece.value.rows)
    shares.push(piece.value.share)
  }
}

describe('a table of a thermometer', () => {
  it('is read piece by piece as it would be in one, wherever the pieces end', async () => {
    const lines = Array.from({ length: 40_000 }, (_, index) => `2026-05-04 10:00;${index};°C ä`)
    const { rows, trouble, shares } = await read(new Blob([`time;n;unit\r\n${lines.join('\r\n')}`]))
    expect(trouble).toBeUndefined()
    expect(rows).toHaveLength(40_001)
    expect(rows.slice(1).every((row, index) => row[1] === String(index) && row[2] === '°C ä')).toBe(true)
    expect(shares.length).toBeGreaterThan(4)
    expect(shares.at(-1)).toBe(1)
  })

  it('is read in the letters it was written in', async () => {
    const latin = Uint8Array.from('zeit;kern °C\n1;20', sign => sign.charCodeAt(0))
    expect(encodingOf(latin)).toBe('windows-1252')
    expect((await read(new Blob([latin]))).rows[0]).toEqual(['zeit', 'kern °C'])
    const wide = Uint8Array.of(0xff, 0xfe, ...[...'a,°\n1,2'].flatMap(sign => [sign.charCodeAt(0) & 255, sign.charCodeAt(0) >> 8]))
    expect((await read(new Blob([wide]))).rows).toEqual([
      ['a', '°'], ['1', '2'],
    ])
    expect(encodingOf(new TextEncoder().encode('kern °C').slice(0, 6))).toBe('utf-8')
  })

  it('without an end of a line is given up within the first piece', async () => {
    let asked = 0
    const endless = new Blob(['x'.repeat(3_000_000)])
    const slice = endless.slice.bind(endless)
    endless.slice = (...range) => {
      asked++
      return slice(...range)
    }
    expect((await read(endless)).trouble).toBe('line-too-long')
    expect(asked).toBeLessThanOrEqual(2)
  })

  it('is given up at what no thermometer writes', async () => {
    const limits = { lineSigns: 60, columns: 3, rows: 4 }
    expect((await read(new Blob(['1,2,3,4\n']), limits)).trouble).toBe('too-many-columns')
    expect((await read(new Blob(['1\n2\n3\n4\n5\n']), limits)).trouble).toBe('too-many-rows')
    expect((await read(new Blob([`1\n${'9'.repeat(61)}\n2`]), limits)).trouble).toBe('line-too-long')
    expect((await read(new Blob(['1,2,3\n2\n3\n4\n']), limits)).trouble).toBeUndefined()
    expect((await read(new Blob([`${Array.from({ length: 4000 }, () => 'c').join(',')}\n1`]))).trouble).toBe('too-many-columns')
  })

  it('as wide and long-lined as the largest loggers write is read whole', async () => {
    // A hundred channels, each with a long name: 100 × 150 signs.
    const wide = Array.from({ length: 100 }, (_, index) => `channel ${index} `.padEnd(149, 'x')).join(',')
    const { rows, trouble } = await read(new Blob([`${wide}\n${Array.from({ length: 100 }, () => '20.5').join(',')}\n`]))
    expect([trouble, rows.length, rows[1]!.length]).toEqual([undefined, 2, 100])
  })

  it('that is empty has no rows', async () => {
    expect(await read(new Blob([]))).toMatchObject({ rows: [], trouble: undefined })
    expect(await read(new Blob(['\n\n \n']))).toMatchObject({ rows: [] })
  })
})
