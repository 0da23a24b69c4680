import { format } from 'date-fns'
import { proxy } from 'comlink'
import { findMethod } from '#core/methods'
import { regionLocale } from '#core/units/region'
import type { Outcome } from '#core/outcome/outcome'
import { Desk, type Preview, type SavePlan, type Taken, type Tell } from '~/storage/desk'
import type { ImportMode } from '~/storage/restore'
import type { StorageTrouble } from '~/storage/trouble'
import { shelfName } from '~/stores/which-garden'
import type { DeskAway } from '~/workers/desk.worker'
import DeskWorker from '~/workers/desk.worker?worker'
import { lineTo, SilentWorker, type Line } from '~/workers/line'

export type { ImportMode, Preview, SavePlan, Taken }

/** What is going on with files. */
export type FilesState
  = | { readonly kind: 'idle' }
    | { readonly kind: 'working', readonly what: string, readonly share: number, readonly at: string }
    | { readonly kind: 'seen', readonly preview: Preview }
    | { readonly kind: 'taken', readonly taken: Taken }
    | { readonly kind: 'planned', readonly plan: SavePlan }
    | { readonly kind: 'failed', readonly message: string }

/** What a desk can do, in a worker or right here. */
type DeskHere = Pick<Desk, 'look' | 'take' | 'takeBack' | 'save' | 'plan' | 'savePart'>

/** On the page itself only what is soon done is read: more would hold it up. */
const HERE_MOST_BYTES = 8_000_000
const BEYOND
  = 'This browser does not start the part of Wastrum that reads large files. Nothing was changed. Reload the page and try again, or try '
    + 'another browser.'

/** "3 heaps, 1 cage and 1 from a newer Wastrum". */
export function batchesText(batches: Preview['batches']): string {
  const said = batches.map(({ methodId, count }) => {
    const one = findMethod(methodId)?.face.words.one
    return one ? `${count} ${one}${count === 1 ? '' : 's'}` : `${count} from a newer Wastrum`
  })
  return said.length > 0 ? new Intl.ListFormat(regionLocale()).format(said) : 'nothing begun'
}

/**
 * Writing the garden to files, reading it back, and taking an import back: away from the page where that is possible, and it can
 * always be stopped.
 */
export function useFiles() {
  const store = useGardenStore()
  const { saved: backupSaved } = useLastBackup()
  const state = shallowRef<FilesState>({ kind: 'idle' })
  /** Files that were saved of those planned. */
  const saved = ref<readonly number[]>([])
  let line: Line<DeskAway> | undefined
  let here: Desk | undefined
  let asked = 0

  /** The last that was heard of the work: where it hung, if it did. */
  let lastAt = ''
  /** What is told of a call until it is answered: it comes on a way of its own, and may come late. */
  function telling(what: string, mine: number): { readonly tell: Tell, readonly answered: () => void } {
    let over = false
    return {
      tell: (share, at) => {
        if (over || mine !== asked) return
        lastAt = at
        state.value = { kind: 'working', what, share, at }
      },
      answered: () => { over = true },
    }
  }

  /** A desk in the worker. Each call is watched; what is told keeps it alive. */
  function away(name: string, away: Line<DeskAway>): DeskHere {
    const told = (tell: Tell, alive: () => void) => proxy((share: number, at: string) => {
      alive()
      tell(share, at)
    })
    return {
      look: (file, now, tell) => away.ask(async (desk, alive) => await desk.look(name, file, now, told(tell, alive))),
      take: (mode, now, tell) =>
        away.ask(async (desk, alive) => await desk.take(name, mode, now, told(tell, alive)), { speaksMs: 120_000 }),
      takeBack: () => away.ask(async desk => await desk.takeBack(name), { speaksMs: 120_000 }),
      save: now => away.ask(async desk => await desk.save(name, now)),
      plan: () => away.ask(async desk => await desk.plan(name)),
      savePart: (index, now, tell) =>
        away.ask(async (desk, alive) => await desk.savePart(name, index, now, told(tell, alive)), { speaksMs: 120_000 }),
    }
  }

  /** Does something at the desk and shows how it goes. Where no worker starts, what is small enough is done here. */
  async function at<T>(
    what: string, work: (desk: DeskHere, tell: Tell) => Promise<Outcome<T, StorageTrouble | string>>, bytes = 0,
  ): Promise<T | undefined> {
    const mine = ++asked
    const name = shelfName(store.which ?? 'own')
    const { tell, answered } = telling(what, mine)
    const done = (outcome: Outcome<T, StorageTrouble | string>): T | undefined => {
      answered()
      if (mine !== asked) return undefined
      if (outcome.ok) return outcome.value
      state.value = { kind: 'failed', message: typeof outcome.error === 'string' ? outcome.error : outcome.error.message }
      return undefined
    }
    tell(0, '')
    if (here || !store.lasting) {
      here ??= new Desk(name, store.shelfNow())
      return done(await work(here, tell))
    }
    let greeted = false
    try {
      line ??= lineTo<DeskAway>(() => new DeskWorker())
      await line.ask(async desk => await desk.hello())
      greeted = true
      return done(await work(away(name, line), tell))
    }
    catch (cause) {
      if (mine !== asked) return undefined
      if (cause instanceof SilentWorker && !greeted && bytes <= HERE_MOST_BYTES) {
        here = new Desk(name, store.shelfNow())
        return done(await work(here, tell))
      }
      answered()
      state.value = {
        kind: 'failed',
        message: greeted
          ? `This takes longer than it should${lastAt ? `: it hangs at “${lastAt}”` : ''}. It was stopped, and nothing was changed.`
          : BEYOND,
      }
      return undefined
    }
  }

  /** Ends whatever is going on. What was not finished has changed nothing. */
  async function stop(): Promise<void> {
    asked++
    line?.end()
    line = undefined
    state.value = { kind: 'idle' }
    await store.shelfNow().clearArriving()
  }
  onBeforeUnmount(() => {
    asked++
    line?.end()
  })

  const fileName = (ending: string, part = '') => `wastrum-${format(new Date(), 'yyyy-MM-dd')}${part}.${ending}`
  const rest = () => { state.value = { kind: 'idle' } }

  async function look(file: File): Promise<void> {
    const preview = await at('Reading', (desk, tell) => desk.look(file, new Date(), tell), file.size)
    if (preview) state.value = { kind: 'seen', preview }
  }
  async function take(mode: ImportMode): Promise<void> {
    const taken = await at('Taking it in', (desk, tell) => desk.take(mode, new Date(), tell))
    if (!taken) return
    await store.replaced()
    state.value = { kind: 'taken', taken }
  }
  async function takeBack(): Promise<void> {
    if (await at('Taking it back', async (desk) => {
      const done = await desk.takeBack()
      return done.ok ? { ok: true, value: true } : done
    })) {
      await store.replaced()
      rest()
    }
  }
  async function save(): Promise<void> {
    const file = await at('Writing the backup', desk => desk.save(new Date()))
    if (!file) return
    download(file, 'application/json', fileName('json'))
    backupSaved()
    rest()
  }
  async function savePart(plan: SavePlan, index: number): Promise<void> {
    const file = await at('Packing', (desk, tell) => desk.savePart(index, new Date(), tell))
    if (!file) return
    download(file, 'application/zip', fileName('zip', plan.parts.length > 1 ? `-${index + 1}-of-${plan.parts.length}` : ''))
    saved.value = [...saved.value, index]
    if (saved.value.length === plan.parts.length) backupSaved()
    state.value = plan.parts.length > 1 ? { kind: 'planned', plan } : { kind: 'idle' }
  }
  /** The garden and every picture: in one file, or in several that are saved one by one. */
  async function saveWithPictures(): Promise<void> {
    const plan = await at('Counting the pictures', desk => desk.plan())
    if (!plan) return
    saved.value = []
    if (plan.parts.length > 1) state.value = { kind: 'planned', plan }
    else await savePart(plan, 0)
  }

  return { state, saved, look, take, takeBack, save, saveWithPictures, savePart, stop, rest }
}
