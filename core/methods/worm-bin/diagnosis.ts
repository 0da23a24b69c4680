import { given, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { containerText } from '../../units/container'
import { percentText, quantityText } from '../../units/format'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, RemedyPart, Surroundings, Symptom } from '../contract'
import { diagnosisBy, type Noticing } from '../course'
import { beddingAtHand, dietOf, inHand } from './diet'
import type { WormKind } from './kinds'
import { middleOf } from './forecast'
import { binOn, type BinOnDay } from './now'
import { feedings } from './pockets'
import { CLEARED, LEFT, MOOD, SHELTERED, SMELL, SQUEEZE } from './words'
import { WORM } from './constants'
import { looking } from './looking'

const SYMPTOMS: readonly Symptom[] = [
  { id: 'sour', label: 'Sour, foul smell', group: 'Its smell' },
  { id: 'ammonia', label: 'Sharp smell', group: 'Its smell' },
  { id: 'uneaten', label: 'Feed lies uneaten', group: 'To the eye' },
  { id: 'flies', label: 'Small flies', group: 'To the eye' },
  { id: 'mites', label: 'Mites, white specks', group: 'To the eye' },
  { id: 'ants', label: 'Ants', group: 'To the eye' },
  { id: 'water', label: 'Stands in water', group: 'To the eye' },
  { id: 'climbing', label: 'Worms climb the walls', group: 'The worms' },
  { id: 'ball', label: 'Worms in a ball below', group: 'The worms' },
  { id: 'few', label: 'Few, thin worms', group: 'The worms' },
  { id: 'dust', label: 'Bedding dull and dry', group: 'In the hand' },
  { id: 'warm', label: 'Warm to the hand', group: 'In the hand' },
  { id: 'young', label: 'Small worms, cocoons', group: 'The worms', good: 'They multiply: all is well.' },
  {
    id: 'helpers', label: 'Springtails, pot worms, woodlice', group: 'To the eye',
    good: 'They help with the work. Many pot worms mean it is on the sour side: an eggshell.',
  },
]

interface Facts {
  readonly surroundings: Surroundings
  readonly batch: BegunBatch
  readonly symptoms: readonly string[]
  readonly bin: BinOnDay
  readonly kind: WormKind
  readonly fedKgWeek: number
  readonly eatsKgWeek: number
  readonly bareFeeds: number
  readonly feeds: number
  readonly hottestC: number
  readonly coldestC: number
  readonly days: number
}

const remedy = (text: string, parts: readonly RemedyPart[] = [], waterL = 0, deeds: readonly string[] = []): Remedy => ({
  text, parts, waterL, deeds,
})

/** Litres of dry bedding that bring a bin from its moisture to 75 %, a hand at least. */
export function beddingFor({ volumeL, moisture }: Pick<BinOnDay, 'volumeL' | 'moisture'>): number {
  const dryKg = volumeL * 0.11
  const waterKg = dryKg * moisture / (1 - moisture)
  const over = Math.max(0, waterKg - WORM.takesKgKg * dryKg)
  return Math.min(0.6 * volumeL, Math.max(0.12 * volumeL, over / WORM.takesKgKg / WORM.looseBeddingKgL))
}

function bedding({ bin, batch, surroundings }: Facts): RemedyPart[] {
  const material = beddingAtHand(batch, surroundings.spares ?? [], surroundings.materials)
  if (!material) return []
  const { amount } = inHand(material, beddingFor(bin), surroundings)
  const spare = surroundings.spares?.find(one => one.material.id === material.id)
  return [{
    materialId: material.id, short: material.short, amount,
    inStore: spare ? (spare.count * spare.container.volumeL) / amount.container.volumeL : 0,
  }]
}
const named = (parts: readonly RemedyPart[]) =>
  parts.map(({ amount, short }) => `${containerText(amount.count, amount.container)} of ${short}`).join(' and ') || 'dry bedding'

const kilos = ({ units }: Surroundings, kg: number) => quantityText('mass', units, kg, 1)

const CAUSES: readonly PossibleCause<Facts, Remedy>[] = [
  {
    id: 'overfed',
    title: 'It gets more than it eats',
    symptoms: { sour: 0.75, uneaten: 0.9, flies: 0.5, warm: 0.5, climbing: 0.3, mites: 0.4, ammonia: 0.3 },
    weigh: ({ bin, kind, fedKgWeek, eatsKgWeek, surroundings }) => [
      ...given(bin.binC < kind.minC + 6, -1.4, 'It is so cold that they hardly eat anything: that comes first.'),
      ...given(
        bin.backlogDays > 7, 0.9,
        'By what was fed and eaten, '
        + `${bin.backlogDays > 45 ? 'feed for more than six weeks' : `feed for about ${Math.round(bin.backlogDays)} days`} lies there.`,
      ),
      ...given(
        fedKgWeek > 1.2 * eatsKgWeek && bin.binC >= kind.minC + 6, 0.6,
        `Fed about ${kilos(surroundings, fedKgWeek)} a week in the last weeks; at this warmth they eat about `
        + `${kilos(surroundings, eatsKgWeek)}.`,
      ),
      ...given(
        bin.backlogDays < 3 && fedKgWeek <= eatsKgWeek, -0.9,
        `By what was fed only about ${Math.max(0, Math.round(bin.backlogDays))} days of feed lie there.`,
      ),
    ],
    remedy: (facts) => {
      const parts = bedding(facts)
      return remedy(
        `Take out what is foul, work in ${named(parts)} and a spoon of crushed eggshell, and do not feed until the rest is nearly gone: `
        + `${facts.bin.backlogDays > 45 ? 'six weeks or more' : `about ${Math.max(3, Math.round(facts.bin.backlogDays))} days`}. Then `
        + 'about '
        + `${quantityText('volume', facts.surroundings.units, Math.max(0.5, (WORM.prudent * facts.eatsKgWeek) / WORM.scraps.kgL), 1)} `
        + 'a '
        + 'week.',
        parts, 0, [CLEARED],
      )
    },
  },
  {
    id: 'wet', title: 'It is too wet', symptoms: { water: 0.95, sour: 0.5, climbing: 0.6, flies: 0.3 },
    weigh: ({ bin, symptoms, feeds, bareFeeds }) => [
      ...given(symptoms.includes('water'), 0.8, 'Water stands in it.'),
      ...given(bin.moisture > 0.82, 0.7, `By what went in it holds ${percentText(bin.moisture)} water; they like 70 to 80.`),
      ...given(feeds > 2 && bareFeeds > feeds / 2, 0.3, `${bareFeeds} of the last ${feeds} feeds went in without bedding.`),
      ...given(
        bin.moisture < 0.75 && !symptoms.includes('water'), -0.9, `By what went in it holds only ${percentText(bin.moisture)} water.`,
      ),
    ],
    remedy: (facts) => {
      const parts = bedding(facts)
      return remedy(
        `Open the drain, lift it with a fork, work in ${named(parts)}, dry; lid ajar for two days. No melon or cucumber for a while.`,
        parts,
      )
    },
  },
  {
    id: 'dry', title: 'It is too dry', symptoms: { dust: 0.95, ants: 0.8, few: 0.5, ball: 0.5 },
    weigh: ({ bin, symptoms }) => [
      ...given(symptoms.includes('dust'), 0.8, 'It was dry in the hand.'),
      ...given(
        bin.moisture < 0.6, 0.8, `By what went in it holds ${percentText(bin.moisture)} water; below 60 they hide, below 45 they die.`,
      ),
      ...given(bin.moisture > 0.72 && !symptoms.includes('dust'), -0.9, `By what went in it holds ${percentText(bin.moisture)} water.`),
    ],
    remedy: ({ bin, surroundings: { units } }) => {
      const dryKg = bin.volumeL * 0.11
      const litres = Math.max(0.5, Math.round(2 * dryKg * (3 - Math.min(0.6, bin.moisture) / (1 - Math.min(0.6, bin.moisture)))) / 2)
      return remedy(
        `${quantityText('volume', units, litres, 1)} of water over a day, little by little; wet sacking on top, the next scraps juicy.`,
        [], litres,
      )
    },
  },
  {
    id: 'hot', title: 'It is too hot', symptoms: { ball: 0.85, warm: 0.8, few: 0.4, climbing: 0.3, uneaten: 0.3 },
    weigh: ({ bin, kind, hottestC, surroundings: { units }, symptoms }) => [
      ...given(
        bin.binC > kind.bestHighC + 2, 0.9,
        `By the weather and the feed it is about ${quantityText('temperature', units, bin.binC)} in the bedding.`,
      ),
      ...given(
        hottestC > kind.maxC - 4, 0.5, `The air reached ${quantityText('temperature', units, hottestC)} on the mean of a day lately.`,
      ),
      ...given(symptoms.includes('warm') && bin.backlogDays > 6, 0.5, 'Much feed lies in it: it heats by itself, as a heap does.'),
      ...given(
        bin.binC < kind.bestHighC - 3 && !symptoms.includes('warm'), -1,
        `By the weather it is about ${quantityText('temperature', units, bin.binC)} in the bedding.`,
      ),
    ],
    remedy: () =>
      remedy(
        'Into deep shade or the cellar at once, lid ajar, wet sacking over it; take out fresh grass, manure and what lies in lumps. No '
        + 'feed for a week.',
        [], 0, [SHELTERED],
      ),
  },
  {
    id: 'cold', title: 'It is too cold', symptoms: { uneaten: 0.7, few: 0.5 },
    weigh: ({ bin, kind, coldestC, surroundings: { units } }) => [
      ...given(
        bin.binC < kind.minC + 6, 0.9,
        `By the weather it is about ${quantityText('temperature', units, bin.binC)} in the bedding: they hardly eat below `
        + `${quantityText('temperature', units, kind.minC + 6)}.`,
      ),
      ...given(coldestC < kind.diesBelowC + 1, 0.3, `It was down to ${quantityText('temperature', units, coldestC)} on the mean of a day.`),
      ...given(bin.binC > kind.minC + 8, -1.2, `It is about ${quantityText('temperature', units, bin.binC)} in the bedding: warm enough.`),
    ],
    remedy: () =>
      remedy('Indoors, or straw and sacking all round; feed a third, chopped, in one place. In spring they go on.', [], 0, [SHELTERED]),
  },
  {
    id: 'uncovered', title: 'Feed lies uncovered', symptoms: { flies: 0.85, mites: 0.4 },
    weigh: ({ feeds, bareFeeds }) => [
      ...given(bareFeeds > 0, 0.3 + bareFeeds / Math.max(1, feeds), `${bareFeeds} of the last ${feeds} feeds went in without a cover.`),
      ...given(feeds > 0 && bareFeeds === 0, -0.6, `All of the last ${feeds} feeds were covered.`),
    ],
    remedy: (facts) => {
      const parts = bedding(facts)
      return remedy(
        `Bury what lies open and lay ${named(parts)} over it, then a sheet of wet newspaper. Freeze fruit for a day before it goes in: `
        + 'that kills the eggs.',
        parts,
      )
    },
  },
  {
    id: 'rich', title: 'Something too rich in nitrogen', symptoms: { ammonia: 0.9 },
    weigh: ({ batch }) => [
      ...given(
        feedings(batch)
          .slice(-6)
          .some(({ inputs }) => inputs.some(({ materialId }) => /grass|manure/.test(materialId))),
        0.8,
        'Grass or manure was fed lately.',
      ),
      ...given(feedings(batch).length === 0, -0.5, 'Nothing was fed yet.'),
    ],
    remedy: (facts) => {
      const parts = bedding(facts)
      return remedy(
        `Out with it; ${named(parts)} in its place. Grass and manure rot for two weeks outside before worms get them.`, parts, 0,
        [CLEARED],
      )
    },
  },
  {
    id: 'new', title: 'They have not settled yet', symptoms: { climbing: 0.6, few: 0.3 },
    weigh: ({ days }) => [
      ...given(days < 14, 0.8, `They came in ${Math.max(0, Math.round(days))} days ago at most.`),
      ...given(days > 40, -1, 'They have been in for weeks.'),
    ],
    remedy: () => remedy('A lamp over the open lid for two or three nights; little feed. They stay when the bedding smells of home.'),
  },
  {
    id: 'hungry', title: 'They are hungry', symptoms: { few: 0.7 },
    weigh: ({ bin, fedKgWeek, eatsKgWeek, surroundings }) => [
      ...given(
        bin.backlogDays < 1 && fedKgWeek < 0.5 * eatsKgWeek, 0.8,
        `Fed about ${kilos(surroundings, fedKgWeek)} a week, and they would eat about ${kilos(surroundings, eatsKgWeek)}.`,
      ),
      ...given(bin.backlogDays > 4, -1, `Feed for about ${Math.round(bin.backlogDays)} days lies there.`),
    ],
    remedy: ({ batch, surroundings }) =>
      remedy(
        `About ${quantityText('volume', surroundings.units, dietOf(batch, surroundings)?.weekL ?? 1, 1)} a week in two or three goes, `
        + 'buried and covered.',
      ),
  },
]

function factsOf(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined {
  const [bin, middle] = [binOn(batch, surroundings), middleOf(batch, surroundings)]
  if (!bin || !middle) return undefined
  const { question } = middle
  const recent = question.feeds.filter(({ day }) => question.nowDay - day < WORM.looksBackDays)
  const weeks = Math.min(WORM.looksBackDays, Math.max(7, question.nowDay)) / 7
  const puts = feedings(batch).filter(({ at }) => daysBetween(at, surroundings.now) < WORM.looksBackDays)
  const today = Math.floor(question.nowDay)
  const lately = Array.from({ length: 10 }, (_, back) => question.airC[Math.max(0, today - back)] ?? 12)
  return {
    surroundings,
    batch,
    symptoms,
    bin,
    kind: question.kind,
    fedKgWeek: recent.reduce((sum, { dryKg, waterKg }) => sum + dryKg + waterKg, 0) / weeks,
    eatsKgWeek: 7 * bin.appetiteKg,
    feeds: puts.length, bareFeeds: puts.filter(({ inputs }) => inputs.every(({ role }) => role === 'feed')).length,
    hottestC: Math.max(...lately), coldestC: Math.min(...lately), days: bin.day,
  }
}

const NOTICED: Noticing = {
  [SMELL]: { sour: 'sour', ammonia: 'ammonia' },
  [LEFT]: { most: 'uneaten' },
  [MOOD]: { climbing: 'climbing', ball: 'ball', few: 'few', young: 'young' },
  [SQUEEZE]: { dust: 'dust', wet: 'water' },
}

/** What may be wrong with worms. */
export const diagnosis: Diagnosis = diagnosisBy<Facts>({
  symptoms: SYMPTOMS, looking, noticing: NOTICED, factsOf, causes: CAUSES,
})
