import { startOf, type Guide, type GuideStep, type Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { timeText } from '../../units/dates'
import { stepsOf } from './steps'
import { hotbedOf } from './state'
import { FRAMED, MIXED, SOILED, TRODDEN, WARMTH } from './words'
import { BED } from './constants'

/** The building of a bed, step by step, in one day; nothing once it stands. */
export function guideOf(batch: BegunBatch, surroundings: Surroundings): Guide | undefined {
  const bed = hotbedOf(batch, surroundings)
  if (!bed || batch.ended || bed.nowDay > BED.builtWithinDays) return undefined
  const { ingredients, waterL } = startOf(batch, surroundings.materials)
  const all = stepsOf({ way: bed.way, ground: bed.ground, heightM: bed.heightM, waterL, ingredients }, surroundings)
  const told = (starts: string) => all.find(({ title }) => title.startsWith(starts))
  const asked = [
    { id: MIXED, step: told('Fork it') }, { id: TRODDEN, step: told('Lay and tread') },
    { id: SOILED, step: all.find(({ title }) => /of (soil|sand)/.test(title)) },
    ...(bed.ground.top.cover === 'none' ? [] : [{ id: FRAMED, step: told('The frame') }]),
  ]
  const steps = asked.flatMap(({ id, step }): GuideStep[] => {
    const at = batch.did.findLast(({ deed }) => deed === id)?.at
    return step
      ? [
          {
            id, pad: id, title: step.title, detail: step.detail,
            signs:
              id === TRODDEN
                ? ['It gives under the boot, and springs back a little.', 'The edges stand up by themselves.']
                : id === MIXED
                  ? ['A wrung handful gives a drop.', 'No dry straw, no lumps.']
                  : [],
            cautions: step.cautions,
            ...(at ? { done: timeText(at) } : {}),
          },
        ]
      : []
  })
  const first = batch.gauged[WARMTH]?.[0]
  return {
    title: 'Built in one day',
    steps: [
      ...steps,
      {
        id: WARMTH, pad: WARMTH, title: 'A thermometer in the soil',
        detail: 'A finger deep, and the first reading. It is cold today: the heat comes in some days.', signs: [], cautions: [],
        ...(first ? { done: timeText(first.at) } : {}),
      },
    ],
  }
}
