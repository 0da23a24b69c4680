import type { StoredLot } from '#core/garden/store'

/** What a lot is called in a sentence: by its own name where it has one, else by what it is. */
export const lotName = ({ lot, material }: Pick<StoredLot, 'lot' | 'material'>): string => lot.called ?? material.short
