import { aroundHere } from '#core/bench/offered'
import { completed } from '#core/questions/question'
import { sitesFor, type Method, type Proposal } from '#core/methods/contract'
import type { Picture } from '#core/picture/picture'
import type { Site } from '#core/vessel/site'

const EXAMPLE_L = 950
/** In autumn there is something of everything. */
const EXAMPLE_MONTH = 10

/** How a method looks before anything lies on the bench. */
export function useMethodPicture() {
  const { surroundings, materials, materialContainers } = useGarden()

  /** What a mix is drawn with: six containers of whatever can be had. */
  function stuffFor(some: boolean): Pick<Proposal, 'ingredients' | 'volumeL'> {
    const ingredients = some
      ? aroundHere(materials.value, materialContainers.value, EXAMPLE_MONTH, []).map(({ material, container }) => ({
          material,
          amount: { count: 6, container, packing: 'loose' as const },
        }))
      : []
    return { ingredients, volumeL: some ? EXAMPLE_L : 0 }
  }

  /** A method in its first school, in the place that is asked for or its first. */
  return (method: Method, wanted?: Site): Picture | undefined => {
    const [approach] = method.face.approaches
    const site = wanted ?? (approach && sitesFor(method, approach.id)[0])
    if (!approach || !site) return undefined
    const drawn = (some: boolean) =>
      method.plan.draft(
        { site, approachId: approach.id, answers: completed(method.plan.asks(approach.id), {}), ...stuffFor(some), waterL: 0 },
        surroundings.value,
      ).picture
    const plain = drawn(method.plan.bench === 'balanced')
    // What is fed little by little would be drawn empty.
    return plain.parts.some(part => part.kind === 'fill' && part.heightM < 0.01) ? drawn(true) : plain
  }
}
