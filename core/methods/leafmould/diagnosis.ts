import { given, type PossibleCause } from '../../diagnosis/judge'
import { inputsOf, type BegunBatch } from '../../journal/garden'
import { ingredientsOf, type Ingredient } from '../../mix/portion'
import { containerText } from '../../units/container'
import { percentText, quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { dayLeft } from './course'
import { lastFillDay, middleOf, type CageMiddle } from './forecast'
import { isShredded, waterToWetL } from './leaves'
import { cageOn, type CageOnDay } from './now'
import { leafClassOf } from './rates'
import { BAGGED, FORKED, LOOK, SQUEEZE } from './words'
import { LEAF } from './constants'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'still-whole', label: 'Leaves still whole', group: 'To the eye' },
  { id: 'not-sinking', label: 'It does not sink', group: 'To the eye' },
  { id: 'matted', label: 'Wet mats', group: 'To the eye' },
  { id: 'roots', label: 'Roots grow into it', group: 'To the eye' },
  { id: 'dust', label: 'Dry inside', group: 'In the hand' },
  { id: 'slimy', label: 'Slimy, smells foul', group: 'In the hand' },
  { id: 'threads', label: 'White threads', group: 'To the eye', good: 'Fungi at work: exactly what you want.' },
  {
    id: 'sinking', label: 'It sinks and sinks', group: 'To the eye',
    good: 'It should: to half in four weeks, to a fifth in the end. Fill it up while leaves fall.',
  },
]

interface Facts {
  readonly surroundings: Surroundings
  readonly symptoms: readonly string[]
  readonly cage: CageOnDay
  readonly middle: CageMiddle
  readonly leaves: readonly Ingredient[]
  readonly bagged: boolean
  readonly frozenDays: number
  readonly months: number
}

function wetting({ surroundings, cage, middle, symptoms }: Facts): Remedy {
  const dryKg = middle.question.fills.reduce((sum, fill) => sum + fill.dryKg, 0) * cage.left
  const moisture = symptoms.includes('dust') ? Math.min(cage.moisture, 0.35) : cage.moisture
  const litres = Math.max(
    surroundings.garden.waterCan.volumeL, Math.round(waterToWetL([{ dryKg, waterKg: (dryKg * moisture) / (1 - moisture) }])),
  )
  const { units, garden: { waterCan } } = surroundings
  return justDo(
    `Fork it over and pour on ${containerText(litres / waterCan.volumeL, waterCan)} of water (${quantityText('volume', units, litres)}), `
    + 'a little to each forkful. Then a cover against wind and sun.',
    [FORKED], litres,
  )
}

/** Bags and lidded bins dry hardly, and breathe hardly. */
const isShut = ({ bagged, middle }: Pick<Facts, 'bagged' | 'middle'>) => bagged || middle.question.exposure.drying < 0.3

/** What it would come to if it stayed moist: potting in so many months from the last filling. */
const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'dry', title: 'It is too dry', symptoms: { 'still-whole': 0.5, 'not-sinking': 0.5, 'dust': 0.95 },
    weigh: ({ symptoms, cage, bagged }) => [
      ...given(symptoms.includes('dust'), 1, 'It was dry in the hand.'),
      ...given(
        cage.moisture < 0.45, 0.9,
        `By the weather and the water it got it holds ${percentText(cage.moisture)} water; from about 50 % on it rots.`,
      ),
      ...given(
        cage.moisture >= 0.55 && !symptoms.includes('dust'), -0.9,
        `By the weather it should still hold ${percentText(cage.moisture)} water.`,
      ),
      ...given(bagged, -0.4, 'Bags hardly dry.'),
    ],
    remedy: wetting,
  },
  {
    id: 'young', title: 'It has not had its time yet', symptoms: { 'still-whole': 0.6, 'not-sinking': 0.2 },
    weigh: ({ months, frozenDays, cage, middle, symptoms }) => [
      ...given(
        cage.left > 0.65, 0.8, `By the warmth and the water it got, ${percentText(cage.left)} of the leaves' mass should still be there.`,
      ),
      ...given(cage.moisture < 0.45 || symptoms.includes('dust'), -0.9, 'It is dry: time alone does not bring it on.'),
      ...given(cage.left < 0.5, -1, `By the warmth and the water it got, only ${percentText(cage.left)} of the mass should be left.`),
      ...given(frozenDays > 20, 0.4, `It was frozen on ${frozenDays} of its ${Math.round(months * 30.4)} days: they do not count.`),
      ...given(middle.question.fills.length > 1, 0.1, 'It was filled more than once: the last leaves are the rawest.'),
    ],
    remedy: ({ middle, surroundings }) => {
      const day = dayLeft(middle.course, 0.65, lastFillDay(middle.question))
      const months = Math.max(1, Math.round((day - middle.question.nowDay) / 30.4))
      return justDo(
        `Leave it be, moist and covered. Good enough for mulch in about ${months} ${months === 1 ? 'month' : 'months'} at `
        + `${surroundings.units === 'us' ? 'this' : 'your'} climate's pace.`,
      )
    },
  },
  {
    id: 'slow-kind', title: 'These leaves are slow', symptoms: { 'still-whole': 0.5, 'not-sinking': 0.3 },
    weigh: ({ leaves }) => {
      const slow = leaves.filter(({ material }) => leafClassOf(material) === 'slow' || leafClassOf(material) === 'very-slow')
      const whole = leaves.filter(one => !isShredded(one))
      return [
        ...given(slow.length > 0, 0.9, `${slow[0]?.material.name ?? ''}: two to four times as slow as lime or alder.`),
        ...given(slow.length === 0, -0.8, 'None of the slow kinds went in.'),
        ...given(whole.length > 0, 0.2, 'They went in whole.'),
      ]
    },
    remedy: () =>
      justDo('Take it out, run the mower over it, and put it back wet with a bucket of grass to each two sacks. Or wait another year.', [
        FORKED,
      ]),
  },
  {
    id: 'mats', title: 'Leaves stick together in mats', symptoms: { 'matted': 0.9, 'still-whole': 0.3, 'slimy': 0.5 },
    weigh: ({ leaves, cage, symptoms }) => [
      ...given(symptoms.includes('matted'), 0.6, 'Mats were seen.'),
      ...given(leaves.every(isShredded), -1, 'They were shredded: such leaves hardly mat.'),
      ...given(cage.moisture > 0.68, 0.3, `It is wet: ${percentText(cage.moisture)} water.`),
    ],
    remedy: () =>
      justDo('Fork it over and pull the mats apart; a few twigs or stalks between keep them open. Shred them next time.', [FORKED]),
  },
  {
    id: 'airless', title: 'No air gets in', symptoms: { slimy: 0.8 },
    weigh: ({ bagged, leaves, middle }) => [
      ...given(isShut({ bagged, middle }), 0.6, 'It is shut in.'),
      ...given(leaves.some(({ material }) => material.family === 'grass'), 0.4, 'There is grass in it.'),
    ],
    remedy: facts =>
      justDo(
        isShut(facts)
          ? 'More holes, a hand apart, and shake it up. If it stinks, spread it out for a day.'
          : 'Fork it over and work in twigs or stalks; keep more rain off until it smells of the wood again.',
        [FORKED],
      ),
    caution: 'Open what is foul outdoors, from upwind, and keep your face away.',
  },
  {
    id: 'tree-roots', title: 'Tree roots have found it', symptoms: { 'roots': 0.95, 'not-sinking': 0.1 },
    weigh: ({ months }) => given(months > 10, 0.3, 'It has stood in one place for most of a year.'),
    remedy: () => justDo('Take it out now, at the grade it has, and line the place with card or fabric before the next filling.'),
  },
]

function factsOf(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const [cage, middle] = [cageOn(batch, surroundings), middleOf(batch, surroundings)]
  if (!cage || !middle) return undefined
  return {
    surroundings, symptoms, cage, middle,
    leaves: ingredientsOf(inputsOf(batch), surroundings.materials), bagged: batch.did.some(({ deed }) => deed === BAGGED),
    frozenDays: Array.from(middle.question.airC).slice(0, Math.floor(cage.day)).filter(celsius => celsius <= 0).length,
    months: cage.day / 30.4,
  }
}

const NOTICING: Noticing = { [SQUEEZE]: { dust: 'dust' }, [LOOK]: { matted: 'matted', roots: 'roots', threads: 'threads' } }

function stillWhole(batch: BegunBatch, { now }: Surroundings): string[] {
  const seen = looking.now(batch, LOOK, now)
  return daysBetween(batch.began.at, now) > LEAF.wholeAfterDays && seen?.finding === 'whole' ? ['still-whole'] : []
}

/** What may be wrong with a cage of leaves. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICING, noticedBesides: stillWhole, factsOf, causes: CAUSES,
})
