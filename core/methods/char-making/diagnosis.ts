import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { percentText } from '../../units/format'
import { MINUTE_MS } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { MAKE } from './constants'
import { looking } from './looking'
import { theBurn, type Burn } from './state'
import { CHECKED, DONE, FLAME, LIT } from './words'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'smoke', label: 'White, thick smoke', group: 'While it burns' },
  { id: 'slow', label: 'It does not catch', group: 'While it burns' },
  { id: 'ash', label: 'Much ash, little char', group: 'What it gave' },
  { id: 'brown', label: 'Brown inside, bends', group: 'What it gave' },
  { id: 'tar', label: 'Smells of tar, greasy', group: 'What it gave' },
  { id: 'hot', label: 'Hot again', group: 'Cooling' },
  { id: 'sharp', label: 'The rinse stays sharp', group: 'What it gave' },
  { id: 'blue', label: 'Low blue flame', group: 'While it burns', good: 'The wood has given its gas: look for the glow, then end it.' },
  { id: 'rings', label: 'It rings like glass', group: 'What it gave', good: 'Charred through.' },
]

interface Facts {
  readonly burn: Burn
  readonly moisture: number
  /** Minutes that it burnt, in times of what is usual; nothing while that is not known. */
  readonly burnt: number | undefined
  readonly windy: boolean
}

const STOP = 'If smoke goes to neighbours, or the wind gets up: end it.'
const HOT = 'Char lights again for a day and more: outdoors, on bare ground, water beside it, nobody alone with it.'

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'damp', title: 'The wood is damp', symptoms: { smoke: 0.8, slow: 0.8, tar: 0.5, brown: 0.4 },
    weigh: ({ moisture }) => [
      ...given(moisture > MAKE.dampFrom, 0.8, `About ${percentText(moisture)} of it is water.`),
      ...given(moisture < MAKE.dryUntil, -0.5, `Only about ${percentText(moisture)} of it is water.`),
    ],
    remedy: () =>
      justDo('Put on nothing more that is damp; thin, dry stuff on top. For the next one: a summer under a roof, until it snaps.'),
    caution: STOP,
  },
  {
    id: 'draught', title: 'Too little draught', symptoms: { smoke: 0.6, slow: 0.7 },
    weigh: () => [],
    remedy: () => justDo('Open the holes below, clear the ash before them, a longer chimney; lay the wood looser.'), caution: STOP,
  },
  {
    id: 'wind', title: 'Wind presses on it', symptoms: { smoke: 0.4, ash: 0.4 },
    weigh: ({ windy }) => [
      ...given(windy, 0.7, 'There was wind when it was checked.'), ...given(!windy, -0.4, 'It was calm when it was checked.'),
    ],
    remedy: () => justDo('In wind it is ended, not fed. A calm evening with damp ground is better for all.'), caution: STOP,
  },
  {
    id: 'late', title: 'It burnt too long', symptoms: { ash: 0.9, sharp: 0.5 },
    weigh: ({ burnt }) => [
      ...given(burnt !== undefined && burnt > 1.25, 0.8, 'It burnt longer than is usual for such a load.'),
      ...given(burnt !== undefined && burnt < 1.05, -0.5, 'It burnt no longer than is usual.'),
    ],
    remedy: () =>
      justDo('End it at the low blue flame and the first ash on the glow, not when the flame is gone: then the char itself burns.'),
  },
  {
    id: 'air', title: 'Air got in at the end', symptoms: { ash: 0.6, hot: 0.6 },
    weigh: ({ burn }) => given(burn.ending !== undefined && !burn.ending.waterTimes, 0.4, 'It was closed by a lid, not quenched.'),
    remedy: ({ burn }) =>
      justDo((burn.phase === 'hot-again' && burn.ending?.again.reason) || 'Earth or clay around the rim; next time more water, or both.'),
    caution: HOT,
  },
  {
    id: 'little-water', title: 'Too little water', symptoms: { hot: 0.8 },
    weigh: ({ burn }) => given((burn.ending?.waterTimes ?? 0) > 0, 0.4, 'Glowing char drinks its own weight and more.'),
    remedy: () =>
      justDo('Spread it thin, outdoors, and water it until nothing steams; turn it, water again. Then two cold looks, twelve hours apart.'),
    caution: HOT,
  },
  {
    id: 'early', title: 'It was ended too early', symptoms: { brown: 0.8, tar: 0.7 },
    weigh: ({ burnt }) => [
      ...given(burnt !== undefined && burnt < 0.8, 0.8, 'It burnt for less than is usual for such a load.'),
      ...given(burnt !== undefined && burnt > 0.95, -0.9, 'It burnt as long as is usual.'),
    ],
    remedy: () => justDo('Sort by hand: what bends, or is brown inside, goes into the next burn. It is no char yet.'),
    caution: 'What smells of tar goes nowhere near what is eaten.',
  },
  {
    id: 'thick', title: 'Thick and thin lay together', symptoms: { brown: 0.6, ash: 0.4 },
    weigh: () => [],
    remedy: () => justDo('Of one thickness in one load, split to two fingers: thin is ash before thick is char.'),
  },
  {
    id: 'ashy', title: 'Ash is still in it', symptoms: { sharp: 0.9 },
    weigh: ({ burn }) => given(burn.way.ashy === true, 0.4, 'This way leaves ash in it.'),
    remedy: () =>
      justDo('Shake it out dry first, outdoors, then rinse: each round takes about half of what is left. Or keep it for sour soil.'),
    caution: 'Mask and goggles: ash burns eyes and lungs.',
  },
]
const NOTICED: Noticing = { [FLAME]: { 'white-smoke': 'smoke' } }

function factsOf(batch: BegunBatch, surroundings: Surroundings): Facts {
  const burn = theBurn(batch, surroundings)
  const [lit, done] = [burn.at(LIT), burn.at(DONE) ?? burn.cooling?.stoppedAt]
  return {
    burn, moisture: burn.load.moisture, windy: burn.last(CHECKED)?.answers.wind === 'strong',
    burnt: lit && done ? (done.getTime() - lit.getTime()) / MINUTE_MS / Math.max(1, burn.minutes.typical) : undefined,
  }
}

function noticedBesides(batch: BegunBatch, surroundings: Surroundings): string[] {
  return theBurn(batch, surroundings).phase === 'hot-again' ? ['hot'] : []
}

/** What may be wrong with a burn. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, noticedBesides, factsOf, causes: CAUSES,
})
