import type { GardenDocument } from '#core/journal/document'
import { takenEvents, writtenEvent } from '#core/journal/event'
import type { Contents } from './shelf'

/*
 * A browser may lose a database whole: it finds it damaged after a crash, and begins it anew. So the journal lies a second time in a file
 * of the browser's own, written in a quiet moment. It is read only where the database comes up empty. Pictures are not in it.
 */

/** What the second copy holds, and of when it is. */
export interface SecondCopy {
  readonly contents: Contents
  readonly at: string
}

/** Events in one line: few enough that a line holds nothing up. */
const IN_A_LINE = 500

/** The folder of the browser's own files; nothing where it has none, or blocks it. */
async function folder(): Promise<FileSystemDirectoryHandle | undefined> {
  try {
    return await (navigator as Partial<Navigator>).storage?.getDirectory()
  }
  catch {
    return undefined
  }
}

const fileName = (garden: string) => `${garden}.copy`

/**
 * Writes the second copy of a garden in place of the one before, all of it or nothing. @returns whether it was written: a browser may keep
 * no files, or have no room.
 */
export async function writeSecondCopy(garden: string, { events, documents }: Contents, at: string): Promise<boolean> {
  try {
    const file = await (await folder())?.getFileHandle(fileName(garden), { create: true })
    // What is written shows when it is closed; until then the one before stands.
    const writing = await (file as Partial<FileSystemFileHandle> | undefined)?.createWritable?.()
    if (!writing) return false
    await writing.write(`${JSON.stringify({ at, events: events.length, documents: documents.length })}\n`)
    for (let from = 0; from < events.length; from += IN_A_LINE)
      await writing.write(`${JSON.stringify(events.slice(from, from + IN_A_LINE).map(writtenEvent))}\n`)
    await writing.write(`${JSON.stringify(documents)}\n`)
    await writing.close()
    return true
  }
  catch {
    return false
  }
}

/** Reads the second copy of a garden; nothing where there is none, or none that is whole. */
export async function readSecondCopy(garden: string): Promise<SecondCopy | undefined> {
  try {
    const file = await (await folder())?.getFileHandle(fileName(garden))
    if (!file) return undefined
    const [head, ...lines] = (await (await file.getFile()).text()).trimEnd().split('\n')
    const { at, events: count, documents: many } = JSON.parse(head!) as { at: string, events: number, documents: number }
    const documents = JSON.parse(lines.pop()!) as GardenDocument[]
    const written = lines.flatMap(line => JSON.parse(line) as unknown[])
    if (written.length !== count || documents.length !== many) return undefined
    return { at, contents: { events: takenEvents(written), documents } }
  }
  catch {
    return undefined
  }
}
