import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, looseL, type Ingredient } from '../../mix/portion'
import { mulchKindOf } from '../../mulch/kinds'
import type { Pad, Quantity, Surroundings } from '../contract'
import { carrierOf } from './loads'
import { usualStuff } from './stuff'
import { quantityText } from '../../units/format'
import { containerText } from '../../units/container'
import { LIFTING } from './care'
import { SENSES } from './senses'
import { depthOn, mulchOf } from './state'
import { CARRIED_IN, CLEARED, DEPTH, ENOUGH, LOAD, WETTED } from './words'

/** What a mulch is spread of. */
export const FEEDS = ['leaf', 'wood', 'straw', 'grass', 'plant', 'finished', 'manure', 'kitchen'] as const

const depth: Quantity = {
  id: DEPTH, label: 'Depth', icon: 'i-ph-ruler', unit: 'length', limits: [0, 0.6], button: 'Record the depth',
  spots: [{ id: 'middle', label: 'Depth, where it is usual', said: '{} deep' }, { id: 'edge', label: 'At the edge', said: 'edge {} deep' }],
  expected: (batch, surroundings) => ({ middle: depthOn(batch, surroundings) }),
  answer: (batch, surroundings, { middle }) => {
    if (middle === undefined) return ''
    const { plan, missingL, carrier } = mulchOf(batch, surroundings)
    if (middle <= plan.refreshM) return `Thin: about ${containerText(Math.max(1, missingL / carrier.volumeL), carrier)} bring it back.`
    const off = middle - depthOn(batch, surroundings)
    return Math.abs(off) < 0.01
      ? 'As expected.'
      : off > 0
        ? 'Deeper than expected: more is wanted later.'
        : 'Thinner than expected: more is wanted sooner.'
  },
}

/** One load of what was spread last, in its shares, or of what is usual for its kind. */
function aLoad({ began, puts }: BegunBatch, { materials }: Pick<Surroundings, 'materials'>): readonly Ingredient[] {
  const { id, name, plural, volumeL } = carrierOf(began.answers[CARRIED_IN])
  const last = ingredientsOf(puts.findLast(({ inputs }) => inputs.length > 0)?.inputs ?? [], materials)
  const wholeL = looseL(last)
  const shares = wholeL > 0
    ? last.map(one => ({ material: one.material, share: looseL([one]) / wholeL }))
    : usualStuff(mulchKindOf(began.approachId))
  return shares.map(({ material, share }): Ingredient => ({
    material, amount: { count: Math.round(100 * share) / 100, container: { id, name, plural, volumeL }, packing: 'loose' },
  }))
}

/** What can be recorded of a mulch, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  {
    kind: 'put',
    put: {
      id: LOAD, label: 'A load', icon: 'i-ph-truck', what: 'stuff', role: 'feed', families: FEEDS, button: 'Spread', said: 'Spread',
      usual: aLoad,
    },
  },
  { kind: 'gauge', quantity: depth },
  { kind: 'sense', sense: SENSES[0]! },
  { kind: 'sense', sense: SENSES[1]! },
  {
    kind: 'put',
    put: { id: WETTED, label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered with' },
  },
  {
    kind: 'deed',
    deed: {
      id: ENOUGH, label: 'All covered', icon: 'i-ph-check', asks: [], cautions: [], how: 'All of it is covered, the loads are done.',
      said: (batch, _, surroundings) => ({
        said: `spread, ${quantityText('length', surroundings.units, depthOn(batch, surroundings))} deep.`,
        answer: 'Measure it once it has settled: then it knows when more is wanted.',
      }),
      words: () => 'All of it covered.',
    },
  },
  {
    kind: 'deed',
    deed: {
      id: CLEARED, label: 'Drawn back', icon: 'i-ph-arrows-out-line-horizontal', asks: [], cautions: [LIFTING],
      how: 'Back from stems and crowns, or from where slugs eat.', said: () => ({ said: 'drawn back from the stems.', answer: '' }),
      words: () => 'Drawn back from the stems.',
    },
  },
  { kind: 'sense', sense: SENSES[2]! },
]
