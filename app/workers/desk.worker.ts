import { expose } from 'comlink'
import { fail, type Outcome } from '#core/outcome/outcome'
import { openShelf } from '~/storage/database-shelf'
import { Desk, type Preview, type SavePlan, type Taken, type Tell } from '~/storage/desk'
import type { ImportMode } from '~/storage/restore'
import type { StorageTrouble } from '~/storage/trouble'
import { writeAsIn, writeFrom } from '#core/units/region'

// What it says of a file is written as on the page.
writeAsIn(navigator.language)
writeFrom(new Date())

let desk: { readonly name: string, readonly at: Desk } | undefined

async function at(name: string): Promise<Outcome<Desk, StorageTrouble>> {
  if (desk?.name === name) return { ok: true, value: desk.at }
  const opened = await openShelf(name, () => { desk = undefined })
  if (!opened.shelf) return fail(opened.trouble)
  desk = { name, at: new Desk(name, opened.shelf) }
  return { ok: true, value: desk.at }
}

/** Files in and out, away from the page. Every call names the shelf it is for. */
const deskAway = {
  hello: () => true as const,
  async look(name: string, file: File, now: Date, tell: Tell): Promise<Outcome<Preview, string>> {
    const found = await at(name)
    return found.ok ? found.value.look(file, now, tell) : fail(found.error.message)
  },
  async take(name: string, mode: ImportMode, now: Date, tell: Tell): Promise<Outcome<Taken, StorageTrouble>> {
    const found = await at(name)
    return found.ok ? found.value.take(mode, now, tell) : found
  },
  async takeBack(name: string): Promise<Outcome<void, StorageTrouble>> {
    const found = await at(name)
    return found.ok ? found.value.takeBack() : found
  },
  async save(name: string, now: Date): Promise<Outcome<Blob, StorageTrouble>> {
    const found = await at(name)
    return found.ok ? found.value.save(now) : found
  },
  async plan(name: string): Promise<Outcome<SavePlan, StorageTrouble>> {
    const found = await at(name)
    return found.ok ? found.value.plan() : found
  },
  async savePart(name: string, index: number, now: Date, tell: Tell): Promise<Outcome<Blob, StorageTrouble>> {
    const found = await at(name)
    return found.ok ? found.value.savePart(index, now, tell) : found
  },
}
export type DeskAway = typeof deskAway

expose(deskAway)
