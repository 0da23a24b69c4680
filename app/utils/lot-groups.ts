import type { StoredLot } from '#core/garden/store'
import { leaningOf } from '#core/materials/colour'
import type { Material } from '#core/materials/material'

/** Lots of one material together, the one that goes first on top. */
export interface GroupOfLots {
  readonly material: Material
  readonly lots: readonly StoredLot[]
  /** Came out of a batch, rather than being gathered. */
  readonly made: boolean
}

const isMade = ({ material, lot }: StoredLot) =>
  material.family === 'finished' || lot.fromBatchId !== undefined || lot.fromLotIds !== undefined
const spoils = ({ keeping }: StoredLot) => keeping.freshness === 'use-soon' || keeping.freshness === 'spoiling'

/** Lots by material, as they are looked for. What spoils first keeps its place at the top. */
export function groupedLots(
  stored: readonly StoredLot[], show: 'all' | 'spoils' | 'brown' | 'green' | 'made', text: string,
): GroupOfLots[] {
  const wanted = text.trim().toLowerCase()
  const fits = (lot: StoredLot) =>
    (show === 'all' || (show === 'spoils' ? spoils(lot) : show === 'made' ? isMade(lot) : !isMade(lot) && leaningOf(lot.material) === show))
    && (wanted === ''
      || `${lot.lot.called ?? ''} ${lot.material.name} ${lot.material.short} ${lot.lot.source}`.toLowerCase().includes(wanted))
  const groups = new Map<string, StoredLot[]>()
  for (const lot of stored.filter(fits)) groups.set(lot.material.id, [...groups.get(lot.material.id) ?? [], lot])
  return [...groups.values()].flatMap(lots => lots[0] ? [{ material: lots[0].material, lots, made: isMade(lots[0]) }] : [])
}
