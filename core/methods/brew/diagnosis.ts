import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf } from '../../mix/portion'
import { quantityText } from '../../units/format'
import { daysText } from '../../units/plural'
import { daysBetween } from '../../units/time'
import { type Diagnosis, placeOf, type Remedy, type Surroundings, type Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { ownAmounts, thicknessOf } from './amounts'
import { BREWED } from './draft'
import { middleCourse } from './forecast'
import { kindOf, type BrewKind } from './kinds'
import { looking } from './looking'
import { airIsOn, progressOf } from './standing'
import { LOOK, SMELL, STANDS, STIRRED } from './words'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'foul', label: 'Rotten eggs, corpse', group: 'Its smell' },
  { id: 'stinks', label: 'Stinks of dung', group: 'Its smell' },
  { id: 'sharp', label: 'Sharp, vinegar', group: 'Its smell' },
  { id: 'still', label: 'Nothing moves', group: 'Its look' },
  { id: 'low-foam', label: 'Hardly any foam', group: 'Its look' },
  { id: 'slime', label: 'Pink or black slime', group: 'Its look' },
  { id: 'flies', label: 'Flies, maggots', group: 'Its look' },
  { id: 'scum', label: 'A white film', group: 'Its look', good: 'Wild yeast: stir it under.' },
  { id: 'yeasty', label: 'Bread, yeast', group: 'Its smell', good: 'It ferments: as it should.' },
]

interface Facts {
  readonly kind: BrewKind
  readonly progress: number
  readonly liquidC: number
  readonly airOff: boolean
  /** Days since it was stirred, of a kind that wants it; nothing of others. */
  readonly unstirredDays: number | undefined
  readonly thick: number
  readonly mains: boolean
  readonly outside: boolean
  readonly units: Surroundings['units']
}

const AGAIN = 'Onto the heap with it, not onto beds; wash the vessel hot, and begin again'

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'airless', title: 'No air got in', symptoms: { foul: 0.8, stinks: 0.5, slime: 0.4, sharp: 0.5 },
    weigh: ({ airOff, unstirredDays, kind }) => [
      ...given(airOff, 0.9, 'The air has been off.'),
      ...given(kind.aired && !airOff, -0.6, 'The air is on.'),
      ...given(unstirredDays !== undefined && unstirredDays > 1.5 * (kind.stirEveryDays ?? 1), 0.6,
        `Not stirred for ${daysText(Math.round(unstirredDays ?? 0))}.`),
    ],
    remedy: ({ kind }) => kind.aired
      ? justDo(`${AGAIN} with the air on day and night.`)
      : justDo(`Where it smells of rotten eggs: ${AGAIN.toLowerCase()}. Else stir it to the bottom, and daily from now on.`, [STIRRED]),
  },
  {
    id: 'thick', title: 'Too much in too little water', symptoms: { foul: 0.5, slime: 0.6, sharp: 0.4 },
    weigh: ({ thick }) => [
      ...given(thick > 1.5, 0.8, 'More went in than is usual for so much water.'),
      ...given(thick < 1.2, -0.4, 'No more went in than is usual.'),
    ],
    remedy: () => justDo(`Half of it into a second vessel, both filled up with water. What is foul already: ${AGAIN.toLowerCase()}.`),
  },
  {
    id: 'warm', title: 'Too warm', symptoms: { foul: 0.6, sharp: 0.6, slime: 0.4 },
    weigh: ({ liquidC, units }) => [
      ...given(liquidC > 27, 0.8, `About ${quantityText('temperature', units, liquidC)} in it.`),
      ...given(liquidC < 20, -1.6, `Only about ${quantityText('temperature', units, liquidC)} in it.`),
    ],
    remedy: () => justDo('Into the shade or a cellar; look twice a day, use it sooner and thinner.'),
  },
  {
    id: 'old', title: 'Past its time', symptoms: { sharp: 0.6, foul: 0.5, flies: 0.2, still: 0.3 },
    weigh: ({ progress, kind }) => [
      ...given(progress > kind.use.until, 0.9, 'By its warmth it is past its best.'),
      ...given(progress < kind.use.from, -0.8, 'By its warmth it is not at its height yet.'),
    ],
    remedy: ({ kind }) => kind.aired
      ? justDo('Pour it on the heap: aired tea does not keep.')
      : justDo('Strain it and use it as a plain feed, half as much water again; what stinks goes onto the heap.'),
  },
  {
    id: 'cold', title: 'Too cold', symptoms: { 'still': 0.8, 'low-foam': 0.7 },
    weigh: ({ liquidC, outside, units }) => [
      ...given(liquidC < 12, 0.9, `About ${quantityText('temperature', units, liquidC)} in it: it hardly works.`),
      ...given(liquidC > 18, -2, `About ${quantityText('temperature', units, liquidC)} in it: warm enough.`),
      ...given(outside && liquidC < 15, 0.2, 'It stands outside.'),
    ],
    remedy: () => justDo('Into a shed or a room, off the ground, wrapped. It takes up again where it was.'),
  },
  {
    id: 'early', title: 'It has hardly begun', symptoms: { 'still': 0.6, 'low-foam': 0.6 },
    weigh: ({ progress }) => [
      ...given(progress < 0.4, 0.8, 'By the warmth it had, it is not half way.'),
      ...given(progress > 0.8, -0.9, 'By the warmth it had, it should work by now.'),
    ],
    remedy: () => justDo('Leave it, covered; look again in a day or two.'),
  },
  {
    id: 'mains', title: 'Mains water killed what should live in it', symptoms: { 'still': 0.5, 'low-foam': 0.6 },
    weigh: ({ mains }) => [
      ...given(mains, 0.5, 'This garden waters from the mains.'), ...given(!mains, -0.8, 'It is not mains water.'),
    ],
    remedy: () =>
      justDo('Begin again with rain water, or with mains water that has stood open for a day; chloramine does not leave by that.'),
  },
  {
    id: 'uncovered', title: 'It stood open', symptoms: { flies: 0.9 },
    weigh: ({ outside }) => given(outside, 0.2, 'It stands outside.'),
    remedy: () =>
      justDo('A cloth under the lid, tied; all greens under water with a stone on them. Maggots go onto the heap with the solids.'),
  },
  {
    id: 'its-way', title: 'That is its way', symptoms: { stinks: 0.6 },
    weigh: ({ kind }) => [
      ...given(kind.stinks, 0.9, 'Weeds that drown stink of dung: they should.'), ...given(!kind.stinks, -1, 'This kind should not stink.'),
    ],
    remedy: () => justDo('Lid on, far from windows; a handful of rock dust or char on top takes some of it.'),
  },
]
const NOTICED: Noticing = {
  [SMELL]: { rotten: 'foul', stinks: 'stinks', sharp: 'sharp' }, [LOOK]: { still: 'still', slime: 'slime', flies: 'flies' },
}

function factsOf(batch: BegunBatch, surroundings: Surroundings): Facts {
  const { began, did, puts } = batch
  const kind = kindOf(began.approachId)
  const { question, course } = middleCourse(batch, surroundings)
  const laid = ingredientsOf(puts.flatMap(({ inputs }) => inputs), surroundings.materials)
    .filter(({ material }) => BREWED.includes(material.family))
  const waterL = puts.reduce((sum, one) => sum + one.waterL, 0)
  const stirred = did.findLast(({ deed }) => deed === STIRRED)?.at ?? began.at
  return {
    kind, progress: progressOf(batch, surroundings), airOff: kind.aired && !airIsOn(batch), units: surroundings.units,
    liquidC: course.liquidC[Math.max(0, course.days.findIndex(day => day >= question.nowDay - 1e-9))] ?? 15,
    unstirredDays: kind.stirEveryDays === undefined ? undefined : daysBetween(stirred, surroundings.now),
    thick: laid.length > 0 && waterL > 0 ? thicknessOf(kind, { ...ownAmounts(kind, began.site, laid), waterL }) : 1,
    mains: surroundings.garden.water === 'mains', outside: placeOf(began.answers[STANDS]).id === 'outside',
  }
}

/** What may be wrong with a brew. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({ symptoms: SYMPTOMS, looking, noticing: NOTICED, factsOf, causes: CAUSES })
