import { inputsOf } from '#core/journal/garden'
import { materialDocumentId } from '#core/garden/own-material'
import type { Material, RangedValue } from '#core/materials/material'
import type { Range } from '#core/units/range'

/** Changing what the garden holds of its materials; every change can be taken back. */
export function useOwnMaterials() {
  const { store } = useGarden()
  const { showNote } = useRecorder()
  const write = (id: string, values: Parameters<typeof store.write>[0][number]['values']) =>
    store.write([{ id: materialDocumentId(id), kind: 'material', values }])

  /** Whether the records speak of it: then it cannot go, or they would lose their sense. */
  function isUsed({ id }: Material): boolean {
    const { lots, batches } = store.journal.garden
    return [...lots.values()].some(({ materialId }) => materialId === id)
      || [...batches.values()].some(batch => inputsOf(batch).some(({ materialId }) => materialId === id))
  }
  /** A value of one's own; none puts the known one back. */
  async function setValue(material: Material, value: RangedValue, own: Range | undefined): Promise<void> {
    await write(material.id, { [value]: own ? { ...own } : null, removed: false })
  }
  /** A material of one's own, beginning from another. @returns its id. */
  async function create(base: Material, name: string): Promise<string> {
    const id = `own-${newId(new Date())}`
    await write(id, { basedOn: base.id, name, short: name.toLowerCase(), removed: false })
    return id
  }
  async function remove(material: Material): Promise<void> {
    await write(material.id, { removed: true })
    showNote(`${material.name} is no longer among your materials.`, () => void write(material.id, { removed: false }))
  }

  return {
    setValue, create, remove, isUsed,
    /** Anything else that is said of it; values as its document holds them. */
    setDetails: (material: Material, details: Partial<Pick<Material, 'name' | 'short' | 'family' | 'keepsDays'>>) =>
      write(material.id, details),
    isOwn: (id: string) => id.startsWith('own-'),
  }
}
