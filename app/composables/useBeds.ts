import type { Span } from '#core/already'
import { BED_KIND, bedAreaM2, bedValues, readBeds, type Bed } from '#core/beds/bed'
import { cover, type Covered } from '#core/beds/covering'
import { bedHistories, type BedHistory } from '#core/beds/history'
import { spreadKindOf, type Asked, type Stuff } from '#core/beds/spreading'
import { BEDS_ID, readCharSchool, type CharSchool } from '#core/beds/schools'
import { stuffReader } from '#core/lots/stuff'
import type { StoredLot } from '#core/garden/store'
import type { Family } from '#core/materials/material'

/** A lot that may be spread, with the char in it. */
export interface SpreadLot { readonly stored: StoredLot, readonly stuff: Stuff }

/** What was made for beds is offered before what could go on them. */
const MADE: readonly Family[] = ['finished', 'char']

/** The beds of the garden: what was spread on them, what may go on them, and how they are changed. */
export const useBeds = createSharedComposable(() => {
  const { store, stored, materials, clock, seasonMonth, units } = useGarden()
  const { record, showNote } = useRecorder()
  const { quantity } = useSay()
  const key = computed(() => JSON.stringify(store.documents.filter(({ kind, id }) => kind === BED_KIND || id === BEDS_ID)))
  const beds = computed(() => {
    void key.value
    return readBeds(toRaw(store.documents))
  })
  const school = computed(() => {
    void key.value
    return readCharSchool(toRaw(store.documents))
  })
  const histories = computed(() => bedHistories(store.journal.garden, beds.value, materials.value))
  const historyOf = (bed: Bed): BedHistory => histories.value.get(bed.id) ?? []
  const lots = computed<SpreadLot[]>(() => {
    const read = stuffReader(store.journal.garden, materials.value, clock.value)
    return stored.value.flatMap((one) => {
      const stuff = read(one.lot)
      return stuff && spreadKindOf(stuff) ? [{ stored: one, stuff }] : []
    }).sort((a, b) => Number(MADE.includes(b.stuff.material.family)) - Number(MADE.includes(a.stuff.material.family)))
  })
  const around = computed(() => ({ school: school.value, now: clock.value, units: units.value, seasonMonth: seasonMonth.value }))

  /** How far so many litres of a lot go, and over which beds. */
  const coveringOf = ({ stuff }: SpreadLot, litres: number) =>
    cover(
      stuff, litres, beds.value.map(bed => ({ bed, history: historyOf(bed) })), around.value,
    )
  /** Everything that is weighed for a lot on a bed. */
  const askedOf = (bed: Bed, { stuff }: SpreadLot): Asked => ({ ...stuff, ...around.value, bed, history: historyOf(bed) })
  /** From when each sort of stuff may go on a bed again. */
  const againOn = (bed: Bed) => ({ bed, history: historyOf(bed), school: school.value })

  /** Spreads a lot over beds: one record, taken back at once or not at all. */
  function spread(
    { stored: { lot, material } }: SpreadLot, onto: readonly Pick<Covered, 'bed' | 'litres'>[], at: string,
  ): Promise<boolean> {
    const litres = onto.reduce((sum, one) => sum + one.litres, 0)
    return record(
      onto.map(one => ({
        kind: 'used' as const, at, lotId: lot.id, litres: Math.round(one.litres * 1000) / 1000, place: one.bed.name,
        areaM2: Math.max(0.01, Math.round(bedAreaM2(one.bed) * 100) / 100), bedId: one.bed.id,
      })),
      `${quantity('volume', litres, 1)} of ${lotName({ lot, material })} on ${onto.map(one => one.bed.name).join(', ')}.`,
    )
  }
  /** What a bed had before anything was kept here: counted by its day for doses, ceilings and harvests. */
  function had(bed: Bed, materialId: string, litres: number, at: Date, between: Span): Promise<boolean> {
    return record({
      kind: 'used', at: at.toISOString(), between: { from: between.from.toISOString(), to: between.to.toISOString() },
      materialId, litres, place: bed.name, areaM2: Math.max(0.01, Math.round(bedAreaM2(bed) * 100) / 100), bedId: bed.id,
    }, `${bed.name} had ${quantity('volume', litres, 1)} of ${materials.value.find(materialId)?.short ?? materialId}.`)
  }
  async function save(bed: Omit<Bed, 'id'>, id?: string): Promise<boolean> {
    return (await store.write([{ id: id ?? `${BED_KIND}.${newId(new Date())}`, kind: BED_KIND, values: bedValues(bed) }])).ok
  }
  async function remove(bed: Bed): Promise<void> {
    const put = (removed: boolean) => store.write([{ id: bed.id, kind: BED_KIND, values: { removed } }])
    if ((await put(true)).ok) showNote(`“${bed.name}” is put away; what was spread on it stays in the journal.`, () => void put(false))
  }
  async function choose(charSchool: CharSchool): Promise<void> {
    await store.write([{ id: BEDS_ID, kind: BEDS_ID, values: { charSchool } }])
  }
  /** Takes back what was spread: it lies in the store again. */
  async function takeBack(eventId: string, said: string): Promise<void> {
    const undone = await store.undo([eventId])
    if (undone.ok) showNote(`${said} is taken back.`, () => void store.undo(undone.value.map(({ id }) => id)))
  }
  return { beds, school, lots, historyOf, coveringOf, askedOf, againOn, spread, had, save, remove, choose, takeBack }
})
