import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { percentText, quantityText } from '../../units/format'
import { daysText } from '../../units/plural'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { CHARGE } from './constants'
import { FEEDS, feedRoomG, feedsGiven } from './feeds'
import { looking } from './looking'
import { placeFor } from './question'
import { recipeFor } from './recipe'
import { inside, soakOf, type Soak } from './state'
import { sizeOf } from './ways'
import { FEED, LIFTED, SINKS, SIZE, SMELL, STANDS, STIRRED } from './words'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'foul', label: 'Rot, sewage', group: 'Its smell' },
  { id: 'tar', label: 'Tar, a wet fire', group: 'Its smell' },
  { id: 'floats', label: 'Still floats', group: 'In the water' },
  { id: 'nests', label: 'Dry nests', group: 'In the water' },
  { id: 'gnats', label: 'Small flies', group: 'In the water' },
  { id: 'dust', label: 'Dries to dust', group: 'Drained' },
  { id: 'pale', label: 'What grows in it is pale', group: 'In use' },
  { id: 'fizz', label: 'It fizzes', group: 'In the water', good: 'Air leaves its pores, water goes in: as it should.' },
  { id: 'threads', label: 'White threads', group: 'Drained', good: 'Life has moved in.' },
]

interface Facts {
  readonly soak: Soak
  readonly unstirredDays: number
  readonly airC: number
  readonly coarse: boolean
  readonly overfed: string | undefined
  readonly uncovered: boolean
  readonly livingShare: number
  readonly units: Surroundings['units']
}

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'airless', title: 'No air got to it', symptoms: { foul: 0.8 },
    weigh: ({ unstirredDays, soak }) => [
      ...given(soak.way.kind === 'tub' && unstirredDays > 2 * (soak.way.stirEveryDays ?? 1), 0.6,
        `Not stirred for ${daysText(Math.round(unstirredDays))}.`),
      ...given(soak.way.aired && !soak.airOn, 0.7, 'The air is off.'),
    ],
    remedy: () => justDo('Liquor onto the heap, rinse the char, fresh water and compost; stirred daily from the first day.', [STIRRED]),
  },
  {
    id: 'overfed', title: 'Too much feed', symptoms: { foul: 0.7, gnats: 0.5 },
    weigh: ({ overfed }) => [
      ...given(overfed !== undefined, 0.9, `More ${overfed ?? ''} than the water bears.`),
      ...given(overfed === undefined, -0.4, 'No more feed than it bears was written down.'),
    ],
    remedy: () => justDo('Pour half of the liquor off onto the heap, fill up with sound water, stir daily, and no more feed.', [STIRRED]),
  },
  {
    id: 'cold', title: 'Too cold', symptoms: { floats: 0.6 },
    weigh: ({ airC, units, soak }) => [
      ...given(soak.way.q10 > 1 && airC < 8, 0.7, `About ${quantityText('temperature', units, airC)} where it stands: it drinks slowly.`),
      ...given(airC > 15, -1.4, `About ${quantityText('temperature', units, airC)} where it stands: warm enough.`),
    ],
    remedy: () => justDo('Into a shed or a room; or leave it, and it takes up again in spring. A full tub splits in frost.'),
  },
  {
    id: 'early', title: 'It needs its time', symptoms: { floats: 0.6 },
    weigh: ({ soak: { charged } }) => [
      ...given(charged < 0.7, 0.7, `By its days and warmth it is about ${percentText(charged)} charged.`),
      ...given(charged > 0.9, -0.8, 'By its days and warmth it should be charged.'),
    ],
    remedy: () => justDo('Stir it, keep all of it covered, look again in some days.', [STIRRED]),
  },
  {
    id: 'coarse', title: 'The pieces are large', symptoms: { floats: 0.5 },
    weigh: ({ coarse }) => [
      ...given(coarse, 0.7, 'They were called chunks.'), ...given(!coarse, -0.3, 'They were not called chunks.'),
    ],
    remedy: () => justDo('Take out what floats, crush it wet, and put it back.'),
    caution: 'Wet it first: its dust harms lungs.',
  },
  {
    id: 'unfinished', title: 'It is not charred through', symptoms: { tar: 0.9, floats: 0.25, pale: 0.3 },
    weigh: () => [],
    remedy: () => justDo('Break a piece: brown inside, or greasy on paper, goes into the next fire. Only what is black and dry is soaked.'),
    caution: 'What smells of tar goes nowhere near what is eaten.',
  },
  {
    id: 'uncovered', title: 'Too little water', symptoms: { nests: 0.9, floats: 0.3, dust: 0.3 },
    weigh: ({ uncovered, soak }) => [
      ...given(uncovered, 0.7, 'What went in does not cover it.'),
      ...given(!uncovered && soak.way.kind === 'tub', -0.2, 'By what was written down it should be covered.'),
    ],
    remedy: ({ soak }) => justDo('Top it up until a hand of water stands over it, push the nests under, stir.', [STIRRED],
      soak.way.kind === 'tub' ? Math.max(1, Math.round(0.2 * soak.charL)) : 0),
  },
  {
    id: 'open', title: 'It stands open', symptoms: { gnats: 0.8 },
    weigh: () => [], remedy: () => justDo('A cloth tied over it, lid ajar. Gnats of midges do it no harm.'),
  },
  {
    id: 'over-dried', title: 'It dried too far', symptoms: { dust: 0.8 },
    weigh: ({ soak: { dryingDays, driesDays } }) =>
      given(dryingDays !== undefined && dryingDays > 1.5 * driesDays, 0.6, 'It has lain out for long.'),
    remedy: () => justDo('Moisten it with liquor or rain water until it crumbles; keep it moist and covered.'),
    caution: 'Mask on before dry char is moved.',
  },
  {
    id: 'raw', title: 'It still takes feed from the soil', symptoms: { pale: 0.8 },
    weigh: ({ soak: { charged }, livingShare }) => [
      ...given(charged < 0.75, 0.8, `It was about ${percentText(charged)} charged.`),
      ...given(charged >= 0.85, -0.5, 'It was charged when it was taken.'),
      ...given(livingShare < CHARGE.life.little, 0.3, 'Little compost or castings went in.'),
    ],
    remedy: () =>
      justDo('A liquid nitrogen feed to the plants, twice, a week apart; the rest of it back into the soak, with more compost.'),
  },
]
const NOTICED: Noticing = { [SMELL]: { foul: 'foul' }, [SINKS]: { floats: 'floats' } }

function factsOf(batch: BegunBatch, surroundings: Surroundings): Facts {
  const soak = soakOf(batch, surroundings)
  const { began, did } = batch
  const { charL, livingL, liquidL } = inside(batch, surroundings)
  const given = feedsGiven(batch, FEED, surroundings.materials)
  const over = FEEDS.find(one => given.some(({ id }) => id === one.id) && feedRoomG(one, liquidL, given) <= 0)
  const { coversL } = recipeFor(began.site, soak.way, { charL, livingL })
  const stirred = did.findLast(({ deed }) => deed === STIRRED)?.at ?? soak.water.filledAt ?? began.at
  return {
    soak, unstirredDays: daysBetween(stirred, surroundings.now), coarse: sizeOf(began.answers[SIZE]).id === 'coarse',
    airC: placeFor(soak.way, began.answers[STANDS]).warmth(surroundings.weather.ambientC(surroundings.now)),
    overfed: over?.label, livingShare: charL > 0 ? livingL / charL : 1, units: surroundings.units,
    uncovered: soak.way.kind === 'tub' && !did.some(({ deed }) => deed === LIFTED) && liquidL < CHARGE.uncovered * coversL,
  }
}

/** What may be wrong with char while it is charged. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({ symptoms: SYMPTOMS, looking, noticing: NOTICED, factsOf, causes: CAUSES })
