import { BlobWriter, TextReader, Uint8ArrayReader, ZipWriter } from '@zip.js/zip.js/index-native.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isArchive, openArchive, partsOf, writeArchive, type PartMark } from './archive'

const jpeg = (...rest: number[]) => new Blob([Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, ...rest)], { type: 'image/jpeg' })
const one: PartMark = { part: 1, of: 1, picturesHere: 1, picturesInAll: 1 }
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer())
const opened = async (file: Blob) => {
  const read = await openArchive(file)
  if (!read.ok) throw new Error(read.error.message)
  return read.value
}

async function zipOf(files: Readonly<Record<string, Uint8Array>>): Promise<Blob> {
  const zip = new ZipWriter(new BlobWriter())
  for (const [name, bytes] of Object.entries(files)) await zip.add(name, new Uint8ArrayReader(bytes))
  return zip.close()
}

describe('a garden with its pictures', () => {
  it('comes back whole, with which part it is', async () => {
    const file = await writeArchive({ backup: '{"a":"ä"}', mark: one, photos: [{ id: 'p-1', picture: jpeg(1, 2, 3) }] })
    expect(isArchive(await bytesOf(file))).toBe(true)
    const read = await opened(file)
    expect(read.backup).toBe('{"a":"ä"}')
    expect(read.mark).toMatchObject(one)
    expect(read.photos.map(({ id, bytes }) => [id, bytes])).toEqual([['p-1', 7]])
    expect(await bytesOf((await read.photos[0]!.open())!)).toEqual(await bytesOf(jpeg(1, 2, 3)))
  })

  it('may be a later part, with pictures alone', async () => {
    const mark = { part: 2, of: 3, picturesHere: 1, picturesInAll: 9 }
    const read = await opened(await writeArchive({ mark, photos: [{ id: 'p-9', picture: jpeg(4) }] }))
    expect([read.backup, read.mark?.part, read.photos.length]).toEqual([undefined, 2, 1])
  })

  it('gives no picture whose bytes do not match their check sum', async () => {
    const file = await writeArchive({
      backup: '{}', mark: one, photos: [{ id: 'p-1', picture: jpeg(...Array.from({ length: 200 }, () => 77)) }],
    })
    const bytes = await bytesOf(file)
    // Somewhere in the middle of the run of 77s, which lies in the file as it is.
    bytes[bytes.findIndex((byte, at) => byte === 77 && bytes[at + 60] === 77) + 30] = 78
    expect(await (await opened(new Blob([bytes]))).photos[0]!.open()).toBeUndefined()
  })

  it('is refused when it is cut off or some other file', async () => {
    const file = await writeArchive({ backup: '{}', mark: one, photos: [{ id: 'p-1', picture: jpeg(1) }] })
    expect((await openArchive(file.slice(0, file.size - 30))).ok).toBe(false)
    expect((await openArchive(new Blob([Uint8Array.of(1, 2, 3)]))).ok).toBe(false)
    const other = await openArchive(await zipOf({ 'letter.txt': Uint8Array.of(104, 105) }))
    expect(!other.ok && other.error.message).toMatch(/no garden in this zip/)
  })

  it('takes nothing that is no picture, nor what is called by an odd name', async () => {
    const read = await opened(
      await zipOf({
        'garden.json': new TextEncoder().encode('{}'), 'photos/p-1.jpg': Uint8Array.of(60, 115, 118, 103),
        'photos/p 2.jpg': Uint8Array.of(1),
      }),
    )
    expect(read.photos.map(({ id }) => id)).toEqual(['p-1'])
    expect(await read.photos[0]!.open()).toBeUndefined()
  })

  it('is refused when it unpacks to far more than it is', async () => {
    const zip = new ZipWriter(new BlobWriter())
    await zip.add('garden.json', new TextReader(' '.repeat(5_000_000)))
    const read = await openArchive(await zip.close())
    expect(!read.ok && read.error.message).toMatch(/unpacks to more/)
    const nothing = await opened(
      await zipOf({ 'garden.json': new TextEncoder().encode('{}'), 'photos/p-1.jpg': new Uint8Array(1_000_000) }),
    )
    expect(await nothing.photos[0]!.open()).toBeUndefined()
  })

  it('is refused when more comes out of it than it promises', async () => {
    const zip = new ZipWriter(new BlobWriter())
    await zip.add('garden.json', new TextReader(Array.from({ length: 9000 }, (_, index) => String((index * 7919) % 10_007)).join(' ')))
    const bytes = await bytesOf(await zip.close())
    // The size is in the list at the end of the file, 24 bytes after the mark of an entry (0x02014B50).
    const at = bytes.findLastIndex(
      (byte, index) => byte === 0x50 && bytes[index + 1] === 0x4b && bytes[index + 2] === 1 && bytes[index + 3] === 2,
    )
    new DataView(bytes.buffer).setUint32(at + 24, 1000, true)
    expect((await openArchive(new Blob([bytes]))).ok).toBe(false)
  })

  it('is refused when it holds more files than any garden', async () => {
    const file = await writeArchive({
      backup: '{}', mark: { ...one, picturesHere: 9 },
      photos: Array.from({ length: 9 }, (_, index) => ({ id: `p-${index}`, picture: jpeg(index) })),
    })
    expect((await openArchive(file, 11)).ok).toBe(true)
    expect((await openArchive(file, 10)).ok).toBe(false)
  })
})

describe('parts', () => {
  it('hold every picture once, in order, and none is too large unless one picture alone is', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 120 })), (sizes) => {
        const photos = sizes.map((bytes, id) => ({ id, bytes }))
        const parts = partsOf(photos, 100)
        expect(parts.flat()).toEqual(photos)
        for (const part of parts) expect(part.length <= 1 || part.reduce((sum, { bytes }) => sum + bytes, 0) <= 100).toBe(true)
        expect(parts.slice(1).every(part => part.length > 0)).toBe(true)
      }),
    )
  })

  it('are as few as the order allows', () => {
    expect(
      partsOf(
        [60, 40, 1].map(bytes => ({ bytes })), 100,
      ).map(part => part.length),
    ).toEqual([2, 1])
    expect(partsOf([], 100)).toEqual([[]])
  })
})
