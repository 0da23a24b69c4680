import { DRAWINGS } from '../../picture/findings'
import type { Finding, Sense } from '../contract'
import { SQUEEZE } from './words'

/** Where a tower is felt: each dries in its own way. The core tells of the whole, and is what the forecast hears. */
export const ZONES = [
  { id: 'core', sense: SQUEEZE, name: 'core', where: 'from the middle, an arm deep' },
  { id: 'top', sense: 'squeeze-top', name: 'top', where: 'from a hand below the cover' },
  { id: 'edge', sense: 'squeeze-edge', name: 'edge', where: 'from a hand behind the cloth, half way up' },
  { id: 'base', sense: 'squeeze-base', name: 'base', where: 'from a hand above the ground' },
] as const
export type Zone = typeof ZONES[number]

const FINDINGS: readonly Finding[] = [
  {
    id: 'dust', label: 'Falls apart', sign: 'bad', answer: 'Dry: fungi and worms leave. Water it slowly until it drips below.',
    drawn: DRAWINGS.fistDust,
  },
  {
    id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'Drier than it should be: a can or two more each week.',
    drawn: DRAWINGS.fist,
  },
  {
    id: 'right', label: 'One or two drops', sign: 'good', answer: 'A little drier than a tower likes best: keep watering.',
    drawn: DRAWINGS.fistDrop,
  },
  { id: 'wet', label: 'Trickles', sign: 'good', answer: 'As wet as a tower should be.', drawn: DRAWINGS.fistDrops },
  { id: 'dripping', label: 'Runs out', sign: 'mind', answer: 'Wetter than need be: leave out a watering.', drawn: DRAWINGS.fistRuns },
]

/** A squeeze for each zone. */
export const ZONE_SENSES: readonly Sense[] = ZONES.map(({ sense, name, where }) => ({
  id: sense, label: name === 'core' ? 'Squeeze' : `Squeeze ${name}`, icon: 'i-ph-hand-grabbing',
  question: `Take a handful ${where} and squeeze it hard.`, findings: FINDINGS,
}))
