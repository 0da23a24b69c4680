import type { MixPart } from './mix'
import type { PurposeId } from './constants'

/** A way of mixing that people swear by: parts by volume, and what it is for. */
export interface MixSchool {
  readonly id: string
  readonly name: string
  readonly purposes: readonly PurposeId[]
  /** In litres for one another: 7 to 3 to 2. */
  readonly shares: readonly MixPart[]
  /** What its people say for it, and what speaks against it. */
  readonly said: string
}

const part = (partId: MixPart['partId'], litres: number): MixPart => ({ partId, litres })

/** The schools, none of them right for everybody: what each gives is said by its numbers. */
export const MIX_SCHOOLS: readonly MixSchool[] = [
  {
    id: 'loam-based', name: 'Loam, leaf mould and sand, 7 : 3 : 2', purposes: ['small-pots', 'tubs'],
    shares: [part('loam', 7), part('leaf-mould-fine', 3), part('sand', 2)],
    said: 'Heavy, keeps its food and forgives a missed watering. It takes a good loam, and a tall pot.',
  },
  {
    id: 'leaf-mould-alone', name: 'Leaf mould alone', purposes: ['seeds'], shares: [part('leaf-mould-fine', 1)],
    said: 'Hardly any salts, hardly any food: seedlings move on after their first leaves.',
  },
  {
    id: 'thirds', name: 'A third each of compost, leaf mould and loam', purposes: ['small-pots', 'tubs', 'raised-bed'],
    shares: [part('compost', 1), part('leaf-mould-fine', 1), part('loam', 1)],
    said: 'What most gardens have. Its salts are those of the compost: sow cress in it first.',
  },
  {
    id: 'castings', name: 'Castings, one in six', purposes: ['seeds', 'small-pots'],
    shares: [part('castings', 1), part('leaf-mould-fine', 3), part('leaf-mould-coarse', 1), part('sand', 1)],
    said: 'A little goes far; more than a fifth stays wet and salt.',
  },
  {
    id: 'char', name: 'Charged char, one in fifteen', purposes: ['small-pots', 'tubs'],
    shares: [part('char', 1), part('compost', 4), part('leaf-mould-coarse', 6), part('loam', 4)],
    said: 'Holds food over years. Only what is charged: raw char takes the food for itself.',
  },
  {
    id: 'unsieved', name: 'Unsieved, compost and coarse leaf mould', purposes: ['tubs', 'raised-bed'],
    shares: [part('compost', 2), part('leaf-mould-coarse', 3)],
    said: 'No riddling, more air, for tubs and boxes. Not for small pots.',
  },
]

/** The schools that mix for a purpose. */
export const schoolsFor = (purpose: PurposeId) => MIX_SCHOOLS.filter(({ purposes }) => purposes.includes(purpose))
