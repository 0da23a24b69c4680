import { materialDocumentId } from '#core/garden/own-material'
import type { Material, RangedValue } from '#core/materials/material'
import type { Range } from '#core/units/range'
import { newId } from '~/storage/identity'

/** Changing what the garden holds of its materials; every change can be taken back. */
export function useOwnMaterials() {
  const { store } = useGarden()
  const { record, showNote } = useRecorder()
  const documentOf = (id: string) => store.documents.find(one => one.id === materialDocumentId(id))
  const write = (id: string, values: Parameters<typeof store.write>[0][number]['values']) => store.write([{ id: materialDocumentId(id), kind: 'material', values }])

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
    documentOf, setValue, create, remove, record,
    rename: (material: Material, name: string) => write(material.id, { name, short: name.toLowerCase() }),
    isOwn: (id: string) => id.startsWith('own-'),
  }
}
