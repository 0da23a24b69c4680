import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf } from '../../mix/portion'
import { boundNitrogenGM2 } from '../../mulch/binding'
import type { Material } from '../../materials/material'
import { quantityText } from '../../units/format'
import { DOSE_AREA, smallMassText } from '../../units/small'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'
import { diagnosisBy, justDo, type Noticing } from '../course'
import { liesIn } from './binding'
import { mulchOf, type Mulch } from './state'
import { CLEARED, FROM, PLANTS, SOIL, UNDER } from './words'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'slugs', label: 'Slugs', group: 'Under it' },
  { id: 'slime', label: 'Wet, sour mat', group: 'Under it' },
  { id: 'dry-under', label: 'Soil dry under it', group: 'Under it' },
  { id: 'mice', label: 'Mice, gnawed bark', group: 'Under it' },
  { id: 'weeds', label: 'Weeds come through', group: 'To the eye' },
  { id: 'blown', label: 'Blown away', group: 'To the eye' },
  { id: 'yellow', label: 'Plants pale, yellow from below', group: 'The plants' },
  { id: 'crippled', label: 'Plants curled, cupped', group: 'The plants' },
  { id: 'stunted', label: 'Plants stand still', group: 'The plants' },
  { id: 'rot', label: 'Stems soft at the base', group: 'The plants' },
  { id: 'threads', label: 'White threads, toadstools', group: 'To the eye', good: 'Fungi take it in: exactly what you want.' },
  { id: 'sinking', label: 'It sinks and goes', group: 'To the eye', good: 'It becomes soil. Top it up when it is thin.' },
]

interface Facts {
  readonly mulch: Mulch
  readonly surroundings: Surroundings
  readonly materials: readonly Material[]
  readonly boundG: number
  readonly dugIn: boolean
  readonly from: unknown
  readonly cleared: boolean
  readonly rainMm: number
}

const dose = ({ units }: Surroundings, gramsM2: number, what?: string) => {
  const { areaM2, words } = DOSE_AREA[units]
  return `${smallMassText(units, gramsM2 * areaM2)}${what ? ` of ${what}` : ''} on ${words}`
}
const length = ({ surroundings }: Facts, metres: number) => quantityText('length', surroundings.units, metres)
const of = (materials: readonly Material[], ...families: string[]) => materials.some(({ family }) => families.includes(family))

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'slug-shelter', title: 'It shelters slugs', symptoms: { slugs: 0.9 },
    weigh: ({ mulch: { plan }, cleared, rainMm, surroundings }) => [
      ...given(plan.kind.slugs === 'much', 0.6, `${plan.kind.name}: damp and soft, the best of shelters.`),
      ...given(plan.crop === 'vegetables' || plan.crop === 'seedlings', 0.4, 'What grows there is what they like.'),
      ...given(rainMm > 25, 0.3, `It rained ${quantityText('rain', surroundings.units, rainMm)} within two weeks.`),
      ...given(cleared, -0.3, 'It was drawn back already.'),
    ],
    remedy: facts =>
      justDo(
        'Rake it two hands back from what they eat, let the soil dry, gather them at dusk under a board. Lay it again, no more than '
        + `${length(facts, facts.mulch.plan.advisedM.low)}, when plants are tough.`,
        [CLEARED],
      ),
  },
  {
    id: 'mat', title: 'Too green, too thick: it lies airless', symptoms: { slime: 0.9, rot: 0.3, weeds: 0.05 },
    weigh: ({ mulch: { plan, depthM }, materials, rainMm, surroundings: { units } }) => [
      ...given(of(materials, 'grass', 'kitchen'), 0.7, 'There is fresh, soft stuff in it.'),
      ...given(depthM > plan.advisedM.high, 0.6, `It lies ${quantityText('length', units, depthM)} deep.`),
      ...given(rainMm > 30, 0.2, 'Much rain in two weeks.'),
      ...given(of(materials, 'wood', 'straw') && !of(materials, 'grass', 'kitchen'), -0.8, 'It is coarse: that hardly mats.'),
    ],
    remedy: facts =>
      justDo(
        `Break it up with a rake, dry stuff under and over it, and from now on ${length(facts, facts.mulch.plan.advisedM.typical)} at `
        + 'most.',
      ),
  },
  {
    id: 'rain-out', title: 'It keeps the rain out', symptoms: { 'dry-under': 0.9, 'stunted': 0.3 },
    weigh: ({ mulch: { plan, depthM }, rainMm, surroundings: { units } }) => [
      ...given(rainMm < 10, 0.6, `Only ${quantityText('rain', units, rainMm)} of rain in two weeks: light showers wet the mulch alone.`),
      ...given(depthM > plan.advisedM.typical, 0.3, 'It lies thick.'),
      ...given(rainMm > 40, -0.5, 'It rained enough to get through.'),
    ],
    remedy: ({ mulch: { plan } }) =>
      justDo('Draw it aside, water the soil through, and put it back: under it the water stays.', [], Math.round(plan.areaM2 * 15)),
  },
  {
    id: 'gnawers', title: 'Mice live in it', symptoms: { mice: 0.95, stunted: 0.1 },
    weigh: ({ mulch: { depthM }, cleared }) => [
      ...given(depthM > 0.12, 0.4, 'Thick and dry is a house.'),
      ...given(!cleared, 0.2, 'It was not drawn back since.'),
    ],
    remedy: () =>
      justDo('A bare ring of two hands around every trunk, a collar of wire mesh over winter, thinner from autumn on.', [CLEARED]),
    caution: 'Traps and poison kill others too: ask what is allowed, and keep them from children and pets.',
  },
  {
    id: 'thin', title: 'It lies too thin', symptoms: { weeds: 0.8, blown: 0.3 },
    weigh: ({ mulch: { depthM, plan }, surroundings: { units } }) => [
      ...given(
        depthM <= plan.refreshM * 1.1, 0.9,
        `About ${quantityText('length', units, depthM)} should be left of ${quantityText('length', units, plan.settledM)}.`,
      ),
      ...given(depthM >= plan.settledM * 0.9, -0.6, 'It should still lie as deep as it was meant to.'),
    ],
    remedy: facts =>
      justDo(
        'Pull what grows, card under it where roots creep, and top it up by '
        + `${length(facts, Math.max(0.01, facts.mulch.plan.settledM - facts.mulch.depthM))}.`,
      ),
  },
  {
    id: 'roots', title: 'Creeping roots were under it', symptoms: { weeds: 0.5 },
    weigh: ({ mulch: { depthM, plan } }) =>
      given(depthM > plan.refreshM * 1.3, 0.6, 'It is deep enough against seeds: what comes through has a store of food below.'),
    remedy: () => justDo('Couch, bindweed and ground elder come through any mulch: fork them out, or card under it for two seasons.'),
  },
  {
    id: 'wind', title: 'The wind took it', symptoms: { blown: 0.95 },
    weigh: ({ mulch: { plan } }) => [
      ...given(plan.kind.wind === 'much', 0.7, 'Loose leaves fly when they are dry.'),
      ...given(plan.kind.wind === 'none', -0.6, 'It is heavy stuff.'),
    ],
    remedy: ({ mulch: { plan } }) =>
      justDo('Rake it together, tread it, wet it through; twigs or a net on top until it has settled.', [], Math.round(plan.areaM2 * 4)),
  },
  {
    id: 'nitrogen', title: 'It takes nitrogen from the soil', symptoms: { yellow: 0.6, stunted: 0.4 },
    weigh: ({ boundG, dugIn, surroundings, mulch: { nowDay } }) => [
      ...given(dugIn, 0.8, `It was dug in: about ${dose(surroundings, boundG)} in the first year.`),
      ...given(
        !dugIn && boundG < 3, -0.8,
        `On top it takes about ${dose(surroundings, boundG)}: hardly enough to show. Wet feet, cold or hunger from before are likelier.`,
      ),
      ...given(nowDay > 400, -0.4, 'It has lain for more than a year: by now it gives.'),
    ],
    remedy: ({ boundG, surroundings }) =>
      justDo(
        `${dose(surroundings, Math.max(3, boundG), 'nitrogen')}: ${dose(surroundings, Math.max(3, boundG) / 0.12, 'horn or blood meal')} `
        + `under the mulch, watered in; or a finger's breadth of fresh grass under it.`,
      ),
  },
  {
    id: 'weedkiller', title: 'Weedkiller in it', symptoms: { crippled: 0.85, stunted: 0.3 },
    weigh: ({ materials, from }) => [
      ...given(of(materials, 'straw', 'manure'), 0.6, 'Straw, hay or manure lies there: they can carry it for years.'),
      ...given(from === 'stable', 0.4, 'It came from a farm or a stable.'),
      ...given(of(materials, 'grass'), 0.2, 'Mowings of a treated lawn carry it too.'),
      ...given(!of(materials, 'straw', 'manure', 'grass', 'finished'), -0.8, 'Leaves and wood hardly ever carry it.'),
    ],
    remedy: () =>
      justDo(
        'Rake it off, keep it apart from every heap, dig nothing in. Sow beans in a pot of that soil: when they grow straight, it has '
        + 'gone.',
      ),
    caution: 'Tell whoever it came from, and the seller of what was sprayed. Do not give or sell it on.',
  },
  {
    id: 'walnut', title: 'Walnut leaves', symptoms: { stunted: 0.5, yellow: 0.2 },
    weigh: ({ materials }) => [
      ...given(
        materials.some(({ id }) => id === 'leaves-walnut'), 1,
        'There are walnut leaves in it: tomatoes, apples, beans and azaleas bear them ill.',
      ),
      ...given(!materials.some(({ id }) => id === 'leaves-walnut'), -1.5, 'None were recorded.'),
    ],
    remedy: () => justDo('Rake it off and let it rot for a year before it comes near them.'),
  },
  {
    id: 'too-close', title: 'It lies against the stems', symptoms: { rot: 0.9 },
    weigh: ({ cleared }) => [...given(!cleared, 0.4, 'It was not drawn back since.'), ...given(cleared, -0.4, 'It was drawn back.')],
    remedy: facts => justDo(`${length(facts, 0.1)} of bare ring around every stem, today.`, [CLEARED]),
  },
]
const NOTICED: Noticing = {
  [UNDER]: { slugs: 'slugs', mat: 'slime', runs: 'mice', weeds: 'weeds' }, [SOIL]: { dry: 'dry-under' },
  [PLANTS]: { yellow: 'yellow', crippled: 'crippled', rot: 'rot' },
}

function factsOf(batch: BegunBatch, surroundings: Surroundings): Facts {
  const mulch = mulchOf(batch, surroundings)
  const materials = ingredientsOf(batch.puts.flatMap(({ inputs }) => inputs), surroundings.materials).map(({ material }) => material)
  const lies = liesIn(batch.began.answers)
  const rainMm = Array.from({ length: 14 }, (_, ago) =>
    surroundings.weather.rainMm(new Date(surroundings.now.getTime() - ago * 86_400_000)),
  ).reduce((sum, one) => sum + one, 0)
  return {
    mulch, surroundings, materials, dugIn: lies === 'dug-in',
    boundG: Math.max(0, ...materials.map(one => boundNitrogenGM2(one, mulch.plan.wantedM, lies).typical)),
    from: batch.began.answers[FROM], cleared: batch.did.some(({ deed }) => deed === CLEARED), rainMm,
  }
}

/** What may be wrong with a mulch. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, factsOf, causes: CAUSES,
})
