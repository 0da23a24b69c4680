import { BLANK_MATERIAL, usualKind, type Material } from './material'

/** Everything of a material that the arithmetic uses. */
const WORTH_FIELDS = [
  'name', 'short', 'family', 'nitrogenFraction', 'carbonToNitrogen', 'moistureFraction', 'bulkDensityKgM3',
  'ligninFraction', 'ashFraction', 'structure', 'pace', 'packsLikeKgM3',
] as const

/** What a material was taken to be when something was recorded with it: it stays so, whatever is weighed later. */
export type Worth = Pick<Material, Exclude<typeof WORTH_FIELDS[number], 'packsLikeKgM3'>> & { readonly packsLikeKgM3?: number | undefined }

/** The worth of a material today, to be written into an event. */
export function worthOf(material: Material): Worth {
  return Object.fromEntries(
    WORTH_FIELDS.flatMap(field => (material[field] === undefined ? [] : [[field, material[field]]])),
  ) as unknown as Worth
}

/** Materials made of a worth, once each: samples and preparations are kept by a material's identity. */
const made = new WeakMap<Worth, Material>()

/** The material as it was then. What has no bearing on figures comes from how it is known now. */
export function materialThen(id: string, worth: Worth, known: Material | undefined): Material {
  const ready = made.get(worth) ?? Object.freeze({ ...(known ?? { ...BLANK_MATERIAL, ...usualKind(worth) }), ...worth, id })
  made.set(worth, ready)
  return ready
}
